import { chakra } from '@chakra-ui/react'
import { CornerDownLeft, Equal, LifeBuoy, MoveUpRight, RotateCcw, UnfoldHorizontal } from 'lucide-react'
import type { Decision } from '../api'

const SIGN = {
  MOVE_ON: MoveUpRight,
  STAY: Equal,
  STAY_HARDER: UnfoldHorizontal,
  STEP_BACK: CornerDownLeft,
  REOPEN: RotateCcw,
  GET_HELP: LifeBuoy,
}

const COLOUR: Record<Decision, string> = {
  MOVE_ON: 'good',
  STAY: 'ink',
  STAY_HARDER: 'good',
  STEP_BACK: 'warn',
  REOPEN: 'warn',
  GET_HELP: 'warn',
}

/** A decision's shape; its word stands beside it. */
export function DecisionSign({ decision }: { decision: Decision }) {
  const Sign = SIGN[decision]
  return (
    <chakra.span
      display="inline-grid"
      placeItems="center"
      width="34px"
      height="34px"
      flexShrink={0}
      borderRadius={decision === 'STAY' ? '6px' : '999px'}
      background={COLOUR[decision]}
      color="card"
      aria-hidden
    >
      <Sign size={20} strokeWidth={2.6} />
    </chakra.span>
  )
}

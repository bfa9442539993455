import { chakra } from '@chakra-ui/react'
import { CornerDownLeft, Equal, LifeBuoy, MoveUpRight } from 'lucide-react'
import type { Decision } from '../api'

const SIGN = { MOVE_ON: MoveUpRight, STAY: Equal, STEP_BACK: CornerDownLeft, GET_HELP: LifeBuoy }

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
      background={decision === 'MOVE_ON' ? 'good' : decision === 'STAY' ? 'ink' : 'warn'}
      color="card"
      aria-hidden
    >
      <Sign size={20} strokeWidth={2.6} />
    </chakra.span>
  )
}

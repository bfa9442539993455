import { chakra, Flex } from '@chakra-ui/react'
import { ChevronRight, CornerDownLeft } from 'lucide-react'
import { memo } from 'react'
import type { Plan, RungForRide } from '../api'
import { clock, useText } from '../text'
import { Button, SideLetter, useNow } from '../ui'
import type { RiddenSegment } from '../capture'
import { riddenIn } from './planned'
import type { PlannedTurn } from './planned'

interface PlanLineProps {
  plan: Plan
  turns: PlannedTurn[]
  at: number
  /** When the turn that is ridden was begun; null while none is. */
  turnFromMs: number | null
  offsetMs: number
  mounted: RiddenSegment['mounted']
  rungs: RungForRide[]
  onChange: (change: Partial<RiddenSegment>) => void
}

/** Where in the plan we are: what is left of this turn, what comes next, and the way back, each one touch away. */
export const PlanLine = memo(function PlanLine(props: PlanLineProps) {
  const { plan, turns, at, turnFromMs, offsetMs, mounted, rungs, onChange } = props
  const { t } = useText()
  const now = turns[at]
  const next = turns[at + 1]
  const wayBack = now && plan.blocks[now.block]?.wayBack
  const nowMs = useNow(offsetMs)
  const turnMs = turnFromMs === null ? 0 : Math.max(0, nowMs - turnFromMs)
  const leftMs = now ? now.seconds * 1000 - turnMs : 0
  const isOver = now !== undefined && leftMs <= 0
  return (
    <Flex gap="1.5" align="stretch">
      {wayBack && rungs.some((r) => r.rung === wayBack.rung) && (
        <Button
          paddingX="3"
          flexShrink={0}
          aria-label={t('ride.wayBack', { name: wayBack.name })}
          title={t('ride.wayBack', { name: wayBack.name })}
          onClick={() => onChange({ exercise: wayBack.exercise, gait: wayBack.gait, place: wayBack.place })}
        >
          <CornerDownLeft size={20} aria-hidden />
        </Button>
      )}
      <Button
        look={isOver ? 'live' : 'act'}
        flex="1"
        minWidth="0"
        justifyContent="flex-start"
        disabled={!next}
        data-turn={at}
        onClick={() => next && onChange(riddenIn(next, mounted))}
      >
        {isOver && next ? (
          // what is asked for now takes the whole key: the name of what comes would be cut off beside it
          <chakra.span flex="1" truncate>
            {next.block === now.block ? t('ride.turnOver') : t('ride.nowOn', { exercise: next.of.shortName })}
          </chakra.span>
        ) : (
          <>
            <chakra.span fontVariantNumeric="tabular-nums" flexShrink={0}>
              {now && !isOver && clock(leftMs)}
            </chakra.span>
            <chakra.span flex="1" truncate textAlign="right" fontWeight="500">
              {next ? (
                <>
                  {t('ride.next')}{' '}
                  <b>{next.block === now?.block ? t(`Rein.${next.rein}`) : next.of.shortName}</b>
                </>
              ) : (
                t('ride.planDone')
              )}
            </chakra.span>
          </>
        )}
        {next && <SideLetter side={next.rein} size="1.4em" />}
        {next && <ChevronRight size={20} aria-hidden />}
      </Button>
    </Flex>
  )
})

import { chakra } from '@chakra-ui/react'
import { useText } from '../text'
import type { Plan, PlanBlock } from '../api'
import { SIDE } from '../ui'
import { minutes } from './minutes'

const BOX = { width: 1000, half: 44, label: 26, gap: 2 }

interface TimeLineProps {
  plan: Plan
  selected: number
  onSelect: (block: number) => void
}

/** The lesson along one line, to scale: turns on the left rein above the middle, on the right below, rests between. */
export function TimeLine({ plan, selected, onSelect }: TimeLineProps) {
  const { t } = useText()
  const total = plan.beforeS + plan.workS + plan.restS + plan.afterS
  const x = (seconds: number) => (seconds / total) * BOX.width
  const height = 2 * BOX.half + BOX.label
  return (
    <chakra.svg
      viewBox={`0 0 ${BOX.width} ${height}`}
      width="100%"
      role="group"
      aria-label={t('plan.timeline')}
    >
      <chakra.rect y={BOX.half - 3} width={x(plan.beforeS) - 2} height="6" fill="line" rx="3" />
      {laidOut(plan).map(({ block, fromS, turns }, i) => (
        <chakra.g
          key={`${i}.${block.of.rung}`}
          role="button"
          tabIndex={0}
          aria-pressed={i === selected}
          aria-label={t('plan.blockName', {
            short: block.of.shortName,
            name: block.of.name,
            minutes: minutes(block.workS),
          })}
          cursor="pointer"
          onClick={() => onSelect(i)}
          onKeyDown={(e: React.KeyboardEvent) => {
            if (e.key === 'Enter' || e.key === ' ') {
              e.preventDefault()
              onSelect(i)
            }
          }}
        >
          <chakra.rect
            x={x(fromS) - 2}
            width={x(block.workS + block.restS)}
            height={2 * BOX.half}
            fill={i === selected ? 'live' : 'sunken'}
            opacity={i === selected ? 0.45 : 1}
            rx="6"
          />
          {turns.map(({ side, startS, seconds }, k) => (
            <rect
              key={k}
              x={x(startS)}
              y={side === 'LEFT' ? 6 : BOX.half + BOX.gap}
              width={Math.max(3, x(seconds))}
              height={BOX.half - 6 - BOX.gap}
              rx={side === 'LEFT' ? 2 : 8}
              fill={`url(#${SIDE[side].pattern})`}
            />
          ))}
          <chakra.text
            x={x(fromS) + 2}
            y={height - 6}
            fontSize="17px"
            fontWeight={i === selected ? '800' : '500'}
            fill="ink"
          >
            {labelOf(block, x(block.workS + block.restS))}
          </chakra.text>
        </chakra.g>
      ))}
      <chakra.rect
        x={x(total - plan.afterS)}
        y={BOX.half - 3}
        width={x(plan.afterS)}
        height="6"
        fill="line"
        rx="3"
      />
    </chakra.svg>
  )
}

/** About so wide is a letter of the label, in drawing units. */
const LETTER = 10

/** The short name and its minutes where there is room, else the minutes alone. */
function labelOf(block: PlanBlock, width: number): string {
  const long = `${block.of.shortName} ${minutes(block.workS)}`
  return long.length * LETTER <= width ? long : minutes(block.workS)
}

/** Where each block and turn begins, in seconds; a round's rest lies behind each of its turns. */
function laidOut(plan: Plan) {
  return plan.blocks.map((block, i) => {
    const before = plan.blocks.slice(0, i).reduce((sum, b) => sum + b.workS + b.restS, plan.beforeS)
    const restS = block.restS / block.turns.length
    const turns = block.turns.map((turn, k) => ({
      side: turn.rein === 'RIGHT' ? ('RIGHT' as const) : ('LEFT' as const),
      seconds: turn.seconds,
      startS: block.turns.slice(0, k).reduce((sum, b) => sum + b.seconds + restS, before),
    }))
    return { block, fromS: before, turns }
  })
}

import { Box, chakra, Flex, useMediaQuery } from '@chakra-ui/react'
import type { RungHistory } from '../api'
import { dayShort, isoOf, percent, useText } from '../text'
import { useMe } from '../session'
import { Quiet, SIDE, SideLetter } from '../ui'
import type { OneSide } from '../ui'

type Point = RungHistory['points'][number]

const HALF = 76
const GAP = 9
const LANE = 24
const EDGE = { left: 24, right: 44, top: 4, bottom: 22 }
const SIDES = ['LEFT', 'RIGHT'] as const

/** One rung over months: left above the middle, right below it, mirrored; beneath, the days at home and the decisions. */
export function RungStrip({ history }: { history: RungHistory }) {
  const { t } = useText()
  const { timeZone } = useMe()
  const [isWide = false] = useMediaQuery(['(min-width: 48rem)'], { ssr: false })
  const { points, homework, decisions } = history
  const first = points[0]
  const last = points.at(-1)
  if (!first || !last) return null
  const width = isWide ? 860 : 340
  const times = [...points, ...homework, ...decisions].map((p) => Date.parse(p.at))
  const from = Math.min(...times)
  const span = Math.max(1, Math.max(...times) - from)
  const x = (at: string) =>
    EDGE.left + 6 + ((Date.parse(at) - from) / span) * (width - EDGE.left - EDGE.right - 12)
  const middle = EDGE.top + HALF + GAP
  const lanes = middle + HALF + GAP + 12
  const height = lanes + 2 * LANE + EDGE.bottom
  return (
    <Box>
      <Flex gap="5" wrap="wrap" marginBottom="2">
        {SIDES.map((side) => (
          <Flex key={side} gap="2" align="center">
            <SideLetter side={side} />
            <span>{sideInWords(t, last, side)}</span>
          </Flex>
        ))}
      </Flex>
      <chakra.svg
        viewBox={`0 0 ${String(width)} ${String(height)}`}
        width="100%"
        role="img"
        aria-label={t('history.strip', { count: points.length })}
      >
        {SIDES.map((side) => (
          <Side key={side} points={points} side={side} x={x} middle={middle} width={width} />
        ))}
        <chakra.line
          x1={EDGE.left}
          x2={width - EDGE.right}
          y1={middle}
          y2={middle}
          stroke="ink"
          strokeWidth="1.5"
        />
        {homework.map((h) => (
          <HomeworkMark key={h.at} feel={h.feel} x={x(h.at)} y={lanes + 8} />
        ))}
        {decisions.map((d) => (
          <DecisionMark key={d.at} chosen={d.chosen} x={x(d.at)} y={lanes + LANE + 8} />
        ))}
        <chakra.text x={EDGE.left} y={height - 5} fontSize="12px" fill="quiet">
          {dayShort(isoOf(from), timeZone)}
        </chakra.text>
        <chakra.text x={width - EDGE.right} y={height - 5} fontSize="12px" fill="quiet" textAnchor="end">
          {dayShort(isoOf(from + span), timeZone)}
        </chakra.text>
      </chakra.svg>
      <Quiet>
        {t('history.legend')}
        {homework.length > 0 && ` ${t('history.legendHomework')}`}
        {decisions.length > 0 && ` ${t('history.legendDecisions')}`}
      </Quiet>
    </Box>
  )
}

function sideInWords(t: ReturnType<typeof useText>['t'], last: Point, side: OneSide): string {
  const of = side === 'LEFT' ? last.left : last.right
  return of.asksTogether === 0
    ? t('debrief.notRiddenRein')
    : `${t('debrief.ofAsks', { yes: of.yesTogether, asks: of.asksTogether })} ${t('debrief.yes')}, ${t(
        'debrief.interval',
        { low: percent(of.low), high: percent(of.high) },
      )}`
}

interface SideProps {
  points: Point[]
  side: OneSide
  x: (at: string) => number
  middle: number
  width: number
}

/** Single lessons as marks, three together as a line with its interval behind; outwards is better. */
function Side({ points, side, x, middle, width }: SideProps) {
  const out = side === 'LEFT' ? -1 : 1
  const y = (share: number) => middle + out * (GAP + share * HALF)
  const asked = points.flatMap((p) => {
    const of = side === 'LEFT' ? p.left : p.right
    return of.asks > 0 ? [{ at: p.at, ...of }] : []
  })
  const at = (p: { at: string }, share: number) => `${x(p.at).toFixed(1)},${y(share).toFixed(1)}`
  const { color, soft, letter } = SIDE[side]
  return (
    <g aria-hidden>
      <chakra.line x1={EDGE.left} x2={width - EDGE.right} y1={y(1)} y2={y(1)} stroke="line" />
      <chakra.line
        x1={EDGE.left}
        x2={width - EDGE.right}
        y1={y(0.5)}
        y2={y(0.5)}
        stroke="line"
        strokeDasharray="3 5"
      />
      <chakra.text x={width} y={y(1) + 4} fontSize="11px" fill="quiet" textAnchor="end">
        100 %
      </chakra.text>
      <chakra.polygon
        points={[...asked.map((p) => at(p, p.high)), ...asked.toReversed().map((p) => at(p, p.low))].join(
          ' ',
        )}
        fill={soft}
        opacity="0.6"
      />
      <chakra.polyline
        points={asked.map((p) => at(p, p.yesTogether / p.asksTogether)).join(' ')}
        fill="none"
        stroke={color}
        strokeWidth="3"
        strokeDasharray={side === 'LEFT' ? undefined : '1 5'}
        strokeLinecap="round"
        strokeLinejoin="round"
      />
      {asked.map((p) =>
        side === 'LEFT' ? (
          <chakra.rect
            key={p.at}
            x={x(p.at) - 3}
            y={y(p.yes / p.asks) - 3}
            width="6"
            height="6"
            fill={color}
          />
        ) : (
          <chakra.circle key={p.at} cx={x(p.at)} cy={y(p.yes / p.asks)} r="3.2" fill={color} />
        ),
      )}
      <chakra.text x="2" y={y(0.5) + 5} fontSize="14px" fontWeight="800" fill={color}>
        {letter}
      </chakra.text>
    </g>
  )
}

interface HomeworkMarkProps {
  feel: RungHistory['homework'][number]['feel']
  x: number
  y: number
}

/** Full: easy; half: getting there; empty: not yet. */
function HomeworkMark({ feel, x, y }: HomeworkMarkProps) {
  return (
    <g aria-hidden>
      <chakra.circle
        cx={x}
        cy={y}
        r="4"
        fill={feel === 'EASY' ? 'ink' : 'card'}
        stroke="ink"
        strokeWidth="1.5"
      />
      {feel === 'GETTING_THERE' && (
        <chakra.path
          d={`M ${String(x)} ${String(y - 4)} A 4 4 0 0 1 ${String(x)} ${String(y + 4)} Z`}
          fill="ink"
        />
      )}
    </g>
  )
}

interface DecisionMarkProps {
  chosen: RungHistory['decisions'][number]['chosen']
  x: number
  y: number
}

/** Up: moved on; down: a step back or help; a bar: stayed. */
function DecisionMark({ chosen, x, y }: DecisionMarkProps) {
  const d =
    chosen === 'MOVE_ON'
      ? `M ${String(x - 5)} ${String(y + 4)} L ${String(x)} ${String(y - 5)} L ${String(x + 5)} ${String(y + 4)} Z`
      : chosen === 'STAY' || chosen === 'STAY_HARDER'
        ? `M ${String(x - 5)} ${String(y - 1.5)} h 10 v 3 h -10 Z`
        : `M ${String(x - 5)} ${String(y - 4)} L ${String(x)} ${String(y + 5)} L ${String(x + 5)} ${String(y - 4)} Z`
  return (
    <chakra.path
      d={d}
      fill={chosen === 'MOVE_ON' ? 'good' : chosen === 'STAY' || chosen === 'STAY_HARDER' ? 'ink' : 'warn'}
      aria-hidden
    />
  )
}

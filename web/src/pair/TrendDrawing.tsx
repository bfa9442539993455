import { Box, chakra, Flex } from '@chakra-ui/react'
import type { TrendPoint } from '../api'
import { dayShort, percent, useText } from '../text'
import { Quiet, SIDE, SideLetter } from '../ui'
import type { OneSide } from '../ui'

const BOX = { width: 640, height: 236, left: 40, right: 12, top: 12, bottom: 30 }
const SIDES = ['LEFT', 'RIGHT'] as const
const LEVELS = [0, 0.25, 0.5, 0.75, 1]

/** YES on each rein over time: single lessons as marks, three together as a line. */
export function TrendDrawing({ points, timeZone }: { points: TrendPoint[]; timeZone: string }) {
  const { t } = useText()
  const first = points[Math.min(2, points.length - 1)]
  const last = points.at(-1)
  if (!first || !last || points.length < 2) return <chakra.p color="quiet">{t('pair.trendShort')}</chakra.p>
  // after years a mark is several lessons, and three marks are not three lessons
  const areMany = points.some((p) => p.lessons > 1)
  const from = Date.parse(points[0]?.at ?? last.at)
  const span = Math.max(1, Date.parse(last.at) - from)
  const x = (p: TrendPoint) =>
    BOX.left + ((Date.parse(p.at) - from) / span) * (BOX.width - BOX.left - BOX.right)
  const y = (share: number) => BOX.top + (1 - share) * (BOX.height - BOX.top - BOX.bottom)
  return (
    <Box>
      <Flex gap="6" wrap="wrap" marginBottom="3">
        {SIDES.map((side) => (
          <Flex key={side} align="center" gap="2">
            <SideLetter side={side} />
            <chakra.span fontVariantNumeric="tabular-nums">
              {togetherPercent(first, side)} %{' '}
              <chakra.span color="quiet">{t(areMany ? 'pair.trendThenMany' : 'pair.trendThen')}</chakra.span>{' '}
              → <chakra.b>{togetherPercent(last, side)} %</chakra.b>{' '}
              <chakra.span color="quiet">{t(areMany ? 'pair.trendNowMany' : 'pair.trendNow')}</chakra.span>
            </chakra.span>
          </Flex>
        ))}
      </Flex>
      <chakra.svg
        viewBox={`0 0 ${BOX.width} ${BOX.height}`}
        width="100%"
        role="img"
        aria-label={t('pair.trend')}
      >
        {LEVELS.map((level) => (
          <g key={level}>
            <chakra.line
              x1={BOX.left}
              x2={BOX.width - BOX.right}
              y1={y(level)}
              y2={y(level)}
              stroke="line"
              strokeWidth="1"
            />
            <chakra.text x={BOX.left - 8} y={y(level) + 5} textAnchor="end" fontSize="13px" fill="quiet">
              {percent(level)}
            </chakra.text>
          </g>
        ))}
        <chakra.text x={BOX.left} y={BOX.height - 8} fontSize="13px" fill="quiet">
          {dayShort(points[0]?.at ?? last.at, timeZone)}
        </chakra.text>
        <chakra.text
          x={BOX.width - BOX.right}
          y={BOX.height - 8}
          fontSize="13px"
          fill="quiet"
          textAnchor="end"
        >
          {dayShort(last.at, timeZone)}
        </chakra.text>
        {SIDES.map((side) => (
          <SideLine key={side} side={side} points={points} x={x} y={y} />
        ))}
      </chakra.svg>
      {points.some((p) => p.left.tallied + p.right.tallied > 0) && <Quiet>{t('pair.trendTallied')}</Quiet>}
    </Box>
  )
}

function sideOf(p: TrendPoint, side: OneSide) {
  return side === 'LEFT' ? p.left : p.right
}

function togetherPercent(p: TrendPoint, side: OneSide): string {
  const { yesTogether, asksTogether } = sideOf(p, side)
  return asksTogether === 0 ? '–' : percent(yesTogether / asksTogether)
}

interface SideLineProps {
  side: OneSide
  points: TrendPoint[]
  x: (p: TrendPoint) => number
  y: (share: number) => number
}

function SideLine({ side, points, x, y }: SideLineProps) {
  const asked = points.filter((p) => sideOf(p, side).asksTogether > 0)
  const path = asked
    .map(
      (p) => `${x(p).toFixed(1)},${y(sideOf(p, side).yesTogether / sideOf(p, side).asksTogether).toFixed(1)}`,
    )
    .join(' ')
  const { color } = SIDE[side]
  return (
    <g>
      <chakra.polyline
        points={path}
        fill="none"
        stroke={color}
        strokeWidth="4"
        strokeLinejoin="round"
        strokeDasharray={side === 'RIGHT' ? '1 7' : undefined}
        strokeLinecap="round"
      />
      {points
        .filter((p) => sideOf(p, side).asks > 0)
        .map((p) => {
          const { yes, asks, tallied } = sideOf(p, side)
          const mark =
            tallied > 0 ? { fill: 'card', stroke: color, strokeWidth: '2' } : { fill: color, opacity: '0.45' }
          const cy = y(yes / asks)
          return side === 'LEFT' ? (
            <chakra.rect key={p.lesson} x={x(p) - 4} y={cy - 4} width="8" height="8" {...mark} />
          ) : (
            <chakra.circle key={p.lesson} cx={x(p)} cy={cy} r="4.5" {...mark} />
          )
        })}
    </g>
  )
}

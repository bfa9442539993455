import { Box, chakra, Flex } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { queries } from '../api'
import type { LagsOfGait } from '../api'
import { useMe } from '../session'
import { dayShort, isoOf, percent, useText, wordIn } from '../text'
import { Card, CardTitle, Quiet, SIDE, SideLetter } from '../ui'
import type { OneSide } from '../ui'
import { FOUR_BEATS } from './footfalls'

const BOX = { width: 640, height: 240, left: 44, right: 12, top: 12, bottom: 30 }
const SIDES = ['LEFT', 'RIGHT'] as const

/** From a pace to a trot, as shares of the stride. */
const LEVELS = [0, 0.25, 0.5]

/** How far apart the two feet of each side landed, from the first clip that was marked to the last; nothing where none was. */
export function LagHistory({ pair }: { pair: string }) {
  const { t } = useText()
  const lags = useQuery(queries.lags(pair))
  if (!lags.data || lags.data.gaits.length === 0) return null
  return (
    <Card as="section" data-lag-history>
      <CardTitle>{t('lags.title')}</CardTitle>
      <Quiet>{t('lags.lead')}</Quiet>
      {lags.data.gaits.map((of) => (
        <OfGait key={of.gait ?? ''} of={of} />
      ))}
    </Card>
  )
}

function OfGait({ of }: { of: LagsOfGait }) {
  const { t } = useText()
  const gait = of.gait === null ? t('lags.notLinked') : wordIn(t, 'gait', of.gait)
  return (
    <Box marginTop="4">
      <chakra.h3 fontFamily="body" fontWeight="700" _firstLetter={{ textTransform: 'uppercase' }}>
        {gait}
      </chakra.h3>
      {SIDES.map((side) => (
        <ChangeOfLag key={side} of={of} side={side} />
      ))}
      {of.points.length > 1 && <Drawing of={of} label={t('lags.drawing', { gait })} />}
    </Box>
  )
}

function lagOf<T>(of: { left: T; right: T }, side: OneSide): T {
  return side === 'LEFT' ? of.left : of.right
}

function ChangeOfLag({ of, side }: { of: LagsOfGait; side: OneSide }) {
  const { t } = useText()
  const moved = lagOf(of, side)
  const only = of.points.map((p) => lagOf(p, side)).find((lag) => lag !== null)
  if (!only) return null
  return (
    <Flex gap="2" align="start" marginTop="1.5">
      <SideLetter side={side} />
      {moved === null ? (
        <span>
          <b>{percent(only.share)} %</b>: {t('lags.once')}
        </span>
      ) : (
        <span>
          {percent(moved.first.share)} % → <b>{percent(moved.last.share)} %</b>: {t(`lags.${moved.way}`)}
        </span>
      )}
    </Flex>
  )
}

/** Each time as a mark with its interval; four clear beats are the band in the middle. */
function Drawing({ of, label }: { of: LagsOfGait; label: string }) {
  const { t } = useText()
  const { timeZone } = useMe()
  const times = of.points.map((p) => Date.parse(p.at))
  const from = Math.min(...times)
  const span = Math.max(1, Math.max(...times) - from)
  const x = (at: string) =>
    BOX.left + 12 + ((Date.parse(at) - from) / span) * (BOX.width - BOX.left - BOX.right - 24)
  const highs = of.points.flatMap((p) => [p.left?.high ?? 0, p.right?.high ?? 0])
  const lows = of.points.flatMap((p) => [p.left?.low ?? 0, p.right?.low ?? 0])
  const top = Math.max(0.55, ...highs)
  const bottom = Math.min(-0.03, ...lows)
  const y = (share: number) =>
    BOX.top + ((top - share) / (top - bottom)) * (BOX.height - BOX.top - BOX.bottom)
  const ends = [Math.min(...times), Math.max(...times)].map((ms) => dayShort(isoOf(ms), timeZone))
  return (
    <chakra.svg
      viewBox={`0 0 ${BOX.width} ${BOX.height}`}
      width="100%"
      maxWidth="44rem"
      marginTop="2"
      role="img"
      aria-label={label}
    >
      <chakra.rect
        x={BOX.left}
        width={BOX.width - BOX.left - BOX.right}
        y={y(FOUR_BEATS.below)}
        height={y(FOUR_BEATS.from) - y(FOUR_BEATS.below)}
        fill="sunken"
      />
      <chakra.text
        x={(BOX.left + BOX.width - BOX.right) / 2}
        y={y(FOUR_BEATS.below) + 15}
        textAnchor="middle"
        fontSize="13px"
        fill="quiet"
      >
        {t('lags.band')}
      </chakra.text>
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
            {percent(level)} %
          </chakra.text>
        </g>
      ))}
      {ends.map((day, i) => (
        <chakra.text
          key={i}
          x={i === 0 ? BOX.left : BOX.width - BOX.right}
          y={BOX.height - 8}
          fontSize="13px"
          fill="quiet"
          textAnchor={i === 0 ? 'start' : 'end'}
        >
          {day}
        </chakra.text>
      ))}
      {SIDES.map((side) => (
        <Marks key={side} of={of} side={side} x={x} y={y} />
      ))}
    </chakra.svg>
  )
}

interface MarksProps {
  of: LagsOfGait
  side: OneSide
  x: (at: string) => number
  y: (share: number) => number
}

function Marks({ of, side, x, y }: MarksProps) {
  const { color } = SIDE[side]
  // left and right of one clip stand beside each other, not over each other
  const off = side === 'LEFT' ? -5 : 5
  return of.points.map((p, i) => {
    const lag = lagOf(p, side)
    if (lag === null) return null
    const cx = x(p.at) + off
    const cy = y(lag.share)
    return (
      <g key={i}>
        <chakra.line x1={cx} x2={cx} y1={y(lag.low)} y2={y(lag.high)} stroke={color} strokeWidth="2" />
        {side === 'LEFT' ? (
          <chakra.rect x={cx - 5} y={cy - 5} width="10" height="10" fill={color} />
        ) : (
          <chakra.circle cx={cx} cy={cy} r="5.5" fill={color} />
        )}
      </g>
    )
  })
}

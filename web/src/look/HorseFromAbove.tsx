import { chakra } from '@chakra-ui/react'
import { useText } from '../text'
import type { BendPlace, FirstLook } from '../record'
import { SIDE } from '../ui'
import type { OneSide } from '../ui'

/** Degrees a fully supple neck is drawn to, at a score of 4. */
const FULL_DEG = 62
const BASE = { x: 120, y: 128 }
const NECK = 74

/**
 * The horse from above, head up, its left on the left. Each side's neck is drawn as far as it bends, and broken where it
 * bends; a heavy shoulder is a large one. The last look is dashed behind.
 */
export function HorseFromAbove({ look, before }: { look: FirstLook; before: FirstLook | undefined }) {
  const { t } = useText()
  return (
    <chakra.svg viewBox="0 0 240 306" width="100%" role="img" aria-label={t('look.drawing')}>
      <chakra.path
        d="M120 108c26 0 40 16 40 40 0 20-6 34-6 52 0 16 10 26 10 48 0 26-18 42-44 42s-44-16-44-42c0-22 10-32 10-48 0-18-6-32-6-52 0-24 14-40 40-40z"
        fill="sunken"
        stroke="ink"
        strokeWidth="2.5"
      />
      <chakra.path d="M120 150v108" stroke="line" strokeWidth="2" strokeDasharray="3 5" />
      <chakra.path
        d="M120 288c-7 8 6 10-2 17"
        stroke="ink"
        strokeWidth="4"
        fill="none"
        strokeLinecap="round"
      />
      <chakra.path
        d="M92 186c8-14 48-14 56 0l4 24c-12 12-52 12-64 0z"
        fill="card"
        stroke="ink"
        strokeWidth="2"
      />
      <Shoulder side="LEFT" look={look} />
      <Shoulder side="RIGHT" look={look} />
      {before && <Neck side="LEFT" look={before} isGhost />}
      {before && <Neck side="RIGHT" look={before} isGhost />}
      <StraightNeck isFaint={look.bendLeft !== undefined || look.bendRight !== undefined} />
      <Neck side="LEFT" look={look} />
      <Neck side="RIGHT" look={look} />
    </chakra.svg>
  )
}

function StraightNeck({ isFaint }: { isFaint: boolean }) {
  return (
    <g opacity={isFaint ? 0.35 : 1}>
      <chakra.path
        d={`M${BASE.x} ${BASE.y}V${BASE.y - NECK}`}
        stroke="ink"
        strokeWidth="20"
        strokeLinecap="round"
      />
      <Head x={BASE.x} y={BASE.y - NECK} deg={0} color="ink" />
    </g>
  )
}

function Head({ x, y, deg, color }: { x: number; y: number; deg: number; color: string }) {
  return (
    <g transform={`translate(${x} ${y}) rotate(${deg})`}>
      <chakra.path d="M-12 6c-4-12-1-20 2-30 2-9 0-17 10-17s8 8 10 17c3 10 6 18 2 30z" fill={color} />
      <chakra.path d="M-11 0c-4-3-4-8-2-12 3 1 5 4 5 8zM11 0c4-3 4-8 2-12-3 1-5 4-5 8z" fill={color} />
    </g>
  )
}

interface NeckProps {
  side: OneSide
  look: FirstLook
  isGhost?: boolean
}

function Neck({ side, look, isGhost = false }: NeckProps) {
  const score = side === 'LEFT' ? look.bendLeft : look.bendRight
  const place = (side === 'LEFT' ? look.placeLeft : look.placeRight) ?? 'EVEN'
  if (score === undefined) return null
  const sign = side === 'LEFT' ? -1 : 1
  const { path, x, y, deg } = neck(place, sign * (8 + (FULL_DEG - 8) * (score / 4)))
  const { color } = SIDE[side]
  return isGhost ? (
    <chakra.path d={path} stroke={color} strokeWidth="2.5" fill="none" strokeDasharray="4 5" opacity="0.8" />
  ) : (
    <g opacity="0.92">
      <chakra.path d={path} stroke={color} strokeWidth="18" strokeLinecap="round" fill="none" />
      <Head x={x} y={y} deg={deg} color={color} />
    </g>
  )
}

/** The neck's line to the poll, and which way the head points. */
function neck(place: BendPlace, deg: number) {
  const at = (d: number, length: number) => ({
    x: BASE.x + length * Math.sin((d * Math.PI) / 180),
    y: BASE.y - length * Math.cos((d * Math.PI) / 180),
  })
  if (place === 'POLL_ONLY') {
    const poll = at(0, NECK)
    return { path: `M${BASE.x} ${BASE.y}L${poll.x} ${poll.y}`, ...poll, deg }
  }
  if (place === 'BASE_ONLY') {
    const poll = at(deg, NECK)
    return { path: `M${BASE.x} ${BASE.y}L${poll.x} ${poll.y}`, ...poll, deg }
  }
  const poll = at(deg * 0.62, NECK)
  const middle = at(place === 'TWISTED' ? -deg * 0.35 : 0, NECK * 0.55)
  return { path: `M${BASE.x} ${BASE.y}Q${middle.x} ${middle.y} ${poll.x} ${poll.y}`, ...poll, deg: deg * 1.1 }
}

function Shoulder({ side, look }: { side: OneSide; look: FirstLook }) {
  const weight = look.shoulder ?? 0
  const heavy = side === 'LEFT' ? Math.max(0, -weight) : Math.max(0, weight)
  const x = side === 'LEFT' ? 93 : 147
  return (
    <chakra.circle
      cx={x}
      cy="148"
      r={12 + 6 * heavy}
      fill={heavy > 0 ? `url(#${SIDE[side].pattern})` : 'transparent'}
      stroke={heavy > 0 ? SIDE[side].color : 'line'}
      strokeWidth="2"
      strokeDasharray={heavy > 0 ? undefined : '3 4'}
    />
  )
}

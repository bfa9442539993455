import { chakra } from '@chakra-ui/react'
import { useText } from '../text'
import type { FirstLook } from '../record'
import { SIDE } from '../ui'
import type { OneSide } from '../ui'
import {
  BODY,
  BODY_LINE,
  EARS,
  FORELOCK,
  HEAD,
  LEFT_SHOULDER,
  neckOf,
  NOSTRILS,
  SADDLE,
  TAIL,
  WITHERS,
} from './horseFromAbove'
import type { Neck as NeckShape } from './horseFromAbove'

/** Degrees a fully supple neck is drawn to, at a score of 4, and none at all, at 0. */
const FULL_DEG = 62
const LEAST_DEG = 8
const LINE = { stroke: 'ink', strokeWidth: '2.5', strokeLinejoin: 'round' } as const

/**
 * The horse from above. Each side's neck is bent as far as it bends, and where it bends; a heavy shoulder is filled, and larger the
 * heavier it is. The last look stands behind, lighter.
 */
export function HorseFromAbove({ look, before }: { look: FirstLook; before: FirstLook | undefined }) {
  const { t } = useText()
  const isAnySeen = look.bendLeft !== undefined || look.bendRight !== undefined
  return (
    <chakra.svg viewBox="-25 -4 290 332" width="100%" role="img" aria-label={t('look.drawing')}>
      {before && <BentNeck side="LEFT" look={before} isGhost />}
      {before && <BentNeck side="RIGHT" look={before} isGhost />}
      <chakra.path d={TAIL} fill="ink" data-region="tail" />
      <g opacity={isAnySeen ? 0.25 : 1}>
        <HeadAndNeck
          shape={neckOf('EVEN', 0)}
          color={isAnySeen ? 'quiet' : 'sunken'}
          on={isAnySeen ? 'card' : 'ink'}
          isDrawn={!isAnySeen}
        />
      </g>
      <BentNeck side="LEFT" look={look} />
      <BentNeck side="RIGHT" look={look} />
      <chakra.path d={BODY} fill="sunken" data-region="body" />
      <chakra.path d={BODY_LINE} fill="none" {...LINE} />
      <Shoulder side="LEFT" look={look} />
      <Shoulder side="RIGHT" look={look} />
      <chakra.path
        d={`M${WITHERS.x} ${WITHERS.y - 8}V294`}
        stroke="ink"
        strokeWidth="1.5"
        strokeDasharray="2 5"
        strokeLinecap="round"
      />
      <chakra.path d={SADDLE} fill="card" data-region="saddle" {...LINE} />
    </chakra.svg>
  )
}

interface HeadAndNeckProps {
  shape: NeckShape
  color: string
  /** What is drawn on it. */
  on: string
  /** With its line, as the body is. */
  isDrawn?: boolean
}

function HeadAndNeck({ shape, color, on, isDrawn = false }: HeadAndNeckProps) {
  const { x, y, deg } = shape.poll
  const line = isDrawn ? LINE : {}
  return (
    <>
      <g transform={`translate(${x.toFixed(1)} ${y.toFixed(1)}) rotate(${deg.toFixed(1)})`}>
        <chakra.path d={EARS} fill={color} data-region="ears" {...line} />
        <chakra.path d={HEAD} fill={color} data-region="head" {...line} />
        <chakra.path d={NOSTRILS} stroke={on} strokeWidth="2" strokeLinecap="round" />
        <chakra.path d={FORELOCK} fill={on} />
      </g>
      <chakra.path d={shape.outline} fill={color} data-region="neck" />
      {isDrawn && <chakra.path d={shape.sides} fill="none" {...LINE} />}
      <chakra.path
        d={shape.spine}
        stroke={on}
        strokeWidth="3"
        strokeLinecap="round"
        fill="none"
        data-region="mane"
      />
    </>
  )
}

interface BentNeckProps {
  side: OneSide
  look: FirstLook
  isGhost?: boolean
}

function BentNeck({ side, look, isGhost = false }: BentNeckProps) {
  const score = side === 'LEFT' ? look.bendLeft : look.bendRight
  const place = (side === 'LEFT' ? look.placeLeft : look.placeRight) ?? 'EVEN'
  if (score === undefined) return null
  const sign = side === 'LEFT' ? -1 : 1
  const shape = neckOf(place, sign * (LEAST_DEG + (FULL_DEG - LEAST_DEG) * (score / 4)))
  const { color, on } = SIDE[side]
  return (
    <g opacity={isGhost ? 0.22 : 0.94}>
      <HeadAndNeck shape={shape} color={color} on={on} />
    </g>
  )
}

function Shoulder({ side, look }: { side: OneSide; look: FirstLook }) {
  const weight = look.shoulder ?? 0
  const heavy = side === 'LEFT' ? Math.max(0, -weight) : Math.max(0, weight)
  const size = 1 + 0.2 * heavy
  return (
    // about its own middle, and on its own side of the spine
    <g
      transform={`translate(120 163) scale(${side === 'LEFT' ? 1 : -1} 1) translate(-15 0) scale(${size}) translate(-105 -163)`}
    >
      <chakra.path
        d={LEFT_SHOULDER}
        fill={heavy > 0 ? `url(#${SIDE[side].pattern})` : 'transparent'}
        stroke={heavy > 0 ? SIDE[side].color : 'line'}
        strokeWidth="2"
        strokeLinejoin="round"
        data-region={side === 'LEFT' ? 'shoulder-left' : 'shoulder-right'}
      />
    </g>
  )
}

/** How far a neck is bent where nothing was measured: enough to see to which side. */
const SHOWN_DEG = 34

/**
 * The horse from above as part of a drawing in metres: its withers at the origin, looking up the page, bent by so many degrees (to the
 * left where they are positive).
 *
 * @param heightM at the withers
 */
export function HorseToScale({ heightM, bendDeg }: { heightM: number; bendDeg: number }) {
  const shape = neckOf('EVEN', -bendDeg)
  const line = { stroke: 'ink', strokeWidth: '6', strokeLinejoin: 'round' } as const
  const { x, y, deg } = shape.poll
  const scale = heightM / DRAWN_HEIGHT_M / 100
  return (
    <g transform={`scale(${scale}) translate(${-WITHERS.x} ${-WITHERS.y})`} data-horse>
      <chakra.path d={TAIL} fill="ink" />
      <g transform={`translate(${x.toFixed(1)} ${y.toFixed(1)}) rotate(${deg.toFixed(1)})`}>
        <chakra.path d={EARS} fill="ink" />
        <chakra.path d={HEAD} fill="card" {...line} />
      </g>
      <chakra.path d={shape.outline} fill="card" />
      <chakra.path d={shape.sides} fill="none" {...line} />
      <chakra.path d={BODY} fill="card" {...line} />
      <chakra.path d={SADDLE} fill="ink" />
    </g>
  )
}

/** The horse of the drawings stands so tall. */
const DRAWN_HEIGHT_M = 1.6

/**
 * The horse from above, bent to one side or straight, drawn in the colour of the text round it: what an exercise asks of it on this rein.
 *
 * @param ground what it is drawn on
 */
export function BentHorse({ side, ground }: { side: OneSide | 'NONE'; ground: string }) {
  const shape = neckOf('EVEN', side === 'NONE' ? 0 : side === 'LEFT' ? -SHOWN_DEG : SHOWN_DEG)
  const line = { stroke: 'currentColor', strokeWidth: '4', strokeLinejoin: 'round' } as const
  const { x, y, deg } = shape.poll
  return (
    <chakra.svg viewBox="10 -4 220 332" height="100%" display="block" aria-hidden data-bent={side}>
      <chakra.path d={TAIL} fill="currentColor" />
      <g transform={`translate(${x.toFixed(1)} ${y.toFixed(1)}) rotate(${deg.toFixed(1)})`}>
        <chakra.path d={EARS} fill="currentColor" />
        <chakra.path d={HEAD} fill={ground} {...line} />
        <chakra.path d={FORELOCK} fill="currentColor" />
      </g>
      <chakra.path d={shape.outline} fill={ground} />
      <chakra.path d={shape.sides} fill="none" {...line} />
      <chakra.path d={shape.spine} fill="none" {...line} strokeLinecap="round" />
      <chakra.path d={BODY} fill={ground} />
      <chakra.path d={BODY_LINE} fill="none" {...line} />
      <chakra.path d={SADDLE} fill="none" {...line} />
    </chakra.svg>
  )
}

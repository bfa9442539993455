import { chakra } from '@chakra-ui/react'
import { useText } from '../text'
import type { Arena, Ground } from '../api'

const MARGIN = 3.2

/** The arena to scale, C at the top, with its letters and the line to ride on the left rein; the arrow says where to. */
export function ArenaDrawing({
  arena,
  ground,
  name,
}: {
  arena: Arena
  ground: Ground | undefined
  name: string
}) {
  const { t } = useText()
  const { widthM: w, lengthM: l } = arena
  const y = (metres: number) => l - metres
  return (
    <chakra.svg
      viewBox={`${-MARGIN} ${-MARGIN} ${w + 2 * MARGIN} ${l + 2 * MARGIN}`}
      width="100%"
      maxHeight="560px"
      role="img"
      aria-label={t('plan.arena', { name, width: w, length: l })}
    >
      <chakra.rect width={w} height={l} fill="sunken" stroke="ink" strokeWidth="0.25" />
      <chakra.line
        x1={w / 2}
        x2={w / 2}
        y1="0"
        y2={l}
        stroke="line"
        strokeWidth="0.12"
        strokeDasharray="0.6 0.6"
      />
      {Object.entries(arena.letters).map(([letter, at]) => (
        <chakra.text
          key={letter}
          x={at.x === 0 ? -1.7 : at.x === w ? w + 1.7 : at.x}
          y={at.y === 0 ? l + 2.4 : at.y === l ? -1 : y(at.y) + 0.7}
          fontSize="1.9px"
          fontWeight="700"
          textAnchor="middle"
          fill={at.x > 0 && at.x < w && at.y > 0 && at.y < l ? 'quiet' : 'ink'}
          aria-hidden
        >
          {letter}
        </chakra.text>
      ))}
      {ground && <Line ground={ground} y={y} />}
    </chakra.svg>
  )
}

function Line({ ground, y }: { ground: Ground; y: (metres: number) => number }) {
  const d = pathOf(ground, y)
  return (
    <>
      <chakra.path d={d} fill="none" stroke="card" strokeWidth="1.5" strokeLinejoin="round" />
      <chakra.path d={d} fill="none" stroke="ink" strokeWidth="0.7" strokeLinejoin="round" />
      <Arrow ground={ground} y={y} />
    </>
  )
}

/** Arcs are drawn by quarters: a full circle in one has no direction. Up on the page is up in the arena, so y is turned. */
function pathOf({ pieces }: Ground, y: (metres: number) => number): string {
  const first = pieces[0]
  if (!first) return ''
  const steps = pieces.map((p) => {
    if (p.radiusM === 0) return `L${p.x2} ${y(p.y2)}`
    const quarters = Math.ceil(Math.abs(p.sweepRad) / (Math.PI / 2) - 1e-9)
    return Array.from({ length: quarters }, (_, i) => {
      const at = p.fromRad + (p.sweepRad * (i + 1)) / quarters
      const x = p.centreX + p.radiusM * Math.cos(at)
      return `A${p.radiusM} ${p.radiusM} 0 0 ${p.sweepRad > 0 ? 0 : 1} ${x} ${y(p.centreY + p.radiusM * Math.sin(at))}`
    }).join('')
  })
  return `M${first.x1} ${y(first.y1)}${steps.join('')}`
}

/** A small arrow where the line has begun, pointing along it. */
function Arrow({ ground, y }: { ground: Ground; y: (metres: number) => number }) {
  const p = ground.pieces[0]
  if (!p) return null
  const isArc = p.radiusM !== 0
  const at = p.fromRad + p.sweepRad / 8
  const x = isArc ? p.centreX + p.radiusM * Math.cos(at) : (p.x1 + p.x2) / 2
  const yy = isArc ? p.centreY + p.radiusM * Math.sin(at) : (p.y1 + p.y2) / 2
  const heading = isArc ? at + (Math.sign(p.sweepRad) * Math.PI) / 2 : Math.atan2(p.y2 - p.y1, p.x2 - p.x1)
  return (
    <g transform={`translate(${x} ${y(yy)}) rotate(${(-heading * 180) / Math.PI})`}>
      <chakra.path d="M-1 -1.1L1.3 0L-1 1.1z" fill="ink" />
    </g>
  )
}

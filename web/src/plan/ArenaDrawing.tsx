import { chakra } from '@chakra-ui/react'
import type { Arena, Ground } from '../api'
import { pathOf, poseAt, Sand } from '../ground'
import { useText } from '../text'

const MARGIN = 3.2
/** So far along the line stands the arrow, in metres. */
const ARROW_M = 4

interface ArenaDrawingProps {
  arena: Arena
  ground: Ground
  name: string
}

/** The arena to scale, C at the top, with its letters and the line to ride on the left rein; the arrow says where to. */
export function ArenaDrawing({ arena, ground, name }: ArenaDrawingProps) {
  const { t } = useText()
  const { widthM: w, lengthM: l } = arena
  const y = (metres: number) => l - metres
  const d = pathOf(ground.pieces, y)
  const arrow = poseAt(ground.pieces, Math.min(ARROW_M, ground.lengthM / 2))
  return (
    <chakra.svg
      viewBox={`${-MARGIN} ${-MARGIN} ${w + 2 * MARGIN} ${l + 2 * MARGIN}`}
      width="100%"
      maxHeight="560px"
      role="img"
      aria-label={t('plan.arena', { name, width: w, length: l })}
    >
      <Sand arena={{ ...arena, shape: 'RECTANGLE' }} />
      <chakra.path d={d} fill="none" stroke="card" strokeWidth="1.5" strokeLinejoin="round" />
      <chakra.path d={d} fill="none" stroke="ink" strokeWidth="0.7" strokeLinejoin="round" />
      {arrow && (
        <g transform={`translate(${arrow.x} ${y(arrow.y)}) rotate(${(-arrow.headingRad * 180) / Math.PI})`}>
          <chakra.path d="M-1 -1.1L1.3 0L-1 1.1z" fill="ink" />
        </g>
      )}
    </chakra.svg>
  )
}

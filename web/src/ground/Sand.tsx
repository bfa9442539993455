import { chakra } from '@chakra-ui/react'
import type { GroundArena } from '../api'

/** The arena itself: its fence, its middle line, its letters and landmarks. */
type Drawable = Pick<GroundArena, 'widthM' | 'lengthM' | 'shape' | 'letters'>

export function Sand({ arena }: { arena: Drawable }) {
  const { widthM: w, lengthM: l, shape } = arena
  return (
    <>
      <chakra.rect
        width={w}
        height={l}
        rx={shape === 'OVAL' ? w / 2 : 0}
        fill="sunken"
        stroke="ink"
        strokeWidth="0.25"
      />
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
        <Letter key={letter} letter={letter} at={at} arena={arena} />
      ))}
    </>
  )
}

interface LetterProps {
  letter: string
  at: { x: number; y: number }
  arena: Drawable
}

/** Letters stand away from the fence; a landmark's name is written outwards from its place. */
function Letter({ letter, at, arena: { widthM: w, lengthM: l } }: LetterProps) {
  const isInside = at.x > 0 && at.x < w && at.y > 0 && at.y < l
  const isName = letter.length > 1
  const off = isName ? 0.6 : 1.7
  const anchor = !isName ? 'middle' : at.x <= 0 ? 'end' : at.x >= w ? 'start' : 'middle'
  const y = l - at.y
  return (
    <chakra.text
      x={at.x <= 0 ? at.x - off : at.x >= w ? at.x + off : at.x}
      y={at.y <= 0 ? y + 2.4 : at.y >= l ? y - 1 : y + (isName ? 0.45 : 0.7)}
      fontSize={isName ? '1.3px' : '1.9px'}
      fontWeight="700"
      textAnchor={anchor}
      fill={isInside ? 'quiet' : 'ink'}
      aria-hidden
    >
      {letter}
    </chakra.text>
  )
}

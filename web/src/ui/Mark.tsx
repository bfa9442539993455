import { chakra } from '@chakra-ui/react'

// each strand in two halves, since each lies once over and once under the other
const BLUE = ['M10 4c0 7 12 6 12 12', 'M22 16c0 6-12 5-12 12']
const RUST = ['M22 4c0 7-12 6-12 12', 'M10 16c0 6 12 5 12 12']

/** The mark: two strands that turn about each other, as left and right do. */
export function Mark({ size = '34px' }: { size?: string }) {
  return (
    <chakra.svg viewBox="6 2 20 28" width={size} height={size} aria-hidden fill="none" strokeLinecap="round">
      <Strand d={RUST[0]} color="strandRust" />
      <Strand d={BLUE[0]} color="strandBlue" isOver />
      <Strand d={BLUE[1]} color="strandBlue" />
      <Strand d={RUST[1]} color="strandRust" isOver />
    </chakra.svg>
  )
}

function Strand({ d, color, isOver }: { d: string | undefined; color: string; isOver?: boolean }) {
  return (
    <>
      {isOver && <chakra.path d={d} stroke="rail" strokeWidth="6.6" strokeLinecap="butt" />}
      <chakra.path d={d} stroke={color} strokeWidth="4" />
    </>
  )
}

/** The cord that runs along the edge of a screen: the mark without end. */
export function Cord() {
  return (
    <chakra.svg width="14px" height="100%" aria-hidden display="block">
      <defs>
        <pattern id="cord" width="14" height="56" patternUnits="userSpaceOnUse">
          <g fill="none" strokeWidth="4">
            <chakra.path d="M3 0C3 14 11 14 11 28S3 42 3 56" stroke="strandBlue" />
            <chakra.path d="M11 0C11 14 3 14 3 28S11 42 11 56" stroke="strandRust" />
            <chakra.path d="M4.6 10C7 14 11 17 11 28" stroke="strandBlue" />
          </g>
        </pattern>
      </defs>
      <rect width="14" height="100%" fill="url(#cord)" />
    </chakra.svg>
  )
}

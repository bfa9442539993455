import { chakra } from '@chakra-ui/react'

const over = 'M10 4c0 7 12 6 12 12s-12 5-12 12'
const under = 'M22 4c0 7-12 6-12 12s12 5 12 12'

/** The mark: two strands that turn about each other, as left and right do. */
export function Mark({ size = '34px' }: { size?: string }) {
  return (
    <chakra.svg viewBox="0 0 32 32" width={size} height={size} aria-hidden fill="none" strokeLinecap="round">
      <chakra.path d={under} stroke="#ffb07a" strokeWidth="4.4" />
      <chakra.path d={over} stroke="rail" strokeWidth="8.4" />
      <chakra.path d={over} stroke="#8fb8ff" strokeWidth="4.4" />
    </chakra.svg>
  )
}

/** The cord that runs along the edge of a screen: the mark without end. */
export function Cord() {
  return (
    <chakra.svg width="14px" height="100%" aria-hidden display="block">
      <defs>
        <pattern id="cord" width="14" height="56" patternUnits="userSpaceOnUse">
          <g fill="none" strokeWidth="4">
            <path d="M3 0C3 14 11 14 11 28S3 42 3 56" stroke="#8fb8ff" />
            <path d="M11 0C11 14 3 14 3 28S11 42 11 56" stroke="#ffb07a" />
            <path d="M4.6 10C7 14 11 17 11 28" stroke="#8fb8ff" />
          </g>
        </pattern>
      </defs>
      <rect width="14" height="100%" fill="url(#cord)" />
    </chakra.svg>
  )
}

import { useText } from '../text'
import { chakra } from '@chakra-ui/react'

export type OneSide = 'LEFT' | 'RIGHT'

export function isOneSide(side: string | undefined): side is OneSide {
  return side === 'LEFT' || side === 'RIGHT'
}

/** Tokens of a side. The same everywhere: colour, letter and pattern. */
export const SIDE = {
  LEFT: { color: 'left', soft: 'leftSoft', on: 'onLeft', letter: 'L', pattern: 'side-left' },
  RIGHT: { color: 'right', soft: 'rightSoft', on: 'onRight', letter: 'R', pattern: 'side-right' },
} as const

/** The two patterns: stripes for left, dots for right. Stand once on the page; drawings fill with them by name. */
export function SidePatterns() {
  return (
    <chakra.svg position="absolute" width="0" height="0" aria-hidden>
      <defs>
        <pattern
          id={SIDE.LEFT.pattern}
          width="8"
          height="8"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <chakra.rect width="8" height="8" fill="left" />
          <chakra.rect width="2.2" height="8" fill="leftSoft" opacity="0.75" />
        </pattern>
        <pattern id={SIDE.RIGHT.pattern} width="8" height="8" patternUnits="userSpaceOnUse">
          <chakra.rect width="8" height="8" fill="right" />
          <chakra.circle cx="4" cy="4" r="1.5" fill="rightSoft" opacity="0.85" />
        </pattern>
      </defs>
    </chakra.svg>
  )
}

/** A side's letter in its colour and form: square for left, round for right. */
export function SideLetter({ side, size = '1.5em' }: { side: OneSide; size?: string }) {
  const { t } = useText()
  return (
    <chakra.span
      role="img"
      aria-label={t(`side.${side}`)}
      display="inline-grid"
      placeItems="center"
      width={size}
      height={size}
      flexShrink={0}
      fontFamily="heading"
      fontWeight="800"
      fontSize="0.85em"
      lineHeight="1"
      borderRadius={side === 'LEFT' ? '4px' : '999px'}
      background={SIDE[side].color}
      color={SIDE[side].on}
    >
      {SIDE[side].letter}
    </chakra.span>
  )
}

import { isOne, isWhole } from './value'

export const SOUNDNESS = ['SOUND', 'UNLEVEL', 'REFUSES_ONE_SIDE', 'PAIN_SIGNS'] as const
export const BEND_PLACES = ['EVEN', 'POLL_ONLY', 'BASE_ONLY', 'TWISTED'] as const
/** Circles a first look tries, in metres across, the largest first. */
export const CIRCLES = [20, 15, 12, 10, 8] as const
export const SCORES = [0, 1, 2, 3, 4] as const

export type Soundness = (typeof SOUNDNESS)[number]
export type BendPlace = (typeof BEND_PLACES)[number]
export type Score = (typeof SCORES)[number]
/** 0: even on none of them. */
export type Circle = (typeof CIRCLES)[number] | 0

/** What was seen at the start; a check that was not made is left out. */
export interface FirstLook {
  soundness?: Soundness
  calm?: Score
  rider?: Score
  halt?: Score
  leg?: Score
  bendLeft?: Score
  bendRight?: Score
  placeLeft?: BendPlace
  placeRight?: BendPlace
  circleLeft?: Circle
  circleRight?: Circle
  /** −2 left shoulder much heavier … 2 right much heavier. */
  shoulder?: number
  shoulderBoth?: boolean
}

const NUMBERS: Record<string, readonly number[]> = {
  calm: SCORES,
  rider: SCORES,
  halt: SCORES,
  leg: SCORES,
  bendLeft: SCORES,
  bendRight: SCORES,
  circleLeft: [...CIRCLES, 0],
  circleRight: [...CIRCLES, 0],
  shoulder: [-2, -1, 0, 1, 2],
}
const WORDS: Record<string, readonly string[]> = {
  soundness: SOUNDNESS,
  placeLeft: BEND_PLACES,
  placeRight: BEND_PLACES,
}

/** The look of a payload; undefined when a check is out of its bounds: a look half read could hide something. */
export function readLook(p: Record<string, unknown>): FirstLook | undefined {
  const seen: Record<string, unknown> = {}
  for (const [name, bounds] of Object.entries(NUMBERS)) {
    const value = p[name] ?? undefined
    if (value === undefined) continue
    if (!isWhole(value) || !bounds.includes(value)) return undefined
    seen[name] = value
  }
  for (const [name, words] of Object.entries(WORDS)) {
    const value = p[name] ?? undefined
    if (value === undefined) continue
    if (!isOne(words, value)) return undefined
    seen[name] = value
  }
  const both = p.shoulderBoth ?? undefined
  if (both !== undefined && typeof both !== 'boolean') return undefined
  if ('shoulder' in seen) seen.shoulderBoth = both === true
  return seen
}

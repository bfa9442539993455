import data from './words.json'

/** A thing that can be seen of rider or horse; some have a side of the body. */
export interface Word {
  name: string
  sided?: boolean
  /** A good sign of the horse's. */
  good?: boolean
}

/** A part of a figure: where it is touched, in percent of the drawing, and what can be seen there. */
export interface Region {
  region: string
  at: [number, number]
  words: Word[]
}

export const RIDER = data.rider as Region[]
export const HORSE = data.horse as Region[]
export const HABITS: Word[] = data.habits

const BY_NAME = new Map(
  [...RIDER, ...HORSE]
    .flatMap((r) => r.words)
    .concat(HABITS)
    .map((w) => [w.name, w] as const),
)

export function wordOf(name: string): Word | undefined {
  return BY_NAME.get(name)
}

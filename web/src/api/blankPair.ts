import type { components } from './schema'

/** A new pair of which nothing is known but what is put in its place. */
export const BLANK_PAIR = {
  description: null,
  heightCm: null,
  goal: null,
  riderId: null,
  horseId: null,
  id: null,
  newRiderId: null,
  newHorseId: null,
} satisfies Partial<components['schemas']['roster.NewPair']>

import type { RungForRide } from '../api'

/** Stands before a number some of whose asks were counted in tallies. */
export const ABOUT = '~'

export function isTallied({ left, right }: RungForRide): boolean {
  return left.tallied + right.tallied > 0
}

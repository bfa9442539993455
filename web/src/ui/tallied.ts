import type { Step } from '../api'

/** Stands before a number some of whose asks were counted in tallies. */
export const ABOUT = '~'

export function isTallied({ left, right }: Step): boolean {
  return left.tallied + right.tallied > 0
}

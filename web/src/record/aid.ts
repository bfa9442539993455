import { isLeftOut, isOne } from './value'
import { FEET, MANNERS, MEANS, SIDES } from './words'
import type { Foot, Manner, Means, Side } from './words'

/** One aid of an ask; without a side it is given on both, or has none. */
export interface Aid {
  means: Means
  side: Side
  manner?: Manner
  foot?: Foot
}

export const MOST_AIDS = 4

/** One to four aids; undefined when there are none, too many, or one that is none. */
export function readAids(value: unknown): Aid[] | undefined {
  if (!Array.isArray(value) || value.length === 0 || value.length > MOST_AIDS) return undefined
  const aids = value.map(readAid)
  return aids.includes(undefined) ? undefined : (aids as Aid[])
}

function readAid(value: unknown): Aid | undefined {
  if (typeof value !== 'object' || value === null) return undefined
  const { means, side, manner, foot } = value as Record<string, unknown>
  const fits =
    isOne(MEANS, means) &&
    isOne(SIDES, side) &&
    (isLeftOut(manner) || isOne(MANNERS, manner)) &&
    (isLeftOut(foot) || isOne(FEET, foot))
  return fits
    ? { means, side, ...(isOne(MANNERS, manner) && { manner }), ...(isOne(FEET, foot) && { foot }) }
    : undefined
}

import { GAP, HUNDREDTHS } from './samples'

/** Which channel answered a pull at one rein. */
export type Pulled = 'LEFT' | 'RIGHT' | 'UNCLEAR'

/** A pull that is meant, in kilograms (core: PulledRein, whose twin this is). */
const LEAST_KG = 1
/** The other channel rises by less than this share of it. */
const OTHER_SHARE = 0.5

/** From what the channels taken for left and right read while somebody pulled one rein, both hanging before. */
export function pulledRein(left: Int16Array, right: Int16Array): Pulled {
  const [l, r] = [rise(left), rise(right)]
  if (l >= LEAST_KG && r <= OTHER_SHARE * l) return 'LEFT'
  return r >= LEAST_KG && l <= OTHER_SHARE * r ? 'RIGHT' : 'UNCLEAR'
}

/** From the lowest quarter of the readings to the highest, in kilograms. */
function rise(channel: Int16Array): number {
  const read = channel.filter((s) => s !== GAP).sort()
  const place = 0.25 * (read.length - 1)
  const below = Math.floor(place)
  const low = read[below] ?? 0
  const quarter = low + (place - below) * ((read[below + 1] ?? low) - low)
  return ((read.at(-1) ?? quarter) - quarter) / HUNDREDTHS
}

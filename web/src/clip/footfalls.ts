import type { Foot, Landing } from '../record'

/** How far the fore foot lands behind the hind foot of its side, as a share of the stride. */
export interface SideLag {
  share: number
  /** Half of its 95 % interval. */
  half: number
  strides: number
  order: LandingOrder
}

export type LandingOrder = 'LATERAL' | 'STEPPING_PACE' | 'FOUR_BEAT' | 'TOWARDS_TROT' | 'DIAGONAL'

/** What the landings of some strides say; a side is left out with fewer than four strides of it. */
export interface Footfalls {
  strideS: number
  left?: SideLag
  right?: SideLag
}

const LEAST_STRIDES = 4
const MISSED = 1.5
const LATE = 1.1

/** As core's `Footfalls`, so that a table without a network is told at once; both are held to `examples/footfalls.json`. */
export function footfalls(landings: readonly Landing[], frameMs: number): Footfalls | null {
  const times = (foot: Foot) =>
    [...new Set(landings.filter((l) => l.foot === foot).map((l) => l.ms))].sort((a, b) => a - b)
  const feet = {
    leftHind: times('LEFT_HIND'),
    leftFore: times('LEFT_FORE'),
    rightHind: times('RIGHT_HIND'),
    rightFore: times('RIGHT_FORE'),
  }
  const between = Object.values(feet)
    .flatMap((of) => of.slice(1).map((ms, i) => ms - (of[i] ?? 0)))
    .sort((a, b) => a - b)
  const middle = between[Math.floor(between.length / 2)]
  if (middle === undefined) return null
  const strides = between.filter((ms) => ms <= MISSED * middle)
  const strideMs = strides.reduce((sum, ms) => sum + ms, 0) / strides.length
  const left = lag(feet.leftHind, feet.leftFore, strideMs, frameMs)
  const right = lag(feet.rightHind, feet.rightFore, strideMs, frameMs)
  return { strideS: strideMs / 1000, ...(left && { left }), ...(right && { right }) }
}

/** Where in the stride a moment lies: so far after the hind foot that landed last, as a share of the stride. */
export interface AfterLanding {
  foot: Foot
  share: number
}

/** As core's `AfterLanding`. */
export function afterLanding(
  landings: readonly Landing[],
  frameMs: number,
  ms: number,
): AfterLanding | undefined {
  const strideMs = 1000 * (footfalls(landings, frameMs)?.strideS ?? 0)
  const last = landings
    .filter((l) => HIND.includes(l.foot) && l.ms <= ms && ms <= l.ms + strideMs)
    .reduce<Landing | undefined>((a, b) => (a && a.ms >= b.ms ? a : b), undefined)
  return last && strideMs > 0 ? { foot: last.foot, share: (ms - last.ms) / strideMs } : undefined
}

const HIND: readonly Foot[] = ['LEFT_HIND', 'RIGHT_HIND']

function lag(
  hind: readonly number[],
  fore: readonly number[],
  strideMs: number,
  frameMs: number,
): SideLag | null {
  const angles = fore.flatMap((at) => {
    const before = hind.findLast((h) => h <= at)
    return before !== undefined && at < before + LATE * strideMs
      ? [(2 * Math.PI * (at - before)) / strideMs]
      : []
  })
  const n = angles.length
  if (n < LEAST_STRIDES) return null
  const sum = (of: (angle: number) => number) => angles.reduce((all, angle) => all + of(angle), 0)
  const mean = Math.atan2(sum(Math.sin), sum(Math.cos))
  const share = mean / (2 * Math.PI) + (mean < 0 ? 1 : 0)
  const off = (angle: number) => {
    const turns = (angle - mean) / (2 * Math.PI)
    return turns - Math.round(turns)
  }
  const ofStrides = Math.sqrt(sum((angle) => off(angle) ** 2) / (n - 1))
  const ofFrames = frameMs / (Math.sqrt(6) * strideMs)
  const half = (student(n - 1) * Math.max(ofFrames, ofStrides)) / Math.sqrt(n)
  return { share, half, strides: n, order: orderOf(share) }
}

/** Four clear beats: the fore foot lands so much of a stride after the hind foot of its side. As core's. */
export const FOUR_BEATS = { from: 0.2, below: 0.3 }

function orderOf(share: number): LandingOrder {
  if (share < 0.1 || share >= 0.9) return 'LATERAL'
  if (share < FOUR_BEATS.from) return 'STEPPING_PACE'
  if (share < FOUR_BEATS.below) return 'FOUR_BEAT'
  return share < 0.45 ? 'TOWARDS_TROT' : 'DIAGONAL'
}

/** Student's 97.5 % point, to a thousandth from three degrees of freedom on (Abramowitz & Stegun 1964, 26.7.5). */
export function student(freedom: number): number {
  const z = 1.959964
  return (
    z +
    (z ** 3 + z) / (4 * freedom) +
    (5 * z ** 5 + 16 * z ** 3 + 3 * z) / (96 * freedom ** 2) +
    (3 * z ** 7 + 19 * z ** 5 + 17 * z ** 3 - 15 * z) / (384 * freedom ** 3) +
    (79 * z ** 9 + 776 * z ** 7 + 1482 * z ** 5 - 1920 * z ** 3 - 945 * z) / (92160 * freedom ** 4)
  )
}

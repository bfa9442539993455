import type { RecordingHere } from '../api'
import { GAP } from '../reins'
import type { Samples } from '../reins'

export type OverviewOf = NonNullable<RecordingHere['overview']>

/** Both reins of a minute. */
export interface Minute {
  left: ArrayLike<number>
  right: ArrayLike<number>
}

/** What a ribbon is drawn from: all of it coarsely, and minutes in full as far as they are here. */
export interface RibbonSource {
  seconds: number
  rateHz: number
  overview: OverviewOf
  minutes: ReadonlyMap<number, Minute>
}

/** A drawing has no more pieces than a screen has pixels. */
const MOST_PIECES = 1500

/** Of samples that are here in full. */
export function sourceOf(samples: Samples): RibbonSource {
  const { left, right, rateHz } = samples
  const seconds = left.length / rateHz
  const pieceS = Math.max(1, Math.ceil(seconds / MOST_PIECES))
  const pieces = Math.ceil(seconds / pieceS)
  const edge = (of: Int16Array, isHigh: boolean) =>
    Array.from({ length: pieces }, (_, p) =>
      edgeOf(of, Math.round(p * pieceS * rateHz), Math.round((p + 1) * pieceS * rateHz), isHigh),
    )
  const overview = {
    pieceS,
    leftHigh: edge(left, true),
    leftLow: edge(left, false),
    rightHigh: edge(right, true),
    rightLow: edge(right, false),
  }
  const whole = Math.round(60 * rateHz)
  const minutes = new Map<number, Minute>()
  for (let m = 0; m * whole < left.length; m++) {
    minutes.set(m, {
      left: left.subarray(m * whole, (m + 1) * whole),
      right: right.subarray(m * whole, (m + 1) * whole),
    })
  }
  return { seconds, rateHz, overview, minutes }
}

/** The highest or the lowest that was measured; a gap where nothing was. */
export function edgeOf(of: ArrayLike<number>, from: number, to: number, isHigh: boolean): number {
  let edge = GAP
  for (let i = Math.max(0, from); i < Math.min(of.length, to); i++) {
    const s = of[i] ?? GAP
    if (s === GAP) continue
    if (edge === GAP || (isHigh ? s > edge : s < edge)) edge = s
  }
  return edge
}

export interface Edges {
  high: number
  low: number
}

const NOTHING: Edges = { high: GAP, low: GAP }

/**
 * What a rein read between two times: by the pieces, or in full where the minutes are here and it is looked at so closely that single
 * beats are to be seen.
 */
export function edgesAt(
  source: RibbonSource,
  side: 'left' | 'right',
  fromS: number,
  toS: number,
  isClose: boolean,
): Edges {
  const { rateHz, overview, minutes } = source
  if (toS <= 0 || fromS >= source.seconds) return NOTHING
  const parts = [Math.floor(fromS / 60), Math.floor(toS / 60)]
    .filter((place, i, all) => all.indexOf(place) === i)
    .map((place) => ({ place, of: minutes.get(place)?.[side] }))
  if (isClose && parts.every(({ of }) => of)) {
    const edges = parts.map(({ place, of = [] }) => {
      const from = Math.floor((fromS - 60 * place) * rateHz)
      const to = Math.max(from + 1, Math.ceil((toS - 60 * place) * rateHz))
      return { high: edgeOf(of, from, to, true), low: edgeOf(of, from, to, false) }
    })
    return {
      high: edgeOf(
        edges.map((e) => e.high),
        0,
        edges.length,
        true,
      ),
      low: edgeOf(
        edges.map((e) => e.low),
        0,
        edges.length,
        false,
      ),
    }
  }
  const first = Math.max(0, Math.floor(fromS / overview.pieceS))
  const end = Math.max(first + 1, Math.ceil(toS / overview.pieceS))
  return {
    high: edgeOf(side === 'left' ? overview.leftHigh : overview.rightHigh, first, end, true),
    low: edgeOf(side === 'left' ? overview.leftLow : overview.rightLow, first, end, false),
  }
}

/** From so close on single beats are seen; from further off they would only flicker. */
export const CLOSE_MS = 30_000

/** The top of the scale, in kilograms: what was read, or the band with room above it. */
export function topKg({ overview }: RibbonSource, bandKg: number | null): number {
  const highs = [...overview.leftHigh, ...overview.rightHigh].filter((h) => h !== GAP).sort((a, b) => a - b)
  // a single pull does not make all the rest flat
  const usual = (highs[Math.floor(0.99 * (highs.length - 1))] ?? 0) / 100
  return Math.max(2, Math.ceil(Math.max(usual * 1.1, (bandKg ?? 0) * 1.3)))
}

import { takesMoment } from '../record'
import type { Moments, Ride, Segment } from '../record'
import type { NewEntry } from '../store'

/** What was marked on frames and belongs to the next answer, or the next correction; in milliseconds of the clip. */
export interface MarkedFrames {
  askedMs?: number
  reinforcedMs?: number
  errorMs?: number
}

/** What is said on a frame of a clip, with that frame's moment where its kind has room for one. */
export function onClip(said: NewEntry, base: string, ms: number, marked: MarkedFrames): NewEntry {
  if (!takesMoment(said.kind)) return said
  const at = (of: number | undefined) => (of === undefined || of > ms ? undefined : { base, ms: of })
  const [asked, reinforced, error] = [marked.askedMs, marked.reinforcedMs, marked.errorMs].map(at)
  const moments: Moments = {
    when: { base, ms },
    ...(said.kind === 'exchange' && asked && { asked }),
    ...(said.kind === 'exchange' && asked && reinforced && { reinforced }),
    ...(said.kind === 'correction' && said.payload.made && error && { error }),
  }
  return { ...said, payload: { ...said.payload, ...moments } } as NewEntry
}

/** What was ridden at a moment; undefined where nothing was. */
export function segmentAt(segments: readonly Segment[], atMs: number): Segment | undefined {
  return segments.findLast((s) => s.atMs <= atMs && (s.endMs === null || atMs < s.endMs))
}

/** What was ridden before the rest that a moment lies in; undefined where the rider does not rest, and where nothing was ridden before. */
export function restsAfter({ rests, segments }: Ride, atMs: number): Segment | undefined {
  const isResting = rests.some((r) => r.atMs <= atMs && (r.endMs === null || atMs < r.endMs))
  return isResting ? segments.findLast((s) => s.atMs <= atMs) : undefined
}

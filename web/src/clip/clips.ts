import type { ClipFile, Payloads, Ride } from '../record'
import { footfalls } from './footfalls'
import type { Footfalls } from './footfalls'

/** What was said about a moment of a clip, or about a span. */
export interface CommentOnClip {
  id: string
  atMs: number
  untilMs?: number
  text: string
}

/** Some strides' landings, and what they say. */
export interface MeasuredStrides {
  id: string
  marked: Payloads['footfalls']
  says: Footfalls | null
}

/** A video beside a lesson; its copies belong to it. */
export interface Clip {
  id: string
  file: ClipFile
  copies: ClipFile[]
  comments: CommentOnClip[]
  measured: MeasuredStrides[]
}

/** Those of a lesson, the first named first. */
export function clipsOf(ride: Ride): Clip[] {
  const clips = new Map<string, Clip>()
  // a copy is told by the clip it belongs to
  const belongs = new Map<string, Clip>()
  for (const { id, said } of ride.marks) {
    if (said.kind === 'time_base' && said.clip) {
      const first = said.copyOf && belongs.get(said.copyOf)
      if (first) first.copies.push(said.clip)
      const clip = first || { id, file: said.clip, copies: [], comments: [], measured: [] }
      clips.set(clip.id, clip)
      belongs.set(id, clip)
    }
  }
  for (const { id, said } of ride.marks) {
    if (said.kind === 'comment') {
      const { at, untilMs, text } = said
      belongs
        .get(at.base)
        ?.comments.push({ id, atMs: at.ms, ...(untilMs !== undefined && { untilMs }), text })
    } else if (said.kind === 'footfalls') {
      belongs
        .get(said.base)
        ?.measured.push({ id, marked: said, says: footfalls(said.landings, said.frameMs) })
    }
  }
  for (const clip of clips.values()) clip.comments.sort((a, b) => a.atMs - b.atMs)
  return [...clips.values()]
}

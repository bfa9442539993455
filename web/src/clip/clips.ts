import type { ClipFile, Drawing, Payloads, Ride, Shot } from '../record'
import { afterLanding, footfalls } from './footfalls'
import type { AfterLanding, Footfalls } from './footfalls'
import { frameValues } from './frames'
import type { FrameValue } from './frames'
import { timingOf } from './timings'
import type { Timing } from './timings'

/** What was said about a moment of a clip, or about a span. */
export interface CommentOnClip {
  id: string
  atMs: number
  untilMs?: number
  text: string
  cannotTell?: boolean
  /** What the coach asks to be filmed next. */
  film?: readonly Shot[]
  drawing?: Drawing
  /** The frame as a picture, by its digest. */
  still?: string
  spoken?: { sha256: string; durationMs: number }
}

/** What was measured on a frame, and what that tells. */
export interface FrameOnClip {
  id: string
  said: Payloads['frame_measure']
  tells: FrameValue[]
}

/** Some strides' landings, and what they say. */
export interface MeasuredStrides {
  id: string
  marked: Payloads['footfalls']
  says: Footfalls | null
}

/** A video beside a lesson, as whoever has it may watch it; its copies belong to it. */
export interface ClipToWatch {
  id: string
  file: ClipFile
  copies: ClipFile[]
  comments: CommentOnClip[]
}

/** With all that was read from it. */
export interface Clip extends ClipToWatch {
  measured: MeasuredStrides[]
  frames: FrameOnClip[]
  /** The asks and corrections whose moments were read from it. */
  timing: Timing
  /** When it began on the lesson's clock; left out: not known. */
  startMs?: number
  /** What its entry says. */
  said: Payloads['time_base']
}

function saidOf({ kind: _, ...said }: { kind: string } & Payloads['time_base']): Payloads['time_base'] {
  return said
}

/** Where in the stride the aids began, of those asks whose strides were marked. As core's. */
export function aidsOf({ timing, measured }: Clip): AfterLanding[] {
  return timing.asks.flatMap(({ askedMs }) => {
    if (askedMs === undefined) return []
    for (const { marked } of measured) {
      const found = afterLanding(marked.landings, marked.frameMs, askedMs)
      if (found) return [found]
    }
    return []
  })
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
      const clip = first || {
        id,
        file: said.clip,
        copies: [],
        comments: [],
        measured: [],
        frames: [],
        timing: { asks: [], corrections: [] },
        ...(said.startMs !== undefined && { startMs: said.startMs }),
        said: saidOf(said),
      }
      clips.set(clip.id, clip)
      belongs.set(id, clip)
    }
  }
  for (const { id, said } of ride.marks) {
    if (said.kind === 'comment') {
      const { kind: _, at, film, ...rest } = said
      belongs
        .get(at.base)
        ?.comments.push({ id, atMs: at.ms, ...rest, ...(film && { film: film.map((f) => f.shot) }) })
    } else if (said.kind === 'frame_measure') {
      belongs.get(said.at.base)?.frames.push({ id, said, tells: frameValues(said) })
    } else if (said.kind === 'footfalls') {
      belongs
        .get(said.base)
        ?.measured.push({ id, marked: said, says: footfalls(said.landings, said.frameMs) })
    }
  }
  for (const clip of clips.values()) {
    clip.comments.sort((a, b) => a.atMs - b.atMs)
    clip.frames.sort((a, b) => a.said.at.ms - b.said.at.ms)
    clip.timing = timingOf(ride, (base) => belongs.get(base) === clip)
  }
  return [...clips.values()]
}

import type { FirstLook, Payloads } from './generated/kinds'
import type { Mark } from './payload'
import type { StopSignSeen } from './stopSigns'
import type { Gait, Mounted, Place, Rein } from './generated/words'

/** A stretch with one exercise, gait, place, rein and person in the saddle; while ridden its end is null. */
export type Segment = Payloads['segment'] & {
  id: string
  atMs: number
  endMs: number | null
}

/** One ask. */
export type Exchange = Payloads['exchange'] & {
  id: string
  atMs: number
  author: string
}

/** One line in the coach's words. */
export interface Note {
  id: string
  atMs: number
  author: string
  text: string
}

/** What was seen at the start. */
export interface Look {
  id: string
  atMs: number
  author: string
  seen: FirstLook
}

/** A mark, and who made it when. */
export interface RideMark {
  id: string
  atMs: number
  author: string
  said: Mark
}

/** A stretch in which nothing was asked; while it goes on its end is null. */
export interface Rest {
  id: string
  atMs: number
  endMs: number | null
}

/** How often each answer came at each strength: rows by strength, columns by response. */
export interface PadCounts {
  exercise: string
  gait: Gait
  place: Place
  rein: Rein
  mounted: Mounted
  counts: number[][]
}

/** What a lesson's log says, read at one moment. Times are milliseconds, corrected for device clocks. */
export interface Ride {
  startedAtMs: number | null
  endedAtMs: number | null
  segments: Segment[]
  exchanges: Exchange[]
  notes: Note[]
  /** The last one counts. */
  looks: Look[]
  rests: Rest[]
  /** Seen or done beside the asks, where what they hang on is known. */
  marks: RideMark[]
  /** What ended the work, in order: also what somebody took back who may not. */
  stopSigns: StopSignSeen[]
  /** Time in closed segments, by rein. */
  reinMs: Record<Rein, number>
  pads: PadCounts[]
  /** Exchanges and marks whose segment or exchange is not in the log: kept, counted nowhere. */
  loose: string[]
  voided: string[]
  /** Entries not understood: kept, counted nowhere. */
  odd: string[]
}

export function padKey(t: Omit<PadCounts, 'counts'>): string {
  return [t.exercise, t.gait, t.place, t.rein, t.mounted].join('|')
}

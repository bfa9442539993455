import type { Ride, Segment } from '../record'

/** Asks that a measure needs, where an older packet does not say it. */
const USUAL_ASKS = 4

/** A question that is being asked: does another exercise help this one? */
export type ProbeNow = {
  /** Of its entry. */
  id: string
  /** What is measured. */
  of: Segment
} & (
  | { step: 'BEFORE'; asked: number; needed: number }
  /** Measured once; the other exercise is named once it is ridden. */
  | { step: 'BETWEEN'; between: string | null }
  | { step: 'AFTER'; asked: number; needed: number; between: string }
  /** Measured twice: what does the coach say? */
  | { step: 'SAY'; between: string }
)

const ANSWER_MARKS = new Set(['choice', 'poles', 'line', 'position'])

/**
 * Where the last question stands, read from the log alone; null while none is asked, once it is answered, and once something else is
 * ridden that spoils it.
 */
export function probeNow(ride: Ride, now: Segment, asksNeeded: number): ProbeNow | null {
  const needed = asksNeeded || USUAL_ASKS
  const asked = ride.marks.findLast(({ said }) => said.kind === 'probe')
  if (!asked || asked.said.kind !== 'probe') return null
  const { segment: begun } = asked.said
  const of = ride.segments.find((s) => s.id === begun)
  if (!of || ride.marks.some((m) => m.said.kind === 'help' && m.atMs >= asked.atMs)) return null
  const here = { id: asked.id, of }
  const read = readSince(ride, of, asked.atMs)
  if (!read) return null
  const { before, between, after } = read
  if (between !== null && after >= needed) return { ...here, step: 'SAY', between }
  if (between !== null && (after > 0 || isSameRung(now, of)))
    return { ...here, step: 'AFTER', between, asked: after, needed }
  if (between !== null) return { ...here, step: 'BETWEEN', between }
  if (before < needed) return { ...here, step: 'BEFORE', asked: before, needed }
  return { ...here, step: 'BETWEEN', between: now.exercise === of.exercise ? null : now.exercise }
}

interface Measures {
  before: number
  between: string | null
  after: number
}

/** Asks before and after one other exercise; null when more than that one came between. */
function readSince(ride: Ride, of: Segment, fromMs: number): Measures | null {
  const own = new Map(ride.segments.filter((s) => s.mounted === 'RIDER').map((s) => [s.id, s]))
  const answered = [
    ...ride.exchanges.map(({ atMs, segment }) => ({ atMs, segment })),
    ...ride.marks.flatMap(({ atMs, said }) =>
      ANSWER_MARKS.has(said.kind) && 'segment' in said && typeof said.segment === 'string'
        ? [{ atMs, segment: said.segment }]
        : [],
    ),
  ]
    .filter((a) => a.atMs >= fromMs)
    .sort((a, b) => a.atMs - b.atMs)
  const read: Measures = { before: 0, between: null, after: 0 }
  for (const { segment } of answered) {
    const at = own.get(segment)
    if (!at) continue
    if (isSameRung(at, of)) {
      if (read.between === null) read.before++
      else read.after++
    } else if (at.exercise === of.exercise || read.after > 0) {
      return null
    } else if (read.between !== null && read.between !== at.exercise) {
      return null
    } else {
      read.between = at.exercise
    }
  }
  return read
}

function isSameRung(a: Segment, b: Segment): boolean {
  return a.exercise === b.exercise && a.gait === b.gait && a.place === b.place
}

import type { Entry } from './entry'
import type { Payload } from './payload'
import { padKey } from './ride'
import { hangsOn } from './payload'
import type { StopSignSeen } from './stopSigns'
import type { Exchange, Look, RideMark, Note, Rest, Ride, Segment, PadCounts } from './ride'
import { RESPONSES, STRENGTHS } from './generated/words'
import type { Rein } from './generated/words'

/** A standing entry, in order. */
export interface StandingEntry {
  entry: Entry
  /** The amendment that stands in its place, else the entry itself, and when that was written. */
  by: Entry
  byMs: number
  atMs: number
  payload: Payload
}

/** The forward pass of the fold: hears the standing entries in order and tells the ride. */
export function tellRide(
  standing: readonly StandingEntry[],
  stopSigns: StopSignSeen[],
  voided: string[],
  odd: string[],
): Ride {
  let startedAtMs: number | null = null
  let endedAtMs: number | null = null
  const segments: Segment[] = []
  const exchanges: Exchange[] = []
  const notes: Note[] = []
  const looks: Look[] = []
  const rests: Rest[] = []
  const marks: RideMark[] = []
  const close = (atMs: number) => {
    const last = segments.at(-1)
    if (last?.endMs === null) last.endMs = atMs
    const rest = rests.at(-1)
    if (rest?.endMs === null) rest.endMs = atMs
  }
  for (const each of standing) {
    const { entry, atMs, payload } = each
    switch (payload.kind) {
      case 'lesson_started':
        startedAtMs ??= atMs
        endedAtMs = null
        break
      case 'lesson_ended':
        close(atMs)
        endedAtMs = atMs
        break
      case 'segment': {
        close(atMs)
        endedAtMs = null
        const { kind: _, ...ridden } = payload
        segments.push({ id: entry.id, atMs, endMs: null, ...ridden })
        break
      }
      case 'exchange': {
        exchanges.push(asked(each, payload))
        break
      }
      case 'first_look':
        looks.push({ id: entry.id, atMs, author: entry.author, seen: payload.seen })
        break
      case 'rest':
        close(atMs)
        rests.push({ id: entry.id, atMs, endMs: null })
        break
      case 'note':
        notes.push({ id: entry.id, atMs, author: entry.author, text: payload.text })
        break
      case 'clock':
      case 'void':
      case 'amend':
        break
      default:
        marks.push({ id: entry.id, atMs, author: entry.author, said: payload })
    }
  }
  const byId = new Map(segments.map((s) => [s.id, s]))
  const placed = exchanges.filter((x) => byId.has(x.segment))
  const known = new Set(placed.map((x) => x.id))
  const isPlaced = ({ said }: RideMark) => {
    const on = hangsOn(said)
    // what hangs on a segment must name one, and what hangs on an ask must name one
    return on === undefined || ('segment' in said ? byId.has(on) : known.has(on))
  }
  return {
    startedAtMs,
    endedAtMs,
    segments,
    exchanges: placed,
    notes,
    looks,
    rests,
    marks: marks.filter(isPlaced),
    stopSigns,
    reinMs: reinMs(segments),
    pads: pads(placed, byId),
    loose: [...exchanges.filter((x) => !known.has(x.id)), ...marks.filter((m) => !isPlaced(m))].map(
      (e) => e.id,
    ),
    voided,
    odd,
  }
}

function reinMs(segments: Segment[]): Record<Rein, number> {
  const ms: Record<Rein, number> = { LEFT: 0, RIGHT: 0, NONE: 0 }
  for (const s of segments) if (s.endMs !== null) ms[s.rein] += s.endMs - s.atMs
  return ms
}

/** An exchange as it stands; a log that grows is read again and again. */
const made = new WeakMap<StandingEntry, Exchange>()

function asked(standing: StandingEntry, { kind: _, ...ask }: Payload & { kind: 'exchange' }): Exchange {
  const before = made.get(standing)
  if (before) return before
  const exchange = { id: standing.entry.id, atMs: standing.atMs, author: standing.entry.author, ...ask }
  made.set(standing, exchange)
  return exchange
}

function pads(exchanges: Exchange[], byId: Map<string, Segment>): PadCounts[] {
  const keys = new Map([...byId].map(([id, s]) => [id, padKey(s)]))
  const found = new Map<string, PadCounts>()
  for (const x of exchanges) {
    const key = keys.get(x.segment) ?? ''
    const pad = found.get(key) ?? begun(byId.get(x.segment))
    if (!pad) continue
    found.set(key, pad)
    const row = pad.counts[x.strength - 1]
    const column = RESPONSES.indexOf(x.response)
    if (row) row[column] = (row[column] ?? 0) + 1
  }
  return [...found].sort(([a], [b]) => (a < b ? -1 : 1)).map(([, pad]) => pad)
}

function begun(segment: Segment | undefined): PadCounts | undefined {
  if (!segment) return undefined
  const { exercise, gait, place, rein, mounted } = segment
  return { exercise, gait, place, rein, mounted, counts: STRENGTHS.map(() => RESPONSES.map(() => 0)) }
}

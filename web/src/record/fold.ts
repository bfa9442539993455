import type { Entry } from './entry'
import type { Payload } from './payload'
import { tellRide } from './tell'
import type { StandingEntry } from './tell'
import type { Ride } from './ride'
import { isHeard, stopSignsOf } from './stopSigns'
import type { HeardEntry, StopSignSeen } from './stopSigns'
import { readOnce } from './readOnce'
import { TimeBases } from './timeBases'
import { Times } from './times'

const NOT_AMENDABLE = new Set(['clock', 'void', 'amend'])

/**
 * Reads a lesson's log: a pure function of the set of entries, the twin of the server's fold. Three passes over the
 * sorted log: clock times; backwards, what is taken back or amended; forwards, the ride.
 */
export function fold(entries: readonly Entry[]): Ride {
  return told(folded(entries))
}

/**
 * Folds a log that grows: says what {@link fold} says of the same entries. An entry that comes after all that is known and
 * changes nothing before it is told on; anything else is folded anew.
 */
export class GrowingFold {
  private known: FoldedLog = folded([])

  of(entries: readonly Entry[]): Ride {
    this.known = grown(this.known, entries) ?? folded(entries)
    return told(this.known)
  }
}

function told(read: FoldedLog): Ride {
  return tellRide(asItHappened(read.standing), signsIn(read), read.voided, read.odd)
}

/** As it was written, but for what has a moment on a base that is linked. */
function asItHappened(standing: StandingEntry[]): readonly StandingEntry[] {
  const bases = new TimeBases(standing)
  if (bases.isEmpty) return standing
  return standing.map((s) => placed(s, bases.of(s.payload) ?? s.atMs)).sort((a, b) => a.atMs - b.atMs)
}

/** Where an entry was moved to: what is told of an entry is kept for as long as it is the same. */
const moved = new WeakMap<StandingEntry, StandingEntry>()

function placed(standing: StandingEntry, atMs: number): StandingEntry {
  if (atMs === standing.atMs) return standing
  const before = moved.get(standing)
  if (before?.atMs === atMs) return before
  const there = { ...standing, atMs }
  moved.set(standing, there)
  return there
}

/** A log, read. */
interface FoldedLog {
  /** In the order they were given. */
  entries: readonly Entry[]
  ids: Set<string>
  times: Times
  last: Entry | undefined
  standing: StandingEntry[]
  /** What was removed by somebody who may not, as it was. */
  overruled: HeardEntry[]
  voided: string[]
  odd: string[]
}

/** The stop signs that count: those that stand, and those whose removal does not. */
function signsIn({ standing, overruled, times }: FoldedLog): StopSignSeen[] {
  const heard = standing.filter((t) => isHeard(t.payload) && !isReplaced(t, standing, times.order))
  if (overruled.length === 0) return stopSignsOf(heard)
  return stopSignsOf([...heard, ...overruled].sort((a, b) => times.order(a.entry, b.entry)))
}

/** A look that whoever took it took again before the lesson ended: the later one speaks for itself. */
function isReplaced(
  look: StandingEntry,
  standing: StandingEntry[],
  order: (a: Entry, b: Entry) => number,
): boolean {
  if (look.payload.kind !== 'first_look') return false
  for (const { entry, payload } of standing) {
    if (order(entry, look.by) <= 0) continue
    if (payload.kind === 'lesson_ended') return false
    if (payload.kind === 'first_look' && entry.author === look.by.author) return true
  }
  return false
}

function folded(entries: readonly Entry[]): FoldedLog {
  const times = new Times(entries)
  const log = sorted(entries, times)
  const said = settle(log, times)
  return {
    entries,
    ids: new Set(log.map((e) => e.id)),
    times,
    last: log.at(-1),
    standing: log.flatMap((e): StandingEntry[] => {
      const payload = said.payloads.get(e.id)
      const by = said.removers.get(e.id)?.[0] ?? e
      return payload ? [{ entry: e, by, byMs: times.of(by), atMs: times.of(e), payload }] : []
    }),
    overruled: overruledIn(log, said, times),
    voided: log.filter((e) => said.voided.has(e.id)).map((e) => e.id),
    odd: log.filter((e) => said.odd.has(e.id)).map((e) => e.id),
  }
}

/** What was known with what came after it; undefined where that changes what was known. */
function grown(known: FoldedLog, entries: readonly Entry[]): FoldedLog | undefined {
  const { times } = known
  if (known.entries.some((e, i) => entries[i] !== e)) return undefined
  const more = entries.slice(known.entries.length)
  const ids = new Set(known.ids)
  const standing = [...known.standing]
  const odd = [...known.odd]
  let last = known.last
  for (const entry of more) {
    if (NOT_AMENDABLE.has(entry.kind) || ids.has(entry.id)) return undefined
    if (last && times.order(last, entry) >= 0) return undefined
    const payload = readOnce(entry.kind, entry.v, entry.payload)
    const atMs = times.of(entry)
    // one that is not believed may be heard all the same: that is told anew
    if (!times.isBelieved(entry)) return undefined
    if (payload) standing.push({ entry, by: entry, byMs: atMs, atMs, payload })
    else odd.push(entry.id)
    ids.add(entry.id)
    last = entry
  }
  return { ...known, entries, ids, standing, odd, last }
}

function sorted(entries: readonly Entry[], times: Times): Entry[] {
  const seen = new Set<string>()
  return [...entries].sort(times.order).filter((e) => !seen.has(e.id) && seen.add(e.id))
}

interface Settlement {
  payloads: Map<string, Payload>
  /** By an entry's id, who took it back, or whose amendment stands in its place. */
  removers: Map<string, Entry[]>
  voided: Set<string>
  odd: Set<string>
}

/** Backwards, so that whatever takes an entry back or amends it is settled before the entry itself. */
function settle(log: Entry[], times: Times): Settlement {
  const place = new Map(log.map((e, i) => [e.id, i]))
  const settled: Settlement = {
    payloads: new Map(),
    removers: new Map(),
    voided: new Set(),
    odd: new Set(),
  }
  const amendments = new Map<string, Amendment[]>()
  for (let at = log.length - 1; at >= 0; at--) {
    const e = log[at]
    if (!e || settled.voided.has(e.id)) continue
    if (!times.isBelieved(e)) {
      settled.odd.add(e.id)
      continue
    }
    const payload = amended(e, amendments.get(e.id) ?? [], settled) ?? readOnce(e.kind, e.v, e.payload)
    const target = payload && 'target' in payload ? earlier(log, place, payload.target, at) : undefined
    if (!payload) {
      settled.odd.add(e.id)
    } else if (payload.kind === 'void') {
      if (target && target.kind !== 'clock') {
        settled.voided.add(target.id)
        settled.removers.set(target.id, [...(settled.removers.get(target.id) ?? []), e])
      } else settled.odd.add(e.id)
    } else if (payload.kind === 'amend') {
      if (target && !NOT_AMENDABLE.has(target.kind)) {
        const all = amendments.get(target.id) ?? []
        amendments.set(target.id, [...all, { by: e, payload: payload.payload }])
      } else settled.odd.add(e.id)
    } else {
      settled.payloads.set(e.id, payload)
    }
  }
  return settled
}

interface Amendment {
  by: Entry
  payload: Record<string, unknown>
}

/** What said that the work must end, and was removed by another than its author or after the lesson's end. */
function overruledIn(log: Entry[], said: Settlement, times: Times): HeardEntry[] {
  return log.flatMap((entry, at) => {
    const stands = said.payloads.get(entry.id)
    const by = said.removers.get(entry.id)
    const isBelieved = times.isBelieved(entry)
    if (!isBelieved && !said.voided.has(entry.id)) return heardAsItIs(entry, times)
    if (!by || (stands && isHeard(stands))) return []
    const isInTime = by.some(
      (r) =>
        r.author === entry.author &&
        !log.slice(at, log.indexOf(r)).some((e) => said.payloads.get(e.id)?.kind === 'lesson_ended'),
    )
    return isInTime ? [] : heardAsItIs(entry, times)
  })
}

/** An entry that says by itself that the work must end. */
function heardAsItIs(entry: Entry, times: Times): HeardEntry[] {
  const payload = readOnce(entry.kind, entry.v, entry.payload)
  return payload && isHeard(payload) ? [{ entry, by: entry, byMs: times.of(entry), payload }] : []
}

function earlier(log: Entry[], place: Map<string, number>, target: string, at: number): Entry | undefined {
  const there = place.get(target)
  return there !== undefined && there < at ? log[there] : undefined
}

/** The last amendment that can be read as this entry's kind; those passed over on the way are odd. */
function amended(e: Entry, amendments: Amendment[], { odd, removers }: Settlement): Payload | undefined {
  let found: Payload | undefined
  for (const a of amendments) {
    const read = readOnce(e.kind, e.v, a.payload)
    if (!read) odd.add(a.by.id)
    else if (!found) {
      found = read
      removers.set(e.id, [a.by])
    }
  }
  return found
}

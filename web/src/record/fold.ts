import type { Entry } from './entry'
import { readPayload } from './payload'
import type { Payload } from './payload'
import { tellRide } from './tell'
import type { Told } from './tell'
import type { Ride } from './ride'
import { isHeard, stopSignsOf } from './stopSigns'
import type { Heard, StopSignSeen } from './stopSigns'

/**
 * From here on no time is believed, the first moment of 2100: an entry that says so is odd, takes nothing back and moves nothing;
 * a stop sign counts all the same. The twin of the server's.
 */
const BELIEVED_BEFORE_MS = 4_102_444_800_000

const NOT_AMENDABLE = new Set(['clock', 'void', 'amend'])

/**
 * Reads a lesson's log: a pure function of the set of entries, the twin of the server's fold. Three passes over the
 * sorted log: clock offsets; backwards, what is taken back or amended; forwards, the ride.
 */
export function fold(entries: readonly Entry[]): Ride {
  const read = folded(entries)
  return tellRide(read.told, signsIn(read), read.voided, read.odd)
}

/**
 * Folds a log that grows: says what {@link fold} says of the same entries. An entry that comes after all that is known and
 * changes nothing before it is told on; anything else is folded anew.
 */
export class GrowingFold {
  private known: Folded = folded([])

  of(entries: readonly Entry[]): Ride {
    this.known = grown(this.known, entries) ?? folded(entries)
    const { told, voided, odd } = this.known
    return tellRide(told, signsIn(this.known), voided, odd)
  }
}

/** A log, read. */
interface Folded {
  /** In the order they were given. */
  entries: readonly Entry[]
  ids: Set<string>
  offsets: Map<string, number>
  last: Entry | undefined
  told: Told[]
  /** What was removed by somebody who may not, as it was. */
  overruled: Heard[]
  voided: string[]
  odd: string[]
}

/** The stop signs that count: those that stand, and those whose removal does not. */
function signsIn({ told, overruled, offsets }: Folded): StopSignSeen[] {
  const standing = told.filter((t) => isHeard(t.payload) && !isReplaced(t, told, inOrder(offsets)))
  if (overruled.length === 0) return stopSignsOf(standing)
  const order = inOrder(offsets)
  return stopSignsOf([...standing, ...overruled].sort((a, b) => order(a.entry, b.entry)))
}

/** A look that whoever took it took again before the lesson ended: the later one speaks for itself. */
function isReplaced(look: Told, told: Told[], order: (a: Entry, b: Entry) => number): boolean {
  if (look.payload.kind !== 'first_look') return false
  for (const { entry, payload } of told) {
    if (order(entry, look.by) <= 0) continue
    if (payload.kind === 'lesson_ended') return false
    if (payload.kind === 'first_look' && entry.author === look.by.author) return true
  }
  return false
}

function folded(entries: readonly Entry[]): Folded {
  const offsets = clockOffsets(entries)
  const log = sorted(entries, offsets)
  const said = settle(log, offsets)
  return {
    entries,
    ids: new Set(log.map((e) => e.id)),
    offsets,
    last: log.at(-1),
    told: log.flatMap((e): Told[] => {
      const payload = said.payloads.get(e.id)
      const by = said.removers.get(e.id)?.[0] ?? e
      return payload
        ? [{ entry: e, by, byMs: correctedMs(by, offsets), atMs: correctedMs(e, offsets), payload }]
        : []
    }),
    overruled: overruledIn(log, said, offsets),
    voided: log.filter((e) => said.voided.has(e.id)).map((e) => e.id),
    odd: log.filter((e) => said.odd.has(e.id)).map((e) => e.id),
  }
}

/** What was known with what came after it; undefined where that changes what was known. */
function grown(known: Folded, entries: readonly Entry[]): Folded | undefined {
  const { offsets } = known
  if (known.entries.some((e, i) => entries[i] !== e)) return undefined
  const more = entries.slice(known.entries.length)
  const ids = new Set(known.ids)
  const told = [...known.told]
  const odd = [...known.odd]
  let last = known.last
  for (const entry of more) {
    if (NOT_AMENDABLE.has(entry.kind) || ids.has(entry.id)) return undefined
    if (last && inOrder(offsets)(last, entry) >= 0) return undefined
    const payload = readOnce(entry.kind, entry.v, entry.payload)
    const atMs = correctedMs(entry, offsets)
    // one that is not believed may be heard all the same: that is told anew
    if (atMs >= BELIEVED_BEFORE_MS) return undefined
    if (payload) told.push({ entry, by: entry, byMs: atMs, atMs, payload })
    else odd.push(entry.id)
    ids.add(entry.id)
    last = entry
  }
  return { ...known, entries, ids, told, odd, last }
}

/** What was read of a payload; a payload never changes, and a log is folded again at each touch. */
const read = new WeakMap<object, { kind: string; v: number; payload: Payload | undefined }>()

function readOnce(kind: string, v: number, p: Record<string, unknown>): Payload | undefined {
  const before = read.get(p)
  if (before?.kind === kind && before.v === v) return before.payload
  const payload = readPayload(kind, v, p)
  read.set(p, { kind, v, payload })
  return payload
}

/** What must be added to each device's times; the latest clock entry of a device counts. */
export function clockOffsets(entries: readonly Entry[]): Map<string, number> {
  const latest = new Map<string, { entry: Entry; offsetMs: number }>()
  for (const entry of entries) {
    if (entry.kind !== 'clock') continue
    const payload = readOnce(entry.kind, entry.v, entry.payload)
    if (payload?.kind !== 'clock') continue
    const before = latest.get(entry.device)?.entry
    const wins = !before || entry.seq > before.seq || (entry.seq === before.seq && entry.id > before.id)
    if (wins) latest.set(entry.device, { entry, offsetMs: payload.offsetMs })
  }
  return new Map([...latest].map(([device, { offsetMs }]) => [device, offsetMs]))
}

export function correctedMs(entry: Entry, offsets: Map<string, number>): number {
  return entry.atMs + (offsets.get(entry.device) ?? 0)
}

function sorted(entries: readonly Entry[], offsets: Map<string, number>): Entry[] {
  const seen = new Set<string>()
  return [...entries].sort(inOrder(offsets)).filter((e) => !seen.has(e.id) && seen.add(e.id))
}

function inOrder(offsets: Map<string, number>) {
  return (a: Entry, b: Entry) =>
    correctedMs(a, offsets) - correctedMs(b, offsets) ||
    byText(a.device, b.device) ||
    a.seq - b.seq ||
    byText(a.id, b.id)
}

function byText(a: string, b: string): number {
  return a < b ? -1 : a > b ? 1 : 0
}

interface Settled {
  payloads: Map<string, Payload>
  /** By an entry's id, who took it back, or whose amendment stands in its place. */
  removers: Map<string, Entry[]>
  voided: Set<string>
  odd: Set<string>
}

/** Backwards, so that whatever takes an entry back or amends it is settled before the entry itself. */
function settle(log: Entry[], offsets: Map<string, number>): Settled {
  const place = new Map(log.map((e, i) => [e.id, i]))
  const settled: Settled = {
    payloads: new Map(),
    removers: new Map(),
    voided: new Set(),
    odd: new Set(),
  }
  const amendments = new Map<string, Amendment[]>()
  for (let at = log.length - 1; at >= 0; at--) {
    const e = log[at]
    if (!e || settled.voided.has(e.id)) continue
    if (correctedMs(e, offsets) >= BELIEVED_BEFORE_MS) {
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
function overruledIn(log: Entry[], said: Settled, offsets: Map<string, number>): Heard[] {
  return log.flatMap((entry, at) => {
    const stands = said.payloads.get(entry.id)
    const by = said.removers.get(entry.id)
    const isBelieved = correctedMs(entry, offsets) < BELIEVED_BEFORE_MS
    if (!isBelieved && !said.voided.has(entry.id)) return heardAsItIs(entry, offsets)
    if (!by || (stands && isHeard(stands))) return []
    const isInTime = by.some(
      (r) =>
        r.author === entry.author &&
        !log.slice(at, log.indexOf(r)).some((e) => said.payloads.get(e.id)?.kind === 'lesson_ended'),
    )
    return isInTime ? [] : heardAsItIs(entry, offsets)
  })
}

/** An entry that says by itself that the work must end. */
function heardAsItIs(entry: Entry, offsets: Map<string, number>): Heard[] {
  const payload = readOnce(entry.kind, entry.v, entry.payload)
  return payload && isHeard(payload) ? [{ entry, by: entry, byMs: correctedMs(entry, offsets), payload }] : []
}

function earlier(log: Entry[], place: Map<string, number>, target: string, at: number): Entry | undefined {
  const there = place.get(target)
  return there !== undefined && there < at ? log[there] : undefined
}

/** The last amendment that can be read as this entry's kind; those passed over on the way are odd. */
function amended(e: Entry, amendments: Amendment[], { odd, removers }: Settled): Payload | undefined {
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

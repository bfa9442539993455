import { readPayload } from '../record'
import type { Payload, Ride } from '../record'
import type { StoredEntry } from '../store'

/**
 * What an entry says as the log stands, with what was changed afterwards; a change says what it changed. Undefined when it
 * is not understood.
 */
export function saidNow(ride: Ride, entries: StoredEntry[], entry: StoredEntry): Payload | undefined {
  if (entry.kind === 'amend') {
    const changed = entries.find((e) => e.id === entry.payload.target)
    return changed && saidNow(ride, entries, changed)
  }
  const ask = ride.exchanges.find((x) => x.id === entry.id)
  if (ask) return { kind: 'exchange', ...ask }
  const segment = ride.segments.find((s) => s.id === entry.id)
  if (segment) return { kind: 'segment', ...segment }
  return ride.marks.find((m) => m.id === entry.id)?.said ?? asChanged(ride, entries, entry)
}

/** What is not in the ride, because it was taken back: as it was last changed before. */
function asChanged(ride: Ride, entries: StoredEntry[], entry: StoredEntry): Payload | undefined {
  const changes = entries
    .filter((e) => e.kind === 'amend' && e.payload.target === entry.id && !ride.voided.includes(e.id))
    .sort((a, b) => b.atMs - a.atMs || b.seq - a.seq)
    .map((e) => readPayload(entry.kind, entry.v, (e.payload.payload ?? {}) as Record<string, unknown>))
  return changes.find((c) => c !== undefined) ?? readPayload(entry.kind, entry.v, entry.payload)
}

/** The entry that took this one back and still stands: taken back itself, it puts this one back. */
export function takenBackBy(entries: StoredEntry[], voided: string[], id: string): string | undefined {
  return entries.find((e) => e.kind === 'void' && e.payload.target === id && !voided.includes(e.id))?.id
}

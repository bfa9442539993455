import { v7 } from 'uuid'
import { LATEST, readPayload, Times } from '../record'
import type { Kind, Writes } from '../record'
import { counterOf } from './device'
import type { StoredEntry, Shelf } from './device'

/** What is to be written; the store adds id, author, order and time. */
export type NewEntry = { [K in Kind]: { kind: K; payload: Writes[K] } }[Kind]

/**
 * Writes one entry, strictly durable, in one transaction with the device's count, so that two tabs never share a
 * number. The time never falls, also when the clock does, and an entry that names another comes after it.
 */
export async function append(
  shelf: Shelf,
  lesson: string,
  author: string,
  said: NewEntry,
): Promise<StoredEntry> {
  return shelf.transaction('rw', shelf.entries, shelf.counters, shelf.packets, async () => {
    // what needs not wait for each other is asked at once: a touch is kept the sooner
    const [clocks, counter] = await Promise.all([
      shelf.entries.where({ lesson, kind: 'clock' }).toArray(),
      counterOf(shelf),
    ])
    const written: StoredEntry[] = []
    const write = async (said: NewEntry): Promise<StoredEntry> => {
      const { kind } = said
      const payload: Record<string, unknown> = { ...said.payload }
      // what no reader understands is told at once, not found years later
      if (!readPayload(kind, LATEST[kind], payload)) throw new Error(`This is no ${kind}.`)
      const least = await leastMs(shelf, clocks, { device: counter.device, author }, payload)
      counter.seq += 1
      counter.lastMs = Math.max(Date.now(), counter.lastMs + 1, least)
      const entry: StoredEntry = {
        id: v7(),
        lesson,
        device: counter.device,
        author,
        seq: counter.seq,
        atMs: counter.lastMs,
        kind,
        v: LATEST[kind],
        payload,
        passage: 'waiting',
      }
      written.push(entry)
      return entry
    }
    // the first word of a device in a lesson is how far its clock is off, by its own person
    if (!clocks.some((c) => c.device === counter.device && c.author === author)) {
      const packet = await shelf.packets.get(lesson)
      if (packet) await write({ kind: 'clock', payload: { offsetMs: packet.offsetMs } })
    }
    const entry = await write(said)
    await Promise.all([shelf.entries.bulkAdd(written), shelf.counters.put(counter)])
    return entry
  })
}

/** One after the entry that is named, by this device's clock. */
async function leastMs(
  shelf: Shelf,
  clocks: StoredEntry[],
  writer: Pick<StoredEntry, 'device' | 'author'>,
  { target }: Record<string, unknown>,
): Promise<number> {
  const named = typeof target === 'string' ? await shelf.entries.get(target) : undefined
  if (!named) return 0
  const times = new Times(clocks)
  return times.of(named) - (times.offsetMs(writer) ?? 0) + 1
}

import { v7 } from 'uuid'
import { clockOffsets, correctedMs } from '../record'
import { counterOf } from './device'
import type { KeptEntry, Shelf } from './device'

/** What is to be written; the store adds id, author, order and time. */
export interface Said {
  kind: string
  payload: Record<string, unknown>
}

/**
 * Writes one entry, strictly durable, in one transaction with the device's count, so that two tabs never share a
 * number. The time never falls, also when the clock does, and an entry that names another comes after it.
 */
export async function append(shelf: Shelf, lesson: string, author: string, said: Said): Promise<KeptEntry> {
  return shelf.transaction('rw', shelf.entries, shelf.counters, async () => {
    const counter = await counterOf(shelf)
    const least = await leastMs(shelf, lesson, counter.device, said)
    const atMs = Math.max(Date.now(), counter.lastMs + 1, least)
    const entry: KeptEntry = {
      id: v7(),
      lesson,
      device: counter.device,
      author,
      seq: counter.seq + 1,
      atMs,
      kind: said.kind,
      v: 1,
      payload: said.payload,
      passage: 'waiting',
    }
    await shelf.entries.add(entry)
    await shelf.counters.put({ ...counter, seq: entry.seq, lastMs: atMs })
    return entry
  })
}

/** One after the entry that is named, by this device's clock. */
async function leastMs(shelf: Shelf, lesson: string, device: string, said: Said): Promise<number> {
  const { target } = said.payload
  const named = typeof target === 'string' ? await shelf.entries.get(target) : undefined
  if (!named) return 0
  const offsets = clockOffsets(await shelf.entries.where({ lesson }).toArray())
  return correctedMs(named, offsets) - (offsets.get(device) ?? 0) + 1
}

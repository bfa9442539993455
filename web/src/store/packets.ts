import { answerOf, api, Unreachable, untilLeaving } from '../api'
import type { Packet } from '../api'
import type { StoredPacket, Shelf } from './device'
import { addLesson } from './addLesson'

/** Fetches what a lesson needs and keeps it, with the log as the server has it; without a network, what was kept. */
export async function packetOf(shelf: Shelf, lesson: string): Promise<StoredPacket> {
  try {
    const before = await shelf.packets.get(lesson)
    if (before?.toAdd) await addLesson(shelf, before)
    const packet = await answerOf(
      api.GET('/api/v1/lessons/{id}/packet', { params: { path: { id: lesson } } }),
    )
    const { entries, arrival } = packet
    // its entries lie among the entries, once
    const bare = { ...packet, entries: [] }
    const kept = { lesson, packet: bare, offsetMs: packet.serverMs - Date.now(), arrival }
    await shelf
      .transaction('rw', shelf.packets, shelf.entries, async () => {
        await shelf.packets.put(kept)
        await keepStored(shelf, entries)
      })
      // without room it is there for this once
      .catch(() => undefined)
    return kept
  } catch (e) {
    const kept = await shelf.packets.get(lesson)
    if (kept && e instanceof Unreachable) return kept
    throw e
  }
}

/** Reads what arrived in a lesson since the last time, from whatever device. Nothing to do for one without a packet. */
export async function readOn(shelf: Shelf, lesson: string): Promise<void> {
  const kept = await shelf.packets.get(lesson)
  if (!kept) return
  const { entries, arrival } = await answerOf(
    api.GET('/api/v1/lessons/{id}/entries', {
      params: { path: { id: lesson }, query: { after: kept.arrival } },
    }),
  )
  await shelf.transaction('rw', shelf.packets, shelf.entries, async () => {
    await keepStored(shelf, entries)
    await shelf.packets.update(lesson, { arrival })
  })
}

async function keepStored(shelf: Shelf, entries: Packet['entries']): Promise<void> {
  const known = await shelf.entries.bulkGet(entries.map((e) => e.id))
  const passages = new Map(known.flatMap((e) => (e ? [[e.id, e.passage]] : [])))
  // an entry of ours whose answer was lost on the way is stored all the same
  const fresh = entries.filter((e) => [undefined, 'waiting'].includes(passages.get(e.id)))
  await shelf.entries.bulkPut(fresh.map((e) => ({ ...e, passage: 'stored' as const })))
}

/** Fetches the packets of these lessons beforehand, detach: a lesson must start where there is no network. */
export async function fetchAhead(
  shelf: Shelf,
  lessons: string[],
  here: AbortSignal = untilLeaving(),
): Promise<void> {
  for (const lesson of lessons) {
    try {
      here.throwIfAborted()
      await packetOf(shelf, lesson)
    } catch {
      return
    }
  }
}

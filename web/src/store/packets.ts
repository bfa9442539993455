import { answerOf, api, Unreachable } from '../api'
import type { KeptPacket, Shelf } from './device'

/** Fetches what a lesson needs and keeps it, with the log as the server has it; without a network, what was kept. */
export async function packetOf(shelf: Shelf, lesson: string): Promise<KeptPacket> {
  try {
    const packet = await answerOf(
      api.GET('/api/v1/lessons/{id}/packet', { params: { path: { id: lesson } } }),
    )
    const kept = { lesson, packet, offsetMs: packet.serverMs - Date.now() }
    await shelf.transaction('rw', shelf.packets, shelf.entries, async () => {
      await shelf.packets.put(kept)
      for (const entry of packet.entries) {
        const own = await shelf.entries.get(entry.id)
        // an entry of ours whose answer was lost on the way is stored all the same
        if (own?.passage !== 'odd') await shelf.entries.put({ ...entry, passage: 'stored' })
      }
    })
    return kept
  } catch (e) {
    const kept = await shelf.packets.get(lesson)
    if (kept && e instanceof Unreachable) return kept
    throw e
  }
}

/** Fetches the packets of these lessons beforehand, quietly: a lesson must start where there is no network. */
export async function fetchAhead(shelf: Shelf, lessons: string[]): Promise<void> {
  for (const lesson of lessons) {
    try {
      await packetOf(shelf, lesson)
    } catch {
      return
    }
  }
}

import { answerOf, api, Problem } from '../api'
import type { StoredPacket, Shelf } from './device'

/** Puts one lesson in that was made without a network; false when there is none. It goes before its entries. */
export async function addNextLesson(shelf: Shelf, onSending: () => void): Promise<boolean> {
  const kept = await shelf.packets.where({ toAdd: 1 }).first()
  if (!kept) return false
  onSending()
  await addLesson(shelf, kept)
  return true
}

/** Puts in what was made without a network. */
export async function addLesson(shelf: Shelf, kept: StoredPacket): Promise<void> {
  const { id, pair, plannedAt, minutes } = kept.packet.lesson
  try {
    // said before its lesson, and as often as it takes: the server knows it by its id
    if (kept.newPair) await answerOf(api.POST('/api/v1/pairs', { body: kept.newPair }))
    await answerOf(api.POST('/api/v1/lessons', { body: { id, pair, plannedAt, minutes, isOnVideo: null } }))
  } catch (e) {
    // what the server will never take must not keep the rest from it; the lesson's entries are answered for one by one
    if (!(e instanceof Problem && e.status === 422)) throw e
  }
  await shelf.packets.update(kept.lesson, { toAdd: 0 })
}

import { v7 } from 'uuid'
import { answerOf, api, Unreachable } from '../api'
import { isoOf } from '../text'
import type { StoredPacket, Shelf } from './device'
import { packetOf } from './packets'

/** How long a lesson is when nobody said. */
export const LESSON_MINUTES = 45

/**
 * A lesson of this pair, now; its id. Without a network it is made out of what this device has of the pair's last lesson,
 * and put in at the server once there is one. Fails with {@link Unreachable} where the device has nothing of the pair.
 */
export async function lessonNow(shelf: Shelf, pair: string): Promise<string> {
  const id = v7()
  try {
    await answerOf(
      api.POST('/api/v1/lessons', {
        body: { id, pair, plannedAt: null, minutes: LESSON_MINUTES, isOnVideo: null },
      }),
    )
    await packetOf(shelf, id)
  } catch (e) {
    if (!(e instanceof Unreachable)) throw e
    const last = (await ridableOn(shelf)).pairs.find((kept) => kept.packet.lesson.pair === pair)
    if (!last) throw e
    // of a pair that the server has not met, it goes in with it
    const { newPair } = last
    await shelf.packets.add({ ...unplanned(last, id), ...(newPair && { newPair }) })
  }
  return id
}

/** What was planned for another day is not ridden by itself; what it warns of still holds. */
export function unplanned({ packet, offsetMs }: StoredPacket, lesson: string): StoredPacket {
  const now = isoOf(Date.now() + offsetMs)
  const { plan } = packet
  return {
    lesson,
    packet: {
      ...packet,
      lesson: {
        ...packet.lesson,
        id: lesson,
        plannedAt: now,
        minutes: LESSON_MINUTES,
        startedAt: null,
        endedAt: null,
        exchanges: 0,
        group: null,
      },
      plan: { ...plan, isKept: false, plan: { ...plan.plan, blocks: [] } },
      arrival: 0,
    },
    offsetMs,
    arrival: 0,
    toAdd: 1,
  }
}

/** Lessons on this device that are not over, in the order of the day, and the latest lesson of each pair. */
export async function ridableOn(shelf: Shelf): Promise<{ lessons: StoredPacket[]; pairs: StoredPacket[] }> {
  const packets = await shelf.packets.toArray()
  packets.sort((a, b) => a.packet.lesson.plannedAt.localeCompare(b.packet.lesson.plannedAt))
  const over = await shelf.entries
    .where(['lesson', 'kind'])
    .anyOf(packets.map((p) => [p.lesson, 'lesson_ended']))
    .toArray()
  const ended = new Set(over.map((e) => e.lesson))
  return {
    lessons: packets.filter((p) => p.packet.lesson.endedAt === null && !ended.has(p.lesson)),
    pairs: [...new Map(packets.map((p) => [p.packet.lesson.pair, p])).values()],
  }
}

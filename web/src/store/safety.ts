import { answerOf, api, Unreachable } from '../api'
import type { SafetyView } from '../api'
import type { StopSignSeen } from '../record'
import type { StoredPacket, Shelf } from './device'

const NOTHING: SafetyView = { horses: [], contacts: [], serverMs: 0 }

/**
 * Fetches how the horses stand and keeps it; without a network, what was kept. What this device had sent before it asked is
 * in the answer, and is no longer told by the device itself.
 */
export async function safetyOf(shelf: Shelf): Promise<SafetyView> {
  const [heard, signs] = await Promise.all([
    shelf.heard.toCollection().primaryKeys(),
    shelf.signs
      .where({ passage: 'stored' })
      .filter((s) => !s.takenBack)
      .primaryKeys(),
  ])
  const sent = (await shelf.entries.bulkGet(heard)).flatMap((e) =>
    e && e.passage !== 'waiting' ? [e.id] : [],
  )
  try {
    const safety = await answerOf(api.GET('/api/v1/safety'))
    await shelf
      .transaction('rw', shelf.safety, shelf.heard, shelf.signs, async () => {
        await shelf.safety.put({ name: 'safety', safety })
        await shelf.heard.bulkDelete(sent)
        // one may have been taken back while the answer was on its way: that is still to be sent
        await shelf.signs
          .where('id')
          .anyOf(signs)
          .filter((s) => !s.takenBack)
          .delete()
      })
      // without room it is known for this once
      .catch(() => undefined)
    return safety
  } catch (e) {
    if (!(e instanceof Unreachable)) throw e
    return (await shelf.safety.get('safety'))?.safety ?? NOTHING
  }
}

/** Keeps what a lesson on this device saw and has not sent: its horse is paused here at once, on every screen. */
export async function hear(
  shelf: Shelf,
  { lesson, packet }: StoredPacket,
  signs: StopSignSeen[],
): Promise<void> {
  await shelf.transaction('rw', shelf.heard, shelf.entries, async () => {
    const before = await shelf.heard.where({ lesson }).primaryKeys()
    const standing = new Set(signs.map((s) => s.saidBy))
    await shelf.heard.bulkDelete(before.filter((id) => !standing.has(id)))
    const entries = await shelf.entries.bulkGet([...standing])
    const waiting = new Set(entries.flatMap((e) => (e?.passage === 'waiting' ? [e.id] : [])))
    const { pair, horseId: horse, horse: name } = packet.lesson
    await shelf.heard.bulkPut(
      signs
        .filter((s) => waiting.has(s.saidBy))
        .map((s) => ({ id: s.saidBy, lesson, pair, horse, name, sign: s.sign, atMs: s.atMs })),
    )
  })
}

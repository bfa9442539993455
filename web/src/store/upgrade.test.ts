import Dexie from 'dexie'
import { readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import { beforeAll, expect, test, vi } from 'vitest'
import { v7 } from 'uuid'
import { STANDARD_HEAT } from '../nudge'
import { shelfOf } from './device'
import type { StoredEntry, StoredPacket, Shelf } from './device'
import { ridableOn } from './lessons'
import { Outbox } from './outbox'
import { unsentOn } from './stored'
import { waitingEntries } from './waitingEntries'
import { waitingPractices } from './waitingPractices'

/** What two devices of the version before held unsent; see scripts/upgrade-fixture.mjs. */
const left = JSON.parse(
  readFileSync(
    resolve(import.meta.dirname, '../../../server/src/test/resources/upgrade/v6-device.json'),
    'utf8',
  ),
) as Record<'coach' | 'rider', Record<string, unknown[]>>

/** As the version before opened it, filled as it was left, with some more entries. */
async function leftBy(whose: 'coach' | 'rider', more: StoredEntry[] = []): Promise<Shelf> {
  const person = v7()
  const old = new Dexie(`strophos-${person}`)
  old.version(5).stores({
    entries: 'id, lesson, passage, [lesson+kind]',
    packets: 'lesson, toAdd',
    counters: 'name',
    practices: 'id, passage, assignment',
    cards: 'name',
    timers: 'assignment',
  })
  for (const [table, rows] of Object.entries(left[whose])) await old.table(table).bulkAdd(rows)
  await old.table('entries').bulkAdd(more)
  old.close()
  return shelfOf(person)
}

let coach: Shelf
let rider: Shelf
beforeAll(async () => {
  coach = await leftBy('coach')
  rider = await leftBy('rider')
})

test('nothing that was not sent is lost', async () => {
  expect(await unsentOn(coach)).toBe(left.coach.entries?.length)
  expect(await unsentOn(rider)).toBe(1)
})

test('a packet knows what pauses and heat need', async () => {
  const { packet } = (await coach.packets.toArray())[0] ?? {}
  expect(packet?.lesson.horseId).toBe('')
  expect(packet?.plan.heat).toEqual(STANDARD_HEAT)
  expect(packet?.plan.nudges).toMatchObject({ stuckWrong: 3, whenStuck: 'END_ON_KNOWN' })
  expect((await ridableOn(coach)).lessons).toHaveLength(1)
})

test('a packet knows the schools there are, and that nothing is settled', async () => {
  const { packet } = (await coach.packets.toArray())[0] ?? {}
  expect(packet?.schools).toEqual([])
  expect(packet?.settled.bit).toBeNull()
  expect(packet?.ownPads).toEqual({})
  expect(packet?.known.ownGait).toBeNull()
})

test('homework that was paused is still stopped', async () => {
  const cards = (await rider.cards.get('cards'))?.cards.pairs.flatMap((p) => p.cards) ?? []
  expect(cards.map((c) => c.stop)).toEqual(cards.map((c) => (c.isPaused ? 'SIGN_OPEN' : null)))
  expect(cards.some((c) => c.stop !== null)).toBe(true)
})

test('pain seen and not sent pauses the horse from now on', async () => {
  const packet = left.coach.packets?.[0] as StoredPacket
  const { device } = left.coach.counters?.[0] as { device: string }
  const look: StoredEntry = {
    id: v7(),
    lesson: packet.lesson,
    device,
    author: v7(),
    seq: 9_000,
    atMs: Date.now(),
    kind: 'first_look',
    v: 1,
    payload: { soundness: 'PAIN_SIGNS' },
    passage: 'waiting',
  }
  const shelf = await leftBy('coach', [look])
  expect(await shelf.heard.toArray()).toMatchObject([
    { id: look.id, pair: packet.packet.lesson.pair, name: 'Quillon', sign: 'PAIN_SIGNS' },
  ])
  expect(await coach.heard.count(), 'nothing was seen there').toBe(0)
})

test('a lesson of before groups is ridden alone', async () => {
  const { packet } = (await coach.packets.toArray())[0] ?? {}
  expect(packet?.lesson.group).toBeNull()
})

test('a pair of before reins were measured has no band, and nothing of a sensor waits', async () => {
  const { packet } = (await coach.packets.toArray())[0] ?? {}
  expect(packet?.band).toBeNull()
  expect((await coach.recordings.count()) + (await coach.pieces.count())).toBe(0)
})

test('it is sent as the version before wrote it', async () => {
  const sent: unknown[] = []
  vi.spyOn(globalThis, 'fetch').mockImplementation(async (input) => {
    const body = (await (input as Request).json()) as {
      entries?: StoredEntry[]
      practices?: { id: string }[]
    }
    const rows = body.entries ?? body.practices ?? []
    sent.push(...rows)
    return Response.json({
      answers: rows.map(({ id }, index) => ({ index, id, outcome: 'STORED', code: null })),
    })
  })
  for (const outbox of [new Outbox(waitingEntries(coach)), new Outbox(waitingPractices(rider))]) {
    await outbox.send()
    outbox.stop()
  }
  vi.restoreAllMocks()
  const bare = [...(left.coach.entries ?? []), ...(left.rider.practices ?? [])].map((row) => {
    const { passage: _, ...rest } = row as StoredEntry
    return rest
  })
  expect(sent).toEqual(expect.arrayContaining(bare))
  expect(sent).toHaveLength(bare.length)
  expect((await unsentOn(coach)) + (await unsentOn(rider))).toBe(0)
})

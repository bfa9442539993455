import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { v7 } from 'uuid'
import type { SafetyView } from '../api'
import { fold } from '../record'
import { append } from './append'
import { shelfOf } from './device'
import type { StoredPacket, StoredSign, Shelf } from './device'
import { Outbox } from './outbox'
import { hear, safetyOf } from './safety'
import { unsentOn } from './stored'
import { waitingSigns } from './waitingSigns'

let person: string
let shelf: Shelf
let lesson: string
const told: SafetyView = { horses: [], contacts: [], serverMs: 1 }

beforeEach(() => {
  person = v7()
  lesson = v7()
  shelf = shelfOf(person)
})
afterEach(() => vi.restoreAllMocks())

const packet = () =>
  ({
    lesson,
    packet: { lesson: { pair: 'noor', horseId: 'vesper', horse: 'Vesper' } },
  }) as unknown as StoredPacket

function server(answer: () => Response | Promise<Response>) {
  return vi.spyOn(globalThis, 'fetch').mockImplementation(() => Promise.resolve(answer()))
}
const noNetwork = () => server(() => Promise.reject(new TypeError('network')))

async function heardOf() {
  await hear(shelf, packet(), fold(await shelf.entries.where({ lesson }).toArray()).stopSigns)
  return (await shelf.heard.toArray()).map((h) => h.sign)
}

function sign(): StoredSign {
  return {
    id: v7(),
    pair: 'noor',
    horse: 'vesper',
    name: 'Vesper',
    author: person,
    at: new Date().toISOString(),
    sign: 'BLOOD',
    side: 'NONE',
    passage: 'waiting',
  }
}

test('what a lesson here saw is kept until it is taken back', async () => {
  const said = await append(shelf, lesson, person, {
    kind: 'stop_sign',
    payload: { sign: 'FLINCHES', side: 'NONE' },
  })
  expect(await heardOf()).toEqual(['FLINCHES'])
  await append(shelf, lesson, person, { kind: 'void', payload: { target: said.id } })
  expect(await heardOf()).toEqual([])
})

test('it is told by the server once it was sent before the server was asked', async () => {
  const said = await append(shelf, lesson, person, {
    kind: 'first_look',
    payload: { soundness: 'UNLEVEL' },
  })
  expect(await heardOf()).toEqual(['UNLEVEL'])
  server(() => Response.json(told))
  await safetyOf(shelf)
  expect(await shelf.heard.count(), 'not sent yet').toBe(1)
  await shelf.entries.update(said.id, { passage: 'stored' })
  await safetyOf(shelf)
  expect(await shelf.heard.count()).toBe(0)
  expect(await heardOf(), 'and not heard again').toEqual([])
})

test('without a network what was kept is told, and nothing is forgotten', async () => {
  const paused = { ...told, horses: [{ horse: 'vesper' }] } as unknown as SafetyView
  server(() => Response.json(paused))
  await safetyOf(shelf)
  vi.restoreAllMocks()
  noNetwork()
  await shelf.signs.add({ ...sign(), passage: 'stored' })
  expect(await safetyOf(shelf)).toEqual(paused)
  expect(await shelf.signs.count()).toBe(1)
})

test('a device that was never told anything has nothing to say', async () => {
  noNetwork()
  expect(await safetyOf(shelf)).toEqual({ horses: [], contacts: [], serverMs: 0 })
})

test('a sign is sent by itself, counts as unsent until then, and stays when it is refused', async () => {
  const kept = sign()
  await shelf.signs.add(kept)
  expect(await unsentOn(shelf)).toBe(1)
  const outbox = new Outbox(waitingSigns(shelf))
  const asked = server(() => Response.json({ answers: [{ id: kept.id, outcome: 'STORED', code: null }] }))
  await outbox.send()
  const { id, pair, author, at } = kept
  const sent: unknown = await (asked.mock.calls[0]?.[0] as Request).json()
  expect(sent).toEqual({ signs: [{ id, pair, author, at, sign: 'BLOOD', side: 'NONE' }] })
  expect((await shelf.signs.get(kept.id))?.passage).toBe('stored')
  vi.restoreAllMocks()
  await shelf.signs.delete(kept.id)
  const other = sign()
  await shelf.signs.add(other)
  server(() => Response.json({ answers: [{ id: other.id, outcome: 'REFUSED', code: 'UNKNOWN_PAIR' }] }))
  await outbox.send()
  outbox.stop()
  expect(await shelf.signs.get(other.id)).toMatchObject({ passage: 'refused', code: 'UNKNOWN_PAIR' })
  expect(await unsentOn(shelf)).toBe(1)
})

test('one said by mistake is sent, then taken back: it may have been on its way already', async () => {
  const kept = { ...sign(), takenBack: true }
  await shelf.signs.add(kept)
  const paths: string[] = []
  vi.spyOn(globalThis, 'fetch').mockImplementation((input) => {
    const path = new URL((input as Request).url).pathname
    paths.push(path)
    return Promise.resolve(
      path.endsWith('take-back')
        ? new Response(null, { status: 204 })
        : Response.json({ answers: [{ id: kept.id, outcome: 'STORED', code: null }] }),
    )
  })
  const outbox = new Outbox(waitingSigns(shelf))
  await outbox.send()
  outbox.stop()
  expect(paths).toEqual(['/api/v1/stop-signs', `/api/v1/stop-signs/${kept.id}/take-back`])
  expect(await shelf.signs.count()).toBe(0)
})

test('one that waits to be taken back is not forgotten when the server tells how the horses stand', async () => {
  await shelf.signs.bulkAdd([
    { ...sign(), passage: 'stored', takenBack: true },
    { ...sign(), passage: 'stored' },
  ])
  server(() => Response.json(told))
  await safetyOf(shelf)
  expect((await shelf.signs.toArray()).map((s) => s.takenBack)).toEqual([true])
})

test('nor one that is taken back while that answer is on its way', async () => {
  const kept: StoredSign = { ...sign(), passage: 'stored' }
  await shelf.signs.add(kept)
  vi.spyOn(globalThis, 'fetch').mockImplementation(async () => {
    await shelf.signs.update(kept.id, { takenBack: true })
    return Response.json(told)
  })
  await safetyOf(shelf)
  expect(await shelf.signs.get(kept.id)).toMatchObject({ takenBack: true })
})

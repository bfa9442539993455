import { v7 } from 'uuid'
import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { append, lessonNow, Outbox, ridableOn, shelfOf, waitingEntries } from '.'
import type { StoredPacket, Shelf } from '.'

let person: string
let shelf: Shelf
const pair = v7()

/** The pair's lesson of another day, as it was fetched where there was a network. */
function kept(of: Partial<StoredPacket['packet']['lesson']> = {}): StoredPacket {
  const lesson = {
    id: v7(),
    pair,
    horse: 'Vesper',
    rider: 'Noor Haldane',
    plannedAt: '2026-11-20T10:00:00Z',
    minutes: 30,
    startedAt: '2026-11-20T10:00:00Z',
    endedAt: '2026-11-20T10:30:00Z',
    exchanges: 12,
    ...of,
  }
  const plan = { isKept: true, plan: { blocks: [{}], notes: [{ code: 'PAUSED' }] } }
  const packet = { lesson, plan, rungs: [{}], entries: [], serverMs: 0 }
  return { lesson: lesson.id, packet, offsetMs: 60_000, arrival: 7 } as unknown as StoredPacket
}

/** Answers each request by its path; the paths asked for, with their bodies. */
function server(answer: (path: string) => Response | Promise<Response>) {
  const asked: { path: string; body: unknown }[] = []
  vi.spyOn(globalThis, 'fetch').mockImplementation(async (input) => {
    const request = input as Request
    const path = new URL(request.url).pathname.replace('/api/v1', '')
    asked.push({ path, body: request.method === 'POST' ? await request.json() : undefined })
    return answer(path)
  })
  return asked
}

const noNetwork = () => server(() => Promise.reject(new TypeError('network')))

beforeEach(() => {
  person = v7()
  shelf = shelfOf(person)
})
afterEach(() => vi.restoreAllMocks())

test('with a network the lesson is put in at the server’s own time, and its packet fetched', async () => {
  const asked = server((path) =>
    path === '/lessons'
      ? Response.json({ id: 'x' }, { status: 201 })
      : Response.json({ ...kept().packet, arrival: 0 }),
  )
  const lesson = await lessonNow(shelf, pair)
  expect(asked.map((a) => a.path)).toEqual(['/lessons', `/lessons/${lesson}/packet`])
  expect(asked[0]?.body).toEqual({ id: lesson, pair, plannedAt: null, minutes: 45, isOnVideo: null })
  expect((await shelf.packets.get(lesson))?.toAdd).toBeUndefined()
})

test('without one it is made of the pair’s last lesson here, without its plan but with its warnings', async () => {
  const old = kept({ plannedAt: '2026-11-19T10:00:00Z' })
  const last = kept()
  await shelf.packets.bulkAdd([last, old, kept({ pair: v7(), plannedAt: '2026-11-24T10:00:00Z' })])
  noNetwork()
  const lesson = await lessonNow(shelf, pair)
  const made = await shelf.packets.get(lesson)
  expect(made?.packet.lesson).toMatchObject({
    id: lesson,
    pair,
    startedAt: null,
    endedAt: null,
    exchanges: 0,
  })
  expect(Date.parse(made?.packet.lesson.plannedAt ?? '') - Date.now()).toBeGreaterThan(50_000)
  expect(made?.packet.plan).toEqual({ isKept: false, plan: { blocks: [], notes: [{ code: 'PAUSED' }] } })
  expect(made).toMatchObject({ offsetMs: 60_000, arrival: 0, toAdd: 1 })
  const here = await ridableOn(shelf)
  expect(here.lessons.map((l) => l.lesson)).toEqual([lesson])
})

test('without a network a pair that was never here cannot be ridden, and nothing is made', async () => {
  noNetwork()
  await expect(lessonNow(shelf, pair)).rejects.toThrow()
  expect(await shelf.packets.count()).toBe(0)
})

test('what the server refuses is not tried without it', async () => {
  await shelf.packets.add(kept())
  server(() => Response.json({ code: 'refused', issues: [] }, { status: 422 }))
  await expect(lessonNow(shelf, pair)).rejects.toThrow()
  expect(await shelf.packets.count()).toBe(1)
})

test('the lesson goes to the server before its entries, once', async () => {
  await shelf.packets.add(kept())
  noNetwork()
  const lesson = await lessonNow(shelf, pair)
  await append(shelf, lesson, person, { kind: 'note', payload: { text: 'one' } })
  vi.restoreAllMocks()
  const entries = await shelf.entries.where({ lesson }).toArray()
  const answers = entries.map(({ id }, index) => ({ index, id, outcome: 'STORED', code: null }))
  const asked = server((path) =>
    path === '/lessons' ? Response.json({ id: lesson }, { status: 201 }) : Response.json({ answers }),
  )
  const outbox = new Outbox(waitingEntries(shelf))
  await outbox.send()
  outbox.stop()
  expect(asked.map((a) => a.path)).toEqual(['/lessons', '/entries'])
  expect(asked[0]?.body).toMatchObject({ id: lesson, pair, minutes: 45 })
  expect(await shelf.entries.where({ passage: 'waiting' }).count()).toBe(0)
})

test('a lesson whose end is on this device is over, also before the server knows', async () => {
  const running = kept({ endedAt: null })
  await shelf.packets.add(running)
  expect((await ridableOn(shelf)).lessons).toHaveLength(1)
  await append(shelf, running.lesson, person, { kind: 'lesson_ended', payload: {} })
  const { lessons, pairs } = await ridableOn(shelf)
  expect(lessons).toHaveLength(0)
  expect(pairs.map((p) => p.lesson)).toEqual([running.lesson])
})

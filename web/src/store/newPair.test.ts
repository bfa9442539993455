import { v7 } from 'uuid'
import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import {
  append,
  beginPair,
  fetchBlanks,
  lessonNow,
  Outbox,
  shelfOf,
  sweep,
  unsentOn,
  waitingEntries,
} from '.'
import type { Shelf } from '.'

let person: string
let shelf: Shelf

const blank = {
  lesson: { id: '0', pair: '0', horseId: '0', rider: '', horse: '', minutes: 45, exchanges: 0 },
  plan: { isKept: false, plan: { blocks: [], notes: [] } },
  rungs: [{}],
  entries: [],
  serverMs: Date.now(),
}
const TWO = { rider: 'Maren Falk', horse: 'Skerry', school: 'GAITED' } as const

/** Answers each request by its method and path; what was asked, with its bodies. */
function server(answer: (request: string, body: Record<string, unknown>) => Response | Promise<Response>) {
  const asked: { request: string; body: Record<string, unknown> }[] = []
  vi.spyOn(globalThis, 'fetch').mockImplementation(async (input) => {
    const request = input as Request
    const said = `${request.method} ${new URL(request.url).pathname.replace('/api/v1', '')}`
    const body = request.method === 'GET' ? {} : ((await request.json()) as Record<string, unknown>)
    asked.push({ request: said, body })
    return answer(said, body)
  })
  return asked
}

const noNetwork = () => server(() => Promise.reject(new TypeError('network')))

beforeEach(() => {
  person = v7()
  shelf = shelfOf(person)
})
afterEach(() => vi.restoreAllMocks())

test('what a first lesson needs is fetched once in a while, school by school', async () => {
  const asked = server(() => Response.json(blank))
  await fetchBlanks(shelf, ['GAITED', 'CLASSICAL'])
  await fetchBlanks(shelf, ['GAITED', 'CLASSICAL'])
  expect(asked.map((a) => a.request)).toEqual(['GET /clinic/GAITED', 'GET /clinic/CLASSICAL'])
  await shelf.blanks.update('GAITED', { fetchedMs: Date.now() - 13 * 3_600_000 })
  await fetchBlanks(shelf, ['GAITED', 'CLASSICAL'])
  expect(asked).toHaveLength(3)
})

test('two names ride without a network, and join the yard before their lesson and its entries', async () => {
  server(() => Response.json(blank))
  await fetchBlanks(shelf, ['GAITED'])
  noNetwork()
  const lesson = await beginPair(shelf, TWO)
  const kept = await shelf.packets.get(lesson)
  expect(kept?.packet.lesson).toMatchObject({ id: lesson, rider: 'Maren Falk', horse: 'Skerry' })
  await append(shelf, lesson, person, { kind: 'note', payload: { text: 'Quick and kind.' } })
  expect(await unsentOn(shelf)).toBe((await shelf.entries.count()) + 1)

  const asked = server((request, body) =>
    request === 'POST /entries'
      ? Response.json({
          answers: (body.entries as { id: string }[]).map(({ id }, index) => ({
            index,
            id,
            outcome: 'STORED',
            code: null,
          })),
          serverMs: 0,
        })
      : Response.json({ id: 'x' }, { status: 201 }),
  )
  await new Outbox(waitingEntries(shelf)).send()
  expect(asked.map((a) => a.request).slice(0, 3)).toEqual(['POST /pairs', 'POST /lessons', 'POST /entries'])
  const [pair, put] = asked
  expect(pair?.body).toMatchObject({ ...TWO, riderId: null, horseId: null })
  expect(put?.body.pair).toBe(pair?.body.id)
  expect(kept?.packet.lesson.horseId).toBe(pair?.body.newHorseId)
})

test('a second lesson of theirs goes in with them too, and the server knows them by their id', async () => {
  server(() => Response.json(blank))
  await fetchBlanks(shelf, ['GAITED'])
  noNetwork()
  const first = await shelf.packets.get(await beginPair(shelf, TWO))
  const second = await shelf.packets.get(await lessonNow(shelf, first?.packet.lesson.pair ?? ''))
  expect(second?.newPair).toEqual(first?.newPair)
  expect(second?.packet.lesson.horse).toBe('Skerry')
})

test('a device that never prepared for it says so', async () => {
  noNetwork()
  await expect(beginPair(shelf, TWO)).rejects.toThrow()
  expect(await shelf.packets.count()).toBe(0)
})

test('signing out keeps a pair that is not sent, and nothing else of the clinic', async () => {
  server(() => Response.json(blank))
  await fetchBlanks(shelf, ['GAITED'])
  noNetwork()
  await beginPair(shelf, TWO)
  await sweep(shelf)
  expect(await shelf.blanks.count()).toBe(0)
  expect((await shelf.packets.toArray()).map((kept) => kept.newPair?.horse)).toEqual(['Skerry'])
})

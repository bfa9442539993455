import { v7 } from 'uuid'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { cardsOf, Outbox, shelfOf, waitingPractices } from '.'
import type { StoredPractice, Shelf } from '.'

let shelf: Shelf

beforeEach(() => {
  shelf = shelfOf(v7())
})
afterEach(() => {
  vi.restoreAllMocks()
  vi.unstubAllGlobals()
})

const report = (startedAt: string): StoredPractice => ({
  id: v7(),
  assignment: v7(),
  author: v7(),
  step: 1,
  rung: 'counter-bend.walk.rail',
  startedAt,
  leftS: 120,
  rightS: 120,
  feel: 'EASY',
  leftGood: 0,
  leftCounted: 0,
  rightGood: 0,
  rightCounted: 0,
  stopSigns: [],
  question: null,
  secondBest: false,
  passage: 'waiting',
})

/** Answers every request by this, and keeps the ids that were sent. */
function server(answer: (id: string) => Response | Promise<Response>): string[] {
  const sent: string[] = []
  vi.stubGlobal('fetch', async (request: Request) => {
    const body = (await request.json()) as { practices: (StoredPractice & { passage?: string })[] }
    expect(body.practices).toHaveLength(1)
    const only = body.practices[0]
    expect(only).not.toHaveProperty('passage')
    sent.push(only?.id ?? '')
    return answer(only?.id ?? '')
  })
  return sent
}

const stored = (id: string) => Response.json({ answers: [{ id, outcome: 'STORED', code: null }] })

describe('reports of practices', () => {
  test('are sent one by one, the oldest first', async () => {
    const late = report('2026-03-03T18:00:00Z')
    const early = report('2026-03-02T18:00:00Z')
    await shelf.practices.bulkAdd([late, early])
    const sent = server(stored)
    await new Outbox(waitingPractices(shelf)).send()
    expect(sent).toEqual([early.id, late.id])
    expect(await shelf.practices.where({ passage: 'stored' }).count()).toBe(2)
  })

  test('one that cannot be taken stays and holds up none', async () => {
    const bad = report('2026-03-02T18:00:00Z')
    const good = report('2026-03-03T18:00:00Z')
    await shelf.practices.bulkAdd([bad, good])
    server((id) =>
      id === bad.id ? Response.json({ code: 'refused', issues: [] }, { status: 422 }) : stored(id),
    )
    await new Outbox(waitingPractices(shelf)).send()
    expect((await shelf.practices.get(bad.id))?.passage).toBe('refused')
    expect((await shelf.practices.get(good.id))?.passage).toBe('stored')
  })

  test('without a network they wait', async () => {
    const kept = report('2026-03-02T18:00:00Z')
    await shelf.practices.add(kept)
    server(() => Promise.reject(new TypeError('no network')))
    const outbox = new Outbox(waitingPractices(shelf))
    await outbox.send()
    outbox.stop()
    expect(outbox.current()).toBe('offline')
    expect((await shelf.practices.get(kept.id))?.passage).toBe('waiting')
  })
})

describe('cards', () => {
  test('are kept for when there is no network, with the server’s clock', async () => {
    vi.stubGlobal('fetch', () => Promise.resolve(Response.json({ pairs: [], serverMs: Date.now() + 90_000 })))
    const fetched = await cardsOf(shelf)
    expect(fetched.offsetMs).toBeGreaterThan(89_000)
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no network')))
    expect(await cardsOf(shelf)).toEqual(fetched)
  })

  test('that were never fetched are not made up', async () => {
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no network')))
    await expect(cardsOf(shelf)).rejects.toThrow()
  })
})

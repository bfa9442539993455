import { v7 } from 'uuid'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { fold } from '../record'
import { append, Outbox, packetOf, readOn, shelfOf, waitingEntries } from '.'
import type { StoredEntry, Shelf } from '.'

const LESSON = v7()
let person: string
let shelf: Shelf

beforeEach(() => {
  person = v7()
  shelf = shelfOf(person)
})
afterEach(() => {
  vi.restoreAllMocks()
  vi.useRealTimers()
})

const note = (text: string) => append(shelf, LESSON, person, { kind: 'note', payload: { text } })
const kept = () => shelf.entries.orderBy('id').toArray()

describe('append', () => {
  test('counts up and never lets the time fall, also when the clock does', async () => {
    vi.useFakeTimers({ now: 1_000_000, toFake: ['Date'] })
    const first = await note('one')
    vi.setSystemTime(400_000)
    const second = await note('two')
    expect([first.seq, second.seq]).toEqual([1, 2])
    expect(second.atMs).toBe(first.atMs + 1)
  })

  test('says first how far its clock is off in a lesson, once', async () => {
    const packet = { lesson: { id: LESSON }, entries: [], arrival: 0, serverMs: Date.now() - 3_600_000 }
    vi.spyOn(globalThis, 'fetch').mockResolvedValueOnce(Response.json(packet))
    const { offsetMs } = await packetOf(shelf, LESSON)
    await note('one')
    await note('two')
    const written = (await kept()).sort((a, b) => a.seq - b.seq)
    expect(written.map((e) => e.kind)).toEqual(['clock', 'note', 'note'])
    expect(written[0]?.payload).toEqual({ offsetMs })
    // an hour fast: the ride tells the server's time
    expect(Math.abs((fold(written).notes[0]?.atMs ?? 0) - (Date.now() - 3_600_000))).toBeLessThan(60_000)
  })

  test('gives no number twice when many write at once', async () => {
    const all = await Promise.all(Array.from({ length: 40 }, (_, i) => note(String(i))))
    expect(new Set(all.map((e) => e.seq)).size).toBe(40)
    expect(new Set(all.map((e) => e.atMs)).size).toBe(40)
  })

  test('puts a void after what it names, also when another device is ahead', async () => {
    const ahead: StoredEntry = {
      ...(await note('from a device an hour ahead')),
      id: v7(),
      device: v7(),
      atMs: Date.now() + 3_600_000,
      passage: 'stored',
    }
    await shelf.entries.add(ahead)
    await append(shelf, LESSON, person, { kind: 'void', payload: { target: ahead.id } })
    const ride = fold(await kept())
    expect(ride.voided).toEqual([ahead.id])
    expect(ride.odd).toEqual([])
  })

  test('keeps what one person wrote from the next one on the device', async () => {
    await note('mine')
    expect(await shelfOf(v7()).entries.count()).toBe(0)
  })
})

interface Sent {
  entries: StoredEntry[]
}

/** Stands in for the server: answers each entry by its id, as it is told. */
function server(answer: (sent: Sent) => globalThis.Response | Promise<globalThis.Response>) {
  const batches: Sent[] = []
  vi.spyOn(globalThis, 'fetch').mockImplementation(async (request) => {
    const sent = (await (request as Request).json()) as Sent
    batches.push(sent)
    return answer(sent)
  })
  return batches
}

function all(outcome: string, code: string | null = null) {
  return ({ entries }: Sent) =>
    Response.json({
      answers: entries.map((e, index) => ({ index, id: e.id, outcome, code })),
      serverMs: Date.now(),
    })
}

describe('Outbox', () => {
  test('sends what waits, oldest first, and not again once it is stored', async () => {
    await note('one')
    await note('two')
    const batches = server(all('STORED'))
    const outbox = new Outbox(waitingEntries(shelf))
    await outbox.send()
    await outbox.send()
    expect(batches.map((b) => b.entries.map((e) => e.seq))).toEqual([[1, 2]])
    expect((await kept()).map((e) => e.passage)).toEqual(['stored', 'stored'])
    expect(outbox.current()).toBe('resting')
    outbox.stop()
  })

  test('sends the envelope alone, without what this device notes about it', async () => {
    await note('one')
    const batches = server(all('STORED'))
    const outbox = new Outbox(waitingEntries(shelf))
    await outbox.send()
    outbox.stop()
    expect(Object.keys(batches[0]?.entries[0] ?? {}).sort()).toEqual(
      ['atMs', 'author', 'device', 'id', 'kind', 'lesson', 'payload', 'seq', 'v'].sort(),
    )
  })

  test('keeps everything when the answer is lost, and sends it again', async () => {
    await note('one')
    const outbox = new Outbox(waitingEntries(shelf))
    server(() => Promise.reject(new TypeError('network')))
    await outbox.send()
    expect(outbox.current()).toBe('offline')
    expect((await kept())[0]?.passage).toBe('waiting')
    vi.restoreAllMocks()
    server(all('ALREADY'))
    await outbox.send()
    expect((await kept())[0]?.passage).toBe('stored')
    outbox.stop()
  })

  test('sends half as much after a batch that took too long, until it gets through', async () => {
    for (const text of ['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h']) await note(text)
    const sizes: number[] = []
    server(({ entries }) => {
      sizes.push(entries.length)
      return entries.length > 2
        ? Response.json({ code: 'too_slow' }, { status: 408 })
        : Response.json({
            answers: entries.map((e, index) => ({ index, id: e.id, outcome: 'STORED', code: null })),
            serverMs: 0,
          })
    })
    const outbox = new Outbox(waitingEntries(shelf))
    while ((await kept()).some((e) => e.passage === 'waiting')) await outbox.send()
    expect(sizes).toEqual([8, 4, 2, 4, 2, 4, 2, 2])
    outbox.stop()
  })

  test('keeps everything when the session has ended', async () => {
    await note('one')
    const outbox = new Outbox(waitingEntries(shelf))
    server(() => Response.json({ code: 'signed_out' }, { status: 401 }))
    await outbox.send()
    expect(outbox.current()).toBe('signed_out')
    expect((await kept())[0]?.passage).toBe('waiting')
    outbox.stop()
  })

  test('keeps a refused entry with its reason, and the others go through', async () => {
    await note('good')
    await note('bad')
    server(({ entries }) =>
      Response.json({
        answers: entries.map((e, index) =>
          index === 0
            ? { index, id: e.id, outcome: 'STORED', code: null }
            : { index, id: e.id, outcome: 'REFUSED', code: 'CONFLICT' },
        ),
        serverMs: 0,
      }),
    )
    const outbox = new Outbox(waitingEntries(shelf))
    await outbox.send()
    expect((await kept()).map((e) => [e.passage, e.code])).toEqual([
      ['stored', undefined],
      ['refused', 'CONFLICT'],
    ])
    outbox.stop()
  })

  const failing = (isBad: (e: StoredEntry) => boolean) =>
    server(({ entries }) =>
      entries.some(isBad)
        ? Response.json({ code: 'failure' }, { status: 500 })
        : Response.json({
            answers: entries.map((e, index) => ({ index, id: e.id, outcome: 'STORED', code: null })),
            serverMs: 0,
          }),
    )

  test('an entry the server fails at is set aside, and the others go through', async () => {
    for (const text of ['one', 'two', 'bad', 'four', 'five']) await note(text)
    failing((e) => e.payload.text === 'bad')
    const outbox = new Outbox(waitingEntries(shelf))
    await outbox.send()
    expect((await kept()).map((e) => [e.passage, e.code])).toEqual([
      ['stored', undefined],
      ['stored', undefined],
      ['refused', 'FAILED'],
      ['stored', undefined],
      ['stored', undefined],
    ])
    outbox.stop()
  })

  test('a server that fails at everything is asked again before anything is set aside', async () => {
    await note('one')
    await note('two')
    failing(() => true)
    const outbox = new Outbox(waitingEntries(shelf))
    for (let round = 1; round < 8; round++) {
      await outbox.send()
      expect(outbox.current()).toBe('failing')
      expect((await kept()).map((e) => e.passage)).toEqual(['waiting', 'waiting'])
    }
    await outbox.send()
    expect((await kept()).map((e) => e.passage)).toEqual(['refused', 'refused'])
    outbox.stop()
  })

  test('a server that is ill is not asked about each of many', async () => {
    for (let i = 0; i < 40; i++) await note(`note ${String(i)}`)
    const batches = failing(() => true)
    const outbox = new Outbox(waitingEntries(shelf))
    await outbox.send()
    expect(batches.length).toBeLessThan(12)
    outbox.stop()
  })

  test.each([502, 503, 504])('a server that is away (%i) sets nothing aside', async (status) => {
    await note('one')
    server(() => Response.json({ code: 'away' }, { status }))
    const outbox = new Outbox(waitingEntries(shelf))
    for (let i = 0; i < 5; i++) await outbox.send()
    expect(outbox.current()).toBe('offline')
    expect((await kept())[0]?.passage).toBe('waiting')
    outbox.stop()
  })

  test('a request never mixes lessons', async () => {
    await note('one')
    const first = (await kept())[0]
    if (first) await shelf.entries.add({ ...first, id: v7(), lesson: v7(), seq: 2 })
    const batches = server(all('STORED'))
    const outbox = new Outbox(waitingEntries(shelf))
    await outbox.send()
    expect(batches.map((b) => new Set(b.entries.map((e) => e.lesson)).size)).toEqual([1, 1])
    outbox.stop()
  })

  test.each([
    ['500 entries are one request, what is more goes with the next', 505, 'short', [500, 5]],
    ['long ones go in requests the server takes', 11, 'ü'.repeat(200_000), [7, 4]],
  ])('%s', async (_, many, text, sizes) => {
    const first = await note('Softer.')
    first.payload.text = text
    await shelf.entries.put(first)
    await shelf.entries.bulkAdd(
      Array.from({ length: many - 1 }, (_, i) => ({ ...first, id: v7(), seq: first.seq + i + 1 })),
    )
    const batches = server(all('STORED'))
    const outbox = new Outbox(waitingEntries(shelf))
    await outbox.send()
    // another outbox may still be trying again what an earlier test could not send
    const own = batches.filter((b) => b.entries[0]?.author === person)
    expect(own.map((b) => b.entries.length)).toEqual(sizes)
    outbox.stop()
  })
})

describe('readOn', () => {
  const elsewhere = (over: Partial<StoredEntry>) => ({
    id: v7(),
    lesson: LESSON,
    device: v7(),
    author: v7(),
    seq: 1,
    atMs: 1,
    kind: 'note',
    v: 1,
    payload: { text: 'elsewhere' },
    ...over,
  })
  const answers = (body: object) =>
    vi.spyOn(globalThis, 'fetch').mockImplementation(() => Promise.resolve(Response.json(body)))

  test('takes what another device wrote, and goes on after it', async () => {
    answers({ lesson: { id: LESSON }, entries: [elsewhere({})], arrival: 1, serverMs: Date.now() })
    await packetOf(shelf, LESSON)
    const asked = answers({ entries: [elsewhere({ seq: 2 })], arrival: 2 })
    await readOn(shelf, LESSON)
    await readOn(shelf, LESSON)
    const cursors = asked.mock.calls.map(([r]) => new URL((r as Request).url).searchParams.get('after'))
    expect(cursors.slice(-2)).toEqual(['1', '2'])
    expect((await kept()).map((e) => e.passage)).toEqual(['stored', 'stored'])
  })

  test('never takes the server’s entry for one that was refused here', async () => {
    const refused = await note('as I wrote it')
    await shelf.entries.update(refused.id, { passage: 'refused', code: 'CONFLICT' })
    answers({ lesson: { id: LESSON }, entries: [elsewhere({ id: refused.id })], arrival: 1, serverMs: 0 })
    await packetOf(shelf, LESSON)
    expect((await shelf.entries.get(refused.id))?.payload).toEqual({ text: 'as I wrote it' })
  })
})

describe('packetOf', () => {
  test('gives the packet that was kept when there is no network', async () => {
    const packet = { lesson: { id: LESSON }, rungs: [], entries: [], serverMs: Date.now() + 5000 }
    vi.spyOn(globalThis, 'fetch').mockResolvedValueOnce(Response.json(packet))
    const fetched = await packetOf(shelf, LESSON)
    expect(fetched.offsetMs).toBeGreaterThan(4000)
    vi.spyOn(globalThis, 'fetch').mockRejectedValue(new TypeError('network'))
    expect((await packetOf(shelf, LESSON)).packet).toEqual(packet)
    await expect(packetOf(shelf, v7())).rejects.toThrow()
  })

  test('takes over what the server has, and leaves what waits alone', async () => {
    const own = await note('waits')
    const there = { ...own, id: v7(), passage: undefined, payload: { text: 'from elsewhere' } }
    const packet = { lesson: { id: LESSON }, rungs: [], entries: [there], serverMs: Date.now() }
    vi.spyOn(globalThis, 'fetch').mockResolvedValueOnce(Response.json(packet))
    await packetOf(shelf, LESSON)
    const passages = Object.fromEntries((await kept()).map((e) => [e.id, e.passage]))
    expect(passages).toEqual({ [own.id]: 'waiting', [there.id]: 'stored' })
  })
})

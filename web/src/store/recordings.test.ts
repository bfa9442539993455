import { v7 } from 'uuid'
import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { GAP, pieceEnd, readChunk } from '../reins'
import { shelfOf } from './device'
import type { Shelf } from './device'
import { beginRecording, endRecording, keepPiece, sendNextMinute } from './recordings'
import { unsentFile, unsentOn } from './stored'
import { sweep } from './sweep'

afterEach(() => vi.restoreAllMocks())

const LESSON = v7()
const RATE = 10
const quiet = () => undefined

let shelf: Shelf
let id: string
beforeEach(() => {
  shelf = shelfOf(v7())
  id = v7()
})

/** The nth sample of the left rein is n; the right one's is its opposite. */
async function measured(samples: number, without: number[] = []) {
  const release = await beginRecording(shelf, {
    id,
    lesson: LESSON,
    startedAt: '2026-11-24T16:00:00.000Z',
    rateHz: RATE,
    name: 'Simulated sensor',
  })
  for (let place = 0, from = 0; from < samples; place++) {
    const to = Math.min(samples, pieceEnd(place, RATE))
    const left = Int16Array.from({ length: to - from }, (_, i) => from + i)
    if (!without.includes(place))
      await keepPiece(shelf, { recording: id, place, left, right: left.map((s) => -s) })
    from = to
  }
  return release
}

interface Sent {
  path: string
  body: ArrayBuffer
}

/** Takes each request by its number from 0; some are answered otherwise. */
function server(otherwise: Record<number, () => Response> = {}) {
  const sent: Sent[] = []
  vi.spyOn(globalThis, 'fetch').mockImplementation(async (input) => {
    const request = input as Request
    // what another screen's outbox tries again meanwhile is not asked here
    if (!request.url.includes('/recordings')) throw new TypeError('Failed to fetch')
    const at = sent.length
    sent.push({
      path: `${request.method} ${new URL(request.url).pathname.split('/recordings')[1] ?? ''}`,
      body: await request.arrayBuffer(),
    })
    const other = otherwise[at]
    return other
      ? other()
      : request.url.endsWith('/whole')
        ? Response.json({})
        : new Response(null, { status: 201 })
  })
  return sent
}

const sendAll = async () => {
  while (await sendNextMinute(shelf, quiet));
}

test('a minute has thirty pieces at every rate, and the last of them ends with it', () => {
  for (const rate of [5, 12.5, 33.3, 100, 250]) expect(pieceEnd(29, rate)).toBe(Math.round(60 * rate))
})

test('what was measured is sent minute by minute as it was, and then let go', async () => {
  await measured(60 * RATE + 25)
  await endRecording(shelf, id)
  expect(await unsentOn(shelf)).toBe(1)
  const sent = server()
  await sendAll()
  expect(sent.map((s) => s.path)).toEqual([
    'POST ',
    `PUT /${id}/chunks/0`,
    `PUT /${id}/chunks/1`,
    `PUT /${id}/whole`,
  ])
  expect(JSON.parse(new TextDecoder().decode(sent[0]?.body))).toEqual({
    id,
    startedAt: '2026-11-24T16:00:00.000Z',
    rateHz: RATE,
    minutes: 2,
    name: 'Simulated sensor',
    jitterMs: 0,
  })
  const minutes = await Promise.all(sent.slice(1, 3).map((s) => readChunk(new Uint8Array(s.body))))
  expect([...(minutes[0]?.left ?? []), ...(minutes[1]?.left ?? [])]).toEqual(
    Array.from({ length: 625 }, (_, i) => i),
  )
  expect(minutes[1]?.right.at(-1)).toBe(-624)
  expect(await unsentOn(shelf)).toBe(0)
  expect(await shelf.pieces.count()).toBe(0)
})

test('a cut anywhere loses nothing: it goes on with the minute that did not get through', async () => {
  const cut = () => {
    throw new TypeError('Failed to fetch')
  }
  await measured(3 * 60 * RATE)
  await endRecording(shelf, id)
  const sent = server({ 2: cut, 4: cut, 6: cut })
  for (let tries = 0; tries < 4; tries++) await sendAll().catch(quiet)
  const chunks = sent.map((s) => s.path).filter((p) => p.includes('chunks'))
  expect(new Set(chunks).size).toBe(3)
  expect(sent.at(-1)?.path).toBe(`PUT /${id}/whole`)
  expect(await unsentOn(shelf)).toBe(0)
})

test('a piece that could not be kept is a gap, and what came after stays where it belongs', async () => {
  await measured(60 * RATE, [1])
  await endRecording(shelf, id)
  const sent = server()
  await sendAll()
  const { left } = await readChunk(new Uint8Array(sent[1]?.body ?? new ArrayBuffer(0)))
  expect([left[19], left[20], left[39], left[40], left[599]]).toEqual([19, GAP, GAP, 40, 599])
})

test('one that runs is not sent; one whose tab is gone is', async () => {
  await measured(100)
  const sent = server()
  await sendAll()
  expect(sent).toHaveLength(0)
  // without locks it is told by its silence
  await shelf.recordings.update(id, { lastMs: Date.now() - 31_000 })
  await sendAll()
  expect(sent.at(-1)?.path).toBe(`PUT /${id}/whole`)
})

test('one that measured nothing is forgotten', async () => {
  await measured(0)
  await endRecording(shelf, id)
  expect(await shelf.recordings.count()).toBe(0)
})

test('what the server will not take stays here, survives leaving, and can be saved as a file', async () => {
  await measured(40)
  await endRecording(shelf, id)
  server({ 0: () => Response.json({ code: 'no_room_for_recordings' }, { status: 507 }) })
  await sendAll()
  await sweep(shelf)
  expect(await shelf.recordings.get(id)).toMatchObject({ passage: 'refused', code: 'no_room_for_recordings' })
  const file = JSON.parse(await unsentFile(shelf)) as { recordings: { leftBase64: string }[] }
  const bytes = Uint8Array.from(atob(file.recordings[0]?.leftBase64 ?? ''), (c) => c.charCodeAt(0))
  expect([...new Int16Array(bytes.buffer)]).toEqual(Array.from({ length: 40 }, (_, i) => i))
})

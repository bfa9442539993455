import { v7 } from 'uuid'
import { afterEach, expect, test, vi } from 'vitest'
import { endSession, untilLeaving } from '../api'
import type { HorsePhoto } from '../api'
import { shelfOf } from './device'
import { fetchAhead } from './packets'
import { fetchGhosts, ghostsOf, keepPhoto, sendNextPhoto, viewsOf } from './photos'
import { unsentFile, unsentOn } from './stored'
import { sweep } from './sweep'

afterEach(() => vi.restoreAllMocks())

const photo = (view: HorsePhoto['view'], takenOn: string, more: Partial<HorsePhoto> = {}): HorsePhoto => ({
  sha256: `${view} ${takenOn}`,
  view,
  takenOn,
  isPutAway: false,
  ...more,
})
const today = '2026-11-29'

test.each([
  [
    'some weeks old, not the last',
    ['LEFT 2026-11-01'],
    [photo('LEFT', '2026-11-22'), photo('LEFT', '2026-11-01')],
  ],
  ['two weeks are enough', ['LEFT 2026-11-15'], [photo('LEFT', '2026-11-15')]],
  ['else the last before today', ['LEFT 2026-11-22'], [photo('LEFT', today), photo('LEFT', '2026-11-22')]],
  ['one that was put away is none', [], [photo('LEFT', '2026-11-01', { isPutAway: true })]],
  [
    'of the two sides last taken',
    ['FRONT 2026-11-10', 'ABOVE 2026-11-09'],
    [photo('FRONT', '2026-11-10'), photo('ABOVE', '2026-11-09'), photo('LEFT', '2026-10-01')],
  ],
])('the ghost of a side: %s', (_, ghosts, photos) => {
  expect(ghostsOf({ photos, today }).map((p) => p.sha256)).toEqual(ghosts)
})

test('a look is taken from the sides of before, else from left and right', () => {
  expect(viewsOf([])).toEqual(['LEFT', 'RIGHT'])
  expect(viewsOf([{ view: 'ABOVE' }])).toEqual(['ABOVE', 'LEFT'])
  expect(viewsOf([{ view: 'FRONT' }, { view: 'BEHIND' }])).toEqual(['FRONT', 'BEHIND'])
})

const PAIR = v7()
const kept = (view: HorsePhoto['view'], byte: number) => ({
  lesson: 'lesson',
  pair: PAIR,
  view,
  takenOn: today,
  content: new Uint8Array([byte]),
})

/** Answers each request as told, and says what was asked. */
function server(answer: (request: Request) => Response): string[] {
  const asked: string[] = []
  vi.spyOn(globalThis, 'fetch').mockImplementation((input) => {
    const request = input as Request
    asked.push(`${request.method} ${new URL(request.url).pathname.replace(PAIR, 'pair')}`)
    return Promise.resolve(answer(request))
  })
  return asked
}
const quiet = () => undefined

test('is kept until the server has it, and is there for the rest of the look', async () => {
  const shelf = shelfOf(v7())
  await keepPhoto(shelf, kept('LEFT', 1))
  await keepPhoto(shelf, kept('LEFT', 2))
  await keepPhoto(shelf, kept('RIGHT', 3))
  expect(await unsentOn(shelf), 'another of the same side takes its place').toBe(2)
  expect(await unsentFile(shelf)).toContain('"base64": "Ag=="')
  server(() => {
    throw new TypeError('network')
  })
  await expect(sendNextPhoto(shelf, quiet)).rejects.toThrow()
  expect(await unsentOn(shelf)).toBe(2)
  const asked = server(({ method }) =>
    method === 'PUT' ? new Response(null, { status: 201 }) : Response.json({}, { status: 201 }),
  )
  while (await sendNextPhoto(shelf, quiet));
  const [first] = await shelf.photos.toArray()
  expect(asked).toHaveLength(4)
  expect(asked.slice(0, 2)).toEqual([
    `PUT /api/v1/pairs/pair/photos/${String(first?.sha256)}`,
    'POST /api/v1/pairs/pair/photos',
  ])
  expect(await unsentOn(shelf)).toBe(0)
  expect(first?.passage).toBe('stored')
  // what the tests' store gives back of bytes is no array of bytes
  expect(Object.values(first?.content ?? {})).toEqual([2])
  await sweep(shelf)
  expect(await shelf.photos.count()).toBe(0)
})

test('one that the server will never take stands in nobody’s way', async () => {
  const shelf = shelfOf(v7())
  await keepPhoto(shelf, kept('LEFT', 1))
  server(() => Response.json({ code: 'yard_full' }, { status: 507 }))
  expect(await sendNextPhoto(shelf, quiet)).toBe(true)
  expect(await sendNextPhoto(shelf, quiet)).toBe(false)
  expect((await shelf.photos.toArray())[0]).toMatchObject({ passage: 'refused', code: 'yard_full' })
  await sweep(shelf)
  expect(await unsentOn(shelf), 'it can still be saved as a file').toBe(1)
})

test('earlier photos are fetched once, and go when another takes their place', async () => {
  const shelf = shelfOf(v7())
  let photos = [photo('LEFT', '2026-11-01'), photo('RIGHT', '2026-11-01')]
  const asked = server(({ url }) =>
    url.endsWith('/photos') ? Response.json({ photos, today }) : new Response(new Uint8Array([7])),
  )
  await fetchGhosts(shelf, PAIR)
  await fetchGhosts(shelf, PAIR)
  expect(asked.filter((a) => a.includes('/photos/'))).toHaveLength(2)
  photos = [photo('LEFT', '2026-11-08'), ...photos]
  await fetchGhosts(shelf, PAIR)
  const there = await shelf.ghosts.where({ pair: PAIR }).toArray()
  expect(there.map((g) => `${g.view} ${g.takenOn} ${String(g.content[0])}`).sort()).toEqual([
    'LEFT 2026-11-08 7',
    'RIGHT 2026-11-01 7',
  ])
  await sweep(shelf)
  expect(await shelf.ghosts.count()).toBe(0)
})

test('what was still to be fetched is not asked for once somebody has signed out', async () => {
  const shelf = shelfOf('leaves')
  const asked = server(() => Response.json({ photos: [photo('LEFT', '2026-11-01')], today }))
  const here = untilLeaving()
  await endSession()
  await expect(fetchGhosts(shelf, PAIR, here)).rejects.toThrow()
  await fetchAhead(shelf, ['01924f60-0000-7000-8000-0000000000d1'], here)
  expect(asked.filter((a) => !a.endsWith('/session'))).toEqual([])
})

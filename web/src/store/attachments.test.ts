import { v7 } from 'uuid'
import { afterEach, expect, test, vi } from 'vitest'
import { shelfOf } from './device'
import type { Shelf, StoredEntry } from './device'
import { keepAttachment, sendNextAttachment } from './attachments'
import { unsentFile, unsentOn } from './stored'
import { sweep } from './sweep'

afterEach(() => vi.restoreAllMocks())

const LESSON = v7()

/** Keeps a sound of three bytes, with its entry at this passage. */
async function spoken(passage: StoredEntry['passage'], code?: string): Promise<[Shelf, string]> {
  const shelf = shelfOf(v7())
  const content = new Uint8Array([1, 2, 3])
  const sha256 = await keepAttachment(shelf, 'sounds', LESSON, { content, type: 'audio/webm' })
  await shelf.entries.add({
    id: v7(),
    lesson: LESSON,
    device: v7(),
    author: v7(),
    seq: 1,
    atMs: 1,
    kind: 'voice',
    v: 1,
    payload: { sha256, durationMs: 900 },
    passage,
    ...(code && { code }),
  })
  return [shelf, sha256]
}

function answers(status: number, body: object = {}) {
  const fetched = vi.fn((request: Request) =>
    Promise.resolve(
      new Response(status === 201 ? null : JSON.stringify(body), {
        status,
        headers: { 'content-type': 'application/problem+json' },
      }),
    ).then(async (response) => {
      sent.push(
        `${request.method} ${new URL(request.url).pathname} ${String((await request.arrayBuffer()).byteLength)}`,
      )
      return response
    }),
  )
  const sent: string[] = []
  vi.spyOn(globalThis, 'fetch').mockImplementation(fetched as typeof fetch)
  return sent
}

const quiet = () => undefined

// SHA-256 of 01 02 03, by sha256sum
const DIGEST = '039058c6f2c0cb492c533b0a4d14ef77cc0f78abccced5287d84a1a2011cfb81'

test('a sound is named by its digest, waits for its entry, and goes when the server has that', async () => {
  const [shelf, sha256] = await spoken('waiting')
  expect(sha256).toBe(DIGEST)
  const sent = answers(201)
  expect(await sendNextAttachment(shelf, quiet)).toBe(false)
  expect(await unsentOn(shelf)).toBe(2)
  await shelf.entries.toCollection().modify({ passage: 'stored' })
  expect(await sendNextAttachment(shelf, quiet)).toBe(true)
  expect(sent).toEqual([`PUT /api/v1/lessons/${LESSON}/attachments/${DIGEST} 3`])
  expect(await shelf.sounds.count()).toBe(0)
})

test('a sound that nobody allows is deleted here as well', async () => {
  const [refused] = await spoken('refused', 'NO_CONSENT')
  expect(await sendNextAttachment(refused, quiet)).toBe(true)
  expect(await refused.sounds.count()).toBe(0)
  const [withdrawn] = await spoken('stored')
  answers(409, { code: 'no_consent' })
  expect(await sendNextAttachment(withdrawn, quiet)).toBe(true)
  expect(await withdrawn.sounds.count()).toBe(0)
})

test('signing out between an entry and its sound loses neither', async () => {
  const [shelf] = await spoken('stored')
  await sweep(shelf)
  expect(await shelf.entries.count()).toBe(0)
  expect(await unsentOn(shelf)).toBe(1)
  const sent = answers(201)
  expect(await sendNextAttachment(shelf, quiet)).toBe(true)
  expect(sent).toHaveLength(1)
  expect(await shelf.sounds.count()).toBe(0)
})

test('one that no entry ever named stays here and holds up nothing', async () => {
  const [shelf] = await spoken('stored')
  await shelf.entries.clear()
  answers(409, { code: 'not_named' })
  expect(await sendNextAttachment(shelf, quiet)).toBe(true)
  expect(await sendNextAttachment(shelf, quiet)).toBe(false)
  expect(await unsentOn(shelf)).toBe(1)
})

test('one the server will never take stays, and is saved with what is not sent', async () => {
  const [shelf] = await spoken('stored')
  answers(507, { code: 'yard_full' })
  expect(await sendNextAttachment(shelf, quiet)).toBe(true)
  expect(await sendNextAttachment(shelf, quiet)).toBe(false)
  expect(JSON.parse(await unsentFile(shelf))).toMatchObject({
    sounds: [{ sha256: DIGEST, code: 'yard_full', base64: 'AQID' }],
  })
})

test('a still waits for the comment or the measure that names it, and the sound of a comment as well', async () => {
  const shelf = shelfOf(v7())
  const content = new Uint8Array([1, 2, 3])
  const still = await keepAttachment(shelf, 'stills', LESSON, { content, type: 'image/jpeg' })
  const sound = await keepAttachment(shelf, 'sounds', LESSON, {
    content: new Uint8Array([4]),
    type: 'audio/webm',
  })
  const entry = {
    id: v7(),
    lesson: LESSON,
    device: v7(),
    author: v7(),
    seq: 1,
    atMs: 1,
    kind: 'comment',
    v: 1,
    payload: { text: 'Here.', still, spoken: { sha256: sound, durationMs: 800 } },
    passage: 'waiting' as const,
  }
  await shelf.entries.add(entry)
  expect(await unsentOn(shelf)).toBe(3)
  expect(await sendNextAttachment(shelf, quiet)).toBe(false)
  await shelf.entries.update(entry.id, { passage: 'stored' })
  const sent = answers(201)
  while (await sendNextAttachment(shelf, quiet));
  expect(sent).toEqual([
    `PUT /api/v1/lessons/${LESSON}/attachments/${sound} 1`,
    `PUT /api/v1/lessons/${LESSON}/attachments/${still} 3`,
  ])
  expect(await unsentOn(shelf)).toBe(0)
})

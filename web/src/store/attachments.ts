import { answerOf, api, Problem } from '../api'
import { base64Of } from './base64'
import type { Shelf, StoredAttachment } from './device'

/** Refusals that asking again does not change; it stays here and can be saved as a file. */
const FINAL = new Set([413, 415, 422, 507])

/** The SHA-256 of some content, in hexadecimal. */
export async function digestOf(content: Uint8Array<ArrayBuffer>): Promise<string> {
  const digest = new Uint8Array(await crypto.subtle.digest('SHA-256', content))
  return [...digest].map((byte) => byte.toString(16).padStart(2, '0')).join('')
}

/** Where one stands on this device until the server has it. */
type Rack = 'sounds' | 'stills'

/** Digests a sound or a still and keeps it; its digest is what the entry names. */
export async function keepAttachment(
  shelf: Shelf,
  rack: Rack,
  lesson: string,
  { content, type }: Pick<StoredAttachment, 'content' | 'type'>,
): Promise<string> {
  const sha256 = await digestOf(content)
  await shelf[rack].put({ sha256, lesson, content, type, passage: 'waiting' })
  return sha256
}

/**
 * Sends one sound or still whose entry the server has, and lets it go here; false when there is none. Where no guardian allows it (any
 * more) it is deleted here as well.
 */
export async function sendNextAttachment(shelf: Shelf, onSending: () => void): Promise<boolean> {
  return (await sendNextOf(shelf, 'sounds', onSending)) || sendNextOf(shelf, 'stills', onSending)
}

async function sendNextOf(shelf: Shelf, rack: Rack, onSending: () => void): Promise<boolean> {
  const waiting = await shelf[rack].where({ passage: 'waiting' }).toArray()
  for (const one of waiting) {
    const entry = await entryOf(shelf, one)
    if (entry?.code === 'NO_CONSENT') {
      await shelf[rack].delete(one.sha256)
      return true
    }
    // an entry that is gone from here was sent before: signing out, or removing the lesson, leaves only what the server does not have
    if (entry && entry.passage !== 'stored') continue
    onSending()
    await send(shelf, rack, one)
    return true
  }
  return false
}

/** In which kinds of entry one is named. */
const NAMING = ['voice', 'comment', 'frame_measure']

async function entryOf(shelf: Shelf, { lesson, sha256 }: StoredAttachment) {
  return shelf.entries
    .where('[lesson+kind]')
    .anyOf(NAMING.map((kind) => [lesson, kind]))
    .filter(({ payload }) => namesOf(payload).includes(sha256))
    .first()
}

function namesOf({ sha256, still, spoken }: Record<string, unknown>): unknown[] {
  const named =
    typeof spoken === 'object' && spoken !== null && 'sha256' in spoken ? spoken.sha256 : undefined
  return [sha256, still, named]
}

async function send(shelf: Shelf, rack: Rack, one: StoredAttachment): Promise<void> {
  const { sha256, lesson, content } = one
  try {
    await answerOf(
      api.PUT('/api/v1/lessons/{id}/attachments/{sha256}', {
        params: { path: { id: lesson, sha256 } },
        headers: { 'Content-Type': 'application/octet-stream' },
        body: '',
        bodySerializer: () => content,
      }),
    )
    await shelf[rack].delete(sha256)
  } catch (e) {
    if (e instanceof Problem && e.code === 'no_consent') await shelf[rack].delete(sha256)
    else if (e instanceof Problem && e.code === 'not_named') {
      // its entry may have been written this very moment, and goes first; else none ever was
      if (!(await entryOf(shelf, one))) await shelf[rack].put({ ...one, passage: 'refused', code: e.code })
    } else if (e instanceof Problem && FINAL.has(e.status)) {
      await shelf[rack].put({ ...one, passage: 'refused', code: e.code })
    } else throw e
  }
}

/** As a file of text holds them. */
export async function attachmentsAsText(shelf: Shelf, rack: Rack) {
  const all = await shelf[rack].toArray()
  return all.map(({ content, ...one }) => ({ ...one, base64: base64Of(content) }))
}

import { answerOf, api, Problem } from '../api'
import { base64Of } from './base64'
import type { Shelf, StoredSound } from './device'

/** Refusals that asking again does not change; the sound stays here and can be saved as a file. */
const FINAL = new Set([413, 415, 422, 507])

/** The SHA-256 of some content, in hexadecimal. */
export async function digestOf(content: Uint8Array<ArrayBuffer>): Promise<string> {
  const digest = new Uint8Array(await crypto.subtle.digest('SHA-256', content))
  return [...digest].map((byte) => byte.toString(16).padStart(2, '0')).join('')
}

/** Digests the sound of a spoken note and keeps it; its digest is what the entry names. */
export async function keepSound(
  shelf: Shelf,
  lesson: string,
  sound: Pick<StoredSound, 'content' | 'type'>,
): Promise<string> {
  const sha256 = await digestOf(sound.content)
  await shelf.sounds.put({ sha256, lesson, ...sound, passage: 'waiting' })
  return sha256
}

/**
 * Sends one sound whose entry the server has, and lets it go here; false when there is none. Where no guardian allows it (any more) it is
 * deleted here as well.
 */
export async function sendNextSound(shelf: Shelf, onSending: () => void): Promise<boolean> {
  const waiting = await shelf.sounds.where({ passage: 'waiting' }).toArray()
  for (const sound of waiting) {
    const entry = await entryOf(shelf, sound)
    if (entry?.code === 'NO_CONSENT') {
      await shelf.sounds.delete(sound.sha256)
      return true
    }
    // an entry that is gone from here was sent before: signing out, or removing the lesson, leaves only what the server does not have
    if (entry && entry.passage !== 'stored') continue
    onSending()
    await send(shelf, sound)
    return true
  }
  return false
}

async function entryOf(shelf: Shelf, { lesson, sha256 }: StoredSound) {
  return shelf.entries
    .where({ lesson, kind: 'voice' })
    .filter((e) => e.payload.sha256 === sha256)
    .first()
}

async function send(shelf: Shelf, sound: StoredSound): Promise<void> {
  const { sha256, lesson, content } = sound
  try {
    await answerOf(
      api.PUT('/api/v1/lessons/{id}/attachments/{sha256}', {
        params: { path: { id: lesson, sha256 } },
        headers: { 'Content-Type': 'application/octet-stream' },
        body: '',
        bodySerializer: () => content,
      }),
    )
    await shelf.sounds.delete(sha256)
  } catch (e) {
    if (e instanceof Problem && e.code === 'no_consent') await shelf.sounds.delete(sha256)
    else if (e instanceof Problem && e.code === 'not_named') {
      // its entry may have been written this very moment, and goes first; else none ever was
      if (!(await entryOf(shelf, sound)))
        await shelf.sounds.put({ ...sound, passage: 'refused', code: e.code })
    } else if (e instanceof Problem && FINAL.has(e.status)) {
      await shelf.sounds.put({ ...sound, passage: 'refused', code: e.code })
    } else throw e
  }
}

/** As a file of text holds them. */
export async function soundsAsText(shelf: Shelf) {
  const all = await shelf.sounds.toArray()
  return all.map(({ content, ...sound }) => ({
    ...sound,
    base64: base64Of(content),
  }))
}

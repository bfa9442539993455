import type { StoredEntry, Shelf } from './device'
import { base64Of } from './base64'
import { photosAsText } from './photos'
import { attachmentsAsText } from './attachments'

/** One lesson as it lies on this device. */
export interface StoredLesson {
  lesson: string
  horse: string
  rider: string
  plannedAt: string
  entries: number
  waiting: number
  refused: number
}

/** What one person has on this device. */
export interface Stored {
  lessons: StoredLesson[]
  practices: number
  /** Entries, sounds, stills, photos, recordings, reports, stop signs and new pairs that the server has not answered for. */
  unsent: number
}

/** Counts what lies on this shelf, the latest lesson first. */
export async function storedOn(shelf: Shelf): Promise<Stored> {
  const [packets, entries, practices] = await Promise.all([
    shelf.packets.toArray(),
    shelf.entries.toArray(),
    shelf.practices.toArray(),
  ])
  const of = (lesson: string, is: (e: StoredEntry) => boolean) =>
    entries.filter((e) => e.lesson === lesson && is(e)).length
  const lessons = packets.map(({ lesson, packet }) => ({
    lesson,
    horse: packet.lesson.horse,
    rider: packet.lesson.rider,
    plannedAt: packet.lesson.plannedAt,
    entries: of(lesson, () => true),
    waiting: of(lesson, (e) => e.passage === 'waiting'),
    refused: of(lesson, (e) => e.passage === 'refused'),
  }))
  return {
    lessons: lessons.sort((a, b) => b.plannedAt.localeCompare(a.plannedAt)),
    practices: practices.length,
    unsent: await unsentOn(shelf),
  }
}

/** How much waits for the server, or was refused by it. */
export async function unsentOn(shelf: Shelf): Promise<number> {
  const open = ['waiting', 'refused']
  const [entries, practices, signs, sounds, stills, photos, recordings, pairs] = await Promise.all([
    shelf.entries.where('passage').anyOf(open).count(),
    shelf.practices.where('passage').anyOf(open).count(),
    shelf.signs.where('passage').anyOf(open).count(),
    shelf.sounds.count(),
    shelf.stills.count(),
    shelf.photos.where('passage').anyOf(open).count(),
    shelf.recordings.count(),
    shelf.packets
      .where({ toAdd: 1 })
      .filter((kept) => kept.newPair !== undefined)
      .count(),
  ])
  return entries + practices + signs + sounds + stills + photos + recordings + pairs
}

/** What was not sent, as a file holds it. */
export async function unsentFile(shelf: Shelf): Promise<string> {
  const open = ['waiting', 'refused']
  const [entries, practices, signs, sounds, stills, photos, recordings] = await Promise.all([
    shelf.entries.where('passage').anyOf(open).toArray(),
    shelf.practices.where('passage').anyOf(open).toArray(),
    shelf.signs.where('passage').anyOf(open).toArray(),
    attachmentsAsText(shelf, 'sounds'),
    attachmentsAsText(shelf, 'stills'),
    photosAsText(shelf),
    recordingsAsText(shelf),
  ])
  return JSON.stringify({ entries, practices, signs, sounds, stills, photos, recordings }, null, 1)
}

/** As a file of text holds those that were not sent: each rein's samples in order, 16-bit little-endian. */
async function recordingsAsText(shelf: Shelf) {
  const all = await shelf.recordings.toArray()
  return Promise.all(
    all.map(async (recording) => {
      const pieces = await shelf.pieces.where({ recording: recording.id }).sortBy('place')
      const bytes = (side: 'left' | 'right') =>
        base64Of(new Uint8Array(pieces.flatMap((p) => [...new Uint8Array(p[side].slice().buffer)])))
      return { ...recording, leftBase64: bytes('left'), rightBase64: bytes('right') }
    }),
  )
}

/** Forgets the entries of a lesson that the server has, and its packet; what is not sent stays. */
export async function forget(shelf: Shelf, lesson: string): Promise<void> {
  await shelf.transaction('rw', shelf.packets, shelf.entries, async () => {
    await shelf.packets.delete(lesson)
    await shelf.entries
      .where({ lesson })
      .filter((e) => e.passage === 'stored' || e.passage === 'odd')
      .delete()
  })
}

import { v7 } from 'uuid'
import { answerOf, api, Problem, untilLeaving } from '../api'
import type { HorsePhoto, Photos } from '../api'
import { base64Of } from './base64'
import type { Shelf, StoredPhoto } from './device'
import { digestOf } from './attachments'

/** So many at a look: from two sides, each time the same two. */
export const PHOTOS_A_LOOK = 2
/** From where they are taken where nobody has taken one yet. */
const USUAL_VIEWS: readonly HorsePhoto['view'][] = ['LEFT', 'RIGHT']
/** An earlier photo says more when it is some weeks old (common practice, no source). */
const WEEKS_AGO_MS = 14 * 86_400_000
/** Refusals that asking again does not change; the photo stays here and can be saved as a file. */
const FINAL = new Set([403, 404, 413, 415, 422, 507])

/** A photo as it is sent: its picture, then what it shows. */
export type PhotoToSend = Pick<StoredPhoto, 'id' | 'sha256' | 'pair' | 'view' | 'takenOn' | 'content'>

export async function sendPhoto({ id, sha256, pair, view, takenOn, content }: PhotoToSend): Promise<Photos> {
  await answerOf(
    api.PUT('/api/v1/pairs/{id}/photos/{sha256}', {
      params: { path: { id: pair, sha256 } },
      headers: { 'Content-Type': 'application/octet-stream' },
      body: '',
      bodySerializer: () => content,
    }),
  )
  return answerOf(
    api.POST('/api/v1/pairs/{id}/photos', {
      params: { path: { id: pair } },
      body: { id, sha256, view, takenOn },
    }),
  )
}

/** Keeps a photo of a look on this device until the server has it; another of the same side takes its place. */
export async function keepPhoto(
  shelf: Shelf,
  photo: Omit<PhotoToSend, 'id' | 'sha256'> & { lesson: string },
): Promise<void> {
  const sha256 = await digestOf(photo.content)
  await shelf.transaction('rw', shelf.photos, async () => {
    await shelf.photos
      .where({ lesson: photo.lesson })
      .filter((p) => p.view === photo.view && p.passage !== 'stored')
      .delete()
    await shelf.photos.put({ id: v7(), sha256, ...photo, passage: 'waiting' })
  })
}

/** Sends one photo; false when none waits. It stays here for the rest of its day, so that the look can be opened again. */
export async function sendNextPhoto(shelf: Shelf, onSending: () => void): Promise<boolean> {
  const [photo] = await shelf.photos.where({ passage: 'waiting' }).sortBy('id')
  if (!photo) return false
  onSending()
  try {
    await sendPhoto(photo)
    await shelf.photos.put({ ...photo, passage: 'stored' })
  } catch (e) {
    if (!(e instanceof Problem && FINAL.has(e.status))) throw e
    await shelf.photos.put({ ...photo, passage: 'refused', code: e.code })
  }
  return true
}

/** Of the sides last taken, the photo to lay over the next one: some weeks old where there is one, else the last before today. */
export function ghostsOf({ photos, today }: Pick<Photos, 'photos' | 'today'>): HorsePhoto[] {
  const before = photos.filter((p) => !p.isPutAway && p.takenOn < today)
  const views = [...new Set(before.map((p) => p.view))].slice(0, PHOTOS_A_LOOK)
  const old = (p: HorsePhoto) => Date.parse(today) - Date.parse(p.takenOn) >= WEEKS_AGO_MS
  return views.flatMap((view) => {
    const of = before.filter((p) => p.view === view)
    return of.find(old) ?? of[0] ?? []
  })
}

/** From where a look's photos are taken: as before, else from the left and the right. */
export function viewsOf(ghosts: Pick<HorsePhoto, 'view'>[]): HorsePhoto['view'][] {
  return [...new Set([...ghosts.map((g) => g.view), ...USUAL_VIEWS])].slice(0, PHOTOS_A_LOOK)
}

/** Fetches the earlier photos of this pair's horse, so that they can be laid over the next without a network. */
export async function fetchGhosts(
  shelf: Shelf,
  pair: string,
  here: AbortSignal = untilLeaving(),
): Promise<void> {
  here.throwIfAborted()
  const all = await answerOf(api.GET('/api/v1/pairs/{id}/photos', { params: { path: { id: pair } } }))
  const wanted = ghostsOf(all)
  const kept = await shelf.ghosts.where({ pair }).toArray()
  const gone = kept.filter((g) => !wanted.some((w) => w.sha256 === g.sha256))
  await shelf.ghosts.bulkDelete(gone.map((g) => [g.pair, g.sha256] as [string, string]))
  for (const { sha256, view, takenOn } of wanted) {
    if (kept.some((g) => g.sha256 === sha256)) continue
    here.throwIfAborted()
    const { data } = await api.GET('/api/v1/pairs/{id}/photos/{sha256}', {
      params: { path: { id: pair, sha256 } },
      parseAs: 'arrayBuffer',
    })
    if (data) await shelf.ghosts.put({ pair, sha256, view, takenOn, content: new Uint8Array(data) })
  }
  // what the server has of other days is fetched from there
  await shelf.photos.filter((p) => p.passage === 'stored' && p.takenOn !== all.today).delete()
}

/** As a file of text holds those that were not sent. */
export async function photosAsText(shelf: Shelf) {
  const all = await shelf.photos.where('passage').anyOf(['waiting', 'refused']).toArray()
  return all.map(({ content, ...photo }) => ({ ...photo, base64: base64Of(content) }))
}

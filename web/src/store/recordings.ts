import { answerOf, api, Problem } from '../api'
import { chunk, GAP, pieceEnd, PIECES_A_MINUTE, wholeMinute } from '../reins'
import type { Shelf, StoredPiece, StoredRecording } from './device'

/** A recording that gave no sign of life for so long has ended, where it cannot be asked. */
const SILENT_MS = 30_000
/** Refusals that asking again does not change; the recording stays here and can be saved as a file. */
const FINAL = new Set([403, 404, 409, 413, 415, 422, 507])

/** Ends a recording that runs nowhere any more. */
export type Release = () => void

/** Keeps a new recording. While it runs nobody else ends it: it is held until it is let go. */
export async function beginRecording(
  shelf: Shelf,
  of: Pick<StoredRecording, 'id' | 'lesson' | 'startedAt' | 'rateHz' | 'name'>,
): Promise<Release> {
  const release = await hold(of.id)
  await shelf.recordings.put({ ...of, lastMs: Date.now(), samples: 0, sent: 0, passage: 'running' })
  return release
}

/** Keeps the next seconds of it. */
export async function keepPiece(shelf: Shelf, piece: StoredPiece): Promise<void> {
  await shelf.transaction('rw', shelf.recordings, shelf.pieces, async () => {
    await shelf.pieces.put(piece)
    await shelf.recordings.update(piece.recording, { lastMs: Date.now() })
  })
}

/** It has ended: from now on it waits to be sent. One that measured nothing is forgotten. */
export async function endRecording(shelf: Shelf, id: string): Promise<void> {
  await shelf.transaction('rw', shelf.recordings, shelf.pieces, async () => {
    const recording = await shelf.recordings.get(id)
    const last = (await piecesOf(shelf, id)).at(-1)
    if (!recording || recording.passage !== 'running') return
    if (!last) return shelf.recordings.delete(id)
    const samples = pieceEnd(last.place - 1, recording.rateHz) + last.left.length
    await shelf.recordings.update(id, { passage: 'waiting', samples })
  })
}

/**
 * Sends one minute of a recording that has ended, so that what is written meanwhile goes first; false when there is none. Each may be sent
 * again: what the server has, it has.
 */
export async function sendNextMinute(shelf: Shelf, onSending: () => void): Promise<boolean> {
  await endLeft(shelf)
  const [recording] = await shelf.recordings.where({ passage: 'waiting' }).sortBy('id')
  if (!recording) return false
  onSending()
  try {
    await sendMinute(shelf, recording)
  } catch (e) {
    if (!(e instanceof Problem && FINAL.has(e.status))) throw e
    await shelf.recordings.update(recording.id, { passage: 'refused', code: e.code })
  }
  return true
}

async function sendMinute(shelf: Shelf, recording: StoredRecording): Promise<void> {
  const { id, lesson, startedAt, rateHz, name, samples, sent: place } = recording
  const minutes = Math.ceil(samples / wholeMinute(rateHz))
  if (place === 0) {
    await answerOf(
      api.POST('/api/v1/lessons/{id}/recordings', {
        params: { path: { id: lesson } },
        body: { id, startedAt, rateHz, minutes, name, jitterMs: 0 },
      }),
    )
  }
  if (place < minutes) {
    const { left, right } = await minuteOf(shelf, recording, place)
    const content = await chunk(left, right)
    await answerOf(
      api.PUT('/api/v1/lessons/{id}/recordings/{recording}/chunks/{place}', {
        params: { path: { id: lesson, recording: id, place } },
        headers: { 'Content-Type': 'application/octet-stream' },
        body: '',
        bodySerializer: () => content,
        parseAs: 'text',
      }),
    )
    await shelf.recordings.update(id, { sent: place + 1 })
    return
  }
  await answerOf(
    api.PUT('/api/v1/lessons/{id}/recordings/{recording}/whole', {
      params: { path: { id: lesson, recording: id } },
    }),
  )
  await shelf.transaction('rw', shelf.recordings, shelf.pieces, async () => {
    await shelf.pieces.where({ recording: id }).delete()
    await shelf.recordings.delete(id)
  })
}

/** Full of gaps where a piece is missing: what could not be kept was not measured, and what came later stays where it belongs. */
async function minuteOf(shelf: Shelf, { id, rateHz, samples }: StoredRecording, minute: number) {
  const whole = wholeMinute(rateHz)
  const first = minute * PIECES_A_MINUTE
  const pieces = await shelf.pieces
    .where('[recording+place]')
    .between([id, first], [id, first + PIECES_A_MINUTE])
    .toArray()
  return laid(pieces, rateHz, minute * whole, Math.min(samples, (minute + 1) * whole))
}

function laid(pieces: StoredPiece[], rateHz: number, from: number, to: number) {
  const left = new Int16Array(to - from).fill(GAP)
  const right = new Int16Array(to - from).fill(GAP)
  for (const piece of pieces) {
    const at = pieceEnd(piece.place - 1, rateHz) - from
    left.set(piece.left.subarray(0, to - from - at), at)
    right.set(piece.right.subarray(0, to - from - at), at)
  }
  return { left, right }
}

function piecesOf(shelf: Shelf, recording: string): Promise<StoredPiece[]> {
  return shelf.pieces.where({ recording }).sortBy('place')
}

/** Recordings whose tab is gone have ended. */
async function endLeft(shelf: Shelf): Promise<void> {
  for (const { id, lastMs } of await shelf.recordings.where({ passage: 'running' }).toArray()) {
    if (await isLeft(id, lastMs)) await endRecording(shelf, id)
  }
}

async function isLeft(id: string, lastMs: number): Promise<boolean> {
  if (!('locks' in navigator)) return Date.now() - lastMs > SILENT_MS
  return navigator.locks.request(nameOf(id), { ifAvailable: true }, (lock) => lock !== null)
}

function hold(id: string): Promise<Release> {
  if (!('locks' in navigator)) return Promise.resolve(() => undefined)
  return new Promise((held) => {
    void navigator.locks.request(nameOf(id), () => new Promise<void>((release) => held(release)))
  })
}

const nameOf = (id: string) => `recording-${id}`

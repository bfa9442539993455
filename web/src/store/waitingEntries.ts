import { answerOf, api, Problem, Unreachable } from '../api'
import type { BatchAnswer } from '../api'
import type { StoredEntry, Passage, Shelf } from './device'
import { addNextLesson } from './addLesson'
import { recordings } from './heavy'
import type { Backlog } from './outbox'
import { sendNextPhoto } from './photos'
import { sendNextAttachment } from './attachments'

/** What the server takes in one request, and less than it takes in bytes. */
const BATCH = { most: 500, bytes: 3_000_000 }

const PASSAGE: Record<BatchAnswer['answers'][number]['outcome'], Passage> = {
  STORED: 'stored',
  ALREADY: 'stored',
  KEPT_ODD: 'odd',
  REFUSED: 'refused',
}

/**
 * Lessons made on this device and entries of lessons, oldest first, as their author only. After a batch that did not arrive in time half
 * as many go, after one that did twice as many: the server waits ten seconds for a whole request, and a slow network must get through.
 */
export function waitingEntries(shelf: Shelf): Backlog {
  let mostNow = BATCH.most
  return {
    name: shelf.name,
    sendNext: async (onSending) => {
      if (await addNextLesson(shelf, onSending)) return true
      const waiting = await shelf.entries.where({ passage: 'waiting' }).sortBy('seq')
      const batch = firstOf(waiting, mostNow)
      // a sound goes when the server has the entry that names it, and what is heavier when all that is lighter went
      if (batch.length === 0)
        return (
          (await sendNextAttachment(shelf, onSending)) ||
          (await sendNextPhoto(shelf, onSending)) ||
          sendNextRecording(shelf, onSending)
        )
      onSending()
      try {
        await sendSome(shelf, batch)
        mostNow = Math.min(BATCH.most, 2 * mostNow)
      } catch (e) {
        // whoever is still sending when the server hangs up hears no answer at all
        if (e instanceof Unreachable || isTooSlow(e)) mostNow = Math.max(1, Math.floor(batch.length / 2))
        throw isTooSlow(e) ? new Unreachable() : e
      }
      return true
    },
  }
}

async function sendNextRecording(shelf: Shelf, onSending: () => void): Promise<boolean> {
  if ((await shelf.recordings.count()) === 0) return false
  return (await recordings()).sendNextMinute(shelf, onSending)
}

/** So many times the server may fail at an entry before it is set aside although nothing beside it went through. */
const PATIENCE = 8
/** So many failures without anything that goes through, and it is not the entries: the server is ill. */
const ILL = 3
const failures = new Map<string, number>()

/**
 * Sends a batch. Where the server itself fails at it, it is halved until the entries are left that it fails at: those are set aside,
 * seen and saved as a file, and hold up nothing behind them. Where nothing goes through, it is asked again first, and often. A server
 * that is away, or an answer that never comes, sets nothing aside.
 */
async function sendSome(shelf: Shelf, batch: StoredEntry[]): Promise<void> {
  const failed: StoredEntry[] = []
  let went = 0
  let cause: unknown
  const send = async (part: StoredEntry[]): Promise<void> => {
    if (went === 0 && failed.length >= ILL) return
    try {
      const answer = await answerOf(api.POST('/api/v1/entries', { body: { entries: part.map(bare) } }))
      await settle(shelf, part, answer)
      went += part.length
    } catch (e) {
      if (!isItsFailure(e)) throw e
      cause = e
      if (part.length === 1) failed.push(...part)
      else {
        const half = Math.floor(part.length / 2)
        await send(part.slice(0, half))
        await send(part.slice(half))
      }
    }
  }
  await send(batch)
  for (const { id } of failed) failures.set(id, (failures.get(id) ?? 0) + 1)
  const aside = failed.filter(({ id }) => went > 0 || (failures.get(id) ?? 0) >= PATIENCE)
  for (const { id } of aside) await shelf.entries.update(id, { passage: 'refused', code: 'FAILED' })
  if (went === 0 && aside.length === 0) throw cause
}

/** The server's own word that it failed: not a proxy's, and no silence. */
function isItsFailure(e: unknown): boolean {
  return e instanceof Problem && e.status === 500 && e.code === 'failure'
}

function isTooSlow(e: unknown): boolean {
  return e instanceof Problem && e.status === 408
}

/** At least one, if any waits; all of one lesson, so that none fails for another's sake. */
function firstOf(waiting: StoredEntry[], most: number): StoredEntry[] {
  const ofLesson = waiting.filter((entry) => entry.lesson === waiting[0]?.lesson)
  let bytes = 0
  const end = ofLesson.findIndex((entry, i) => {
    bytes += new Blob([JSON.stringify(bare(entry))]).size
    return i > 0 && (i === most || bytes > BATCH.bytes)
  })
  return end < 0 ? ofLesson : ofLesson.slice(0, end)
}

async function settle(shelf: Shelf, batch: StoredEntry[], { answers }: BatchAnswer): Promise<void> {
  await shelf.transaction('rw', shelf.entries, async () => {
    for (const answer of answers) {
      const sent = batch[answer.index]
      if (sent) {
        await shelf.entries.update(sent.id, {
          passage: PASSAGE[answer.outcome],
          code: answer.code ?? undefined,
        })
      }
    }
  })
}

function bare({ id, lesson, device, author, seq, atMs, kind, v, payload }: StoredEntry) {
  return { id, lesson, device, author, seq, atMs, kind, v, payload }
}

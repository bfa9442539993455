import { answerOf, api } from '../api'
import type { BatchAnswer } from '../api'
import type { KeptEntry, Passage, Shelf } from './device'
import { addNextLesson } from './addLesson'
import type { Waiting } from './outbox'

/** What the server takes in one request, and less than it takes in bytes. */
const BATCH = { most: 500, bytes: 3_000_000 }

const PASSAGE: Record<BatchAnswer['answers'][number]['outcome'], Passage> = {
  STORED: 'stored',
  ALREADY: 'stored',
  KEPT_ODD: 'odd',
  REFUSED: 'refused',
}

/** Lessons made on this device and entries of lessons, oldest first, as their author only. */
export function waitingEntries(shelf: Shelf): Waiting {
  return {
    name: shelf.name,
    sendNext: async (onSending) => {
      if (await addNextLesson(shelf, onSending)) return true
      const waiting = await shelf.entries.where({ passage: 'waiting' }).sortBy('seq')
      const batch = firstOf(waiting)
      if (batch.length === 0) return false
      onSending()
      const answer = await answerOf(api.POST('/api/v1/entries', { body: { entries: batch.map(bare) } }))
      await settle(shelf, batch, answer)
      return true
    },
  }
}

/** At least one, if any waits. */
function firstOf(waiting: KeptEntry[]): KeptEntry[] {
  let bytes = 0
  const end = waiting.findIndex((entry, i) => {
    bytes += new Blob([JSON.stringify(bare(entry))]).size
    return i > 0 && (i === BATCH.most || bytes > BATCH.bytes)
  })
  return end < 0 ? waiting : waiting.slice(0, end)
}

async function settle(shelf: Shelf, batch: KeptEntry[], { answers }: BatchAnswer): Promise<void> {
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

function bare({ id, lesson, device, author, seq, atMs, kind, v, payload }: KeptEntry) {
  return { id, lesson, device, author, seq, atMs, kind, v, payload }
}

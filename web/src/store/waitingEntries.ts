import { answerOf, api } from '../api'
import type { BatchAnswer } from '../api'
import type { KeptEntry, Passage, Shelf } from './device'
import type { Waiting } from './outbox'

const BATCH = 200

const PASSAGE: Record<BatchAnswer['answers'][number]['outcome'], Passage> = {
  STORED: 'stored',
  ALREADY: 'stored',
  KEPT_ODD: 'odd',
  REFUSED: 'refused',
}

/** Entries of lessons, oldest first, as their author only. */
export function waitingEntries(shelf: Shelf): Waiting {
  return {
    name: shelf.name,
    sendNext: async (onSending) => {
      const waiting = await shelf.entries.where({ passage: 'waiting' }).sortBy('seq')
      const batch = waiting.slice(0, BATCH)
      if (batch.length === 0) return false
      onSending()
      const answer = await answerOf(api.POST('/api/v1/entries', { body: { entries: batch.map(bare) } }))
      await settle(shelf, batch, answer)
      return true
    },
  }
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

import { answerOf, api, Problem } from '../api'
import type { NewPractice } from '../api'
import type { StoredPractice, Shelf } from './device'
import type { Backlog } from './outbox'

/** Reports of practices, each by itself: one the server cannot take stays here and holds up none. */
export function waitingPractices(shelf: Shelf): Backlog {
  return {
    name: `${shelf.name}-practices`,
    sendNext: async (onSending) => {
      const next = (await shelf.practices.where({ passage: 'waiting' }).sortBy('startedAt'))[0]
      if (!next) return false
      onSending()
      try {
        const { answers } = await answerOf(
          api.POST('/api/v1/practices', { body: { practices: [bare(next)] } }),
        )
        const answer = answers[0]
        await shelf.practices.update(next.id, {
          passage: answer?.outcome === 'REFUSED' ? 'refused' : 'stored',
          code: answer?.code ?? undefined,
        })
      } catch (e) {
        const isRefused = e instanceof Problem && (e.status === 400 || e.status === 422)
        if (!isRefused) throw e
        await shelf.practices.update(next.id, { passage: 'refused', code: e.code })
      }
      return true
    },
  }
}

function bare(kept: StoredPractice): NewPractice {
  const report: NewPractice & Partial<StoredPractice> = { ...kept }
  delete report.passage
  delete report.code
  return report
}

import { answerOf, api, Problem } from '../api'
import type { KeptSign, Shelf } from './device'
import type { Waiting } from './outbox'

/** Stop signs a rider saw, each by itself. */
export function waitingSigns(shelf: Shelf): Waiting {
  return {
    name: `${shelf.name}-signs`,
    sendNext: async (onSending) => {
      const next = (await shelf.signs.where({ passage: 'waiting' }).sortBy('at'))[0]
      if (!next) return false
      onSending()
      try {
        const { answers } = await answerOf(api.POST('/api/v1/stop-signs', { body: { signs: [bare(next)] } }))
        const answer = answers[0]
        await shelf.signs.update(next.id, {
          passage: answer?.outcome === 'REFUSED' ? 'refused' : 'stored',
          code: answer?.code ?? undefined,
        })
      } catch (e) {
        const isRefused = e instanceof Problem && (e.status === 400 || e.status === 422)
        if (!isRefused) throw e
        await shelf.signs.update(next.id, { passage: 'refused', code: e.code })
      }
      return true
    },
  }
}

function bare({ id, pair, author, at, sign, side }: KeptSign) {
  return { id, pair, author, at, sign, side }
}

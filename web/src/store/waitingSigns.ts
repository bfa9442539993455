import { answerOf, api, Problem } from '../api'
import type { StoredSign, Shelf } from './device'
import type { Backlog } from './outbox'

/**
 * Stop signs a rider saw, each by itself. One that was said by mistake may be on its way already: it is sent, then taken back.
 */
export function waitingSigns(shelf: Shelf): Backlog {
  return {
    name: `${shelf.name}-signs`,
    sendNext: async (onSending) => {
      const next = (await shelf.signs.where({ passage: 'waiting' }).sortBy('at'))[0]
      if (!next) return takeNextBack(shelf, onSending)
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

async function takeNextBack(shelf: Shelf, onSending: () => void): Promise<boolean> {
  const next = await shelf.signs
    .where({ passage: 'stored' })
    .filter((s) => s.takenBack === true)
    .first()
  if (!next) return false
  onSending()
  try {
    await answerOf(api.POST('/api/v1/stop-signs/{id}/take-back', { params: { path: { id: next.id } } }))
  } catch (e) {
    // too late: then only an answer ends the pause, and the server tells of it
    const isSettled = e instanceof Problem && (e.status === 404 || e.status === 409)
    if (!isSettled) throw e
  }
  await shelf.signs.delete(next.id)
  return true
}

function bare({ id, pair, author, at, sign, side }: StoredSign) {
  return { id, pair, author, at, sign, side }
}

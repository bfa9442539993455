import { answerOf, api, Unreachable } from '../api'
import type { Cards } from '../api'
import type { Shelf } from './device'

/** Fetches the rider's cards and keeps them; without a network, what was kept. */
export async function cardsOf(shelf: Shelf): Promise<Cards> {
  try {
    const cards = await answerOf(api.GET('/api/v1/practice'))
    await shelf.cards.put({ name: 'cards', cards })
    return cards
  } catch (e) {
    const kept = await shelf.cards.get('cards')
    if (kept && e instanceof Unreachable) return kept.cards
    throw e
  }
}

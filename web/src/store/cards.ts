import { answerOf, api, Unreachable } from '../api'
import type { StoredCards, Shelf } from './device'

/** Fetches the rider's cards and keeps them; without a network, what was kept. */
export async function cardsOf(shelf: Shelf): Promise<StoredCards> {
  try {
    const cards = await answerOf(api.GET('/api/v1/practice'))
    const kept: StoredCards = { name: 'cards', cards, offsetMs: cards.serverMs - Date.now() }
    await shelf.cards.put(kept)
    return kept
  } catch (e) {
    const kept = await shelf.cards.get('cards')
    if (kept && e instanceof Unreachable) return kept
    throw e
  }
}

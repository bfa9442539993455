import type { QueryKey } from '@tanstack/react-query'
import type { PairItem, Today } from '../api'
import type { News } from './news'

/** What is read again when something was stored elsewhere; the log of a ride reads on by itself. */
const LISTENING = ['today', 'debrief', 'words', 'inbox', 'pair', 'pairs']

/**
 * Whether what was read under this key shows what the news is of: only that is read again.
 *
 * @param data as it was read last; undefined before the first answer
 */
export function isConcerned(news: News, key: QueryKey, data: unknown): boolean {
  const [screen, id] = key
  if (!LISTENING.includes(String(screen))) return false
  if (news === null || data === undefined) return true
  switch (screen) {
    case 'debrief':
    case 'words':
      return id === news.lesson
    case 'pair':
      return id === news.pair
    case 'today':
      // a lesson that is new today is not shown yet
      return news.lesson !== null && isToday(data as Today, news.lesson, news.pair)
    case 'inbox':
      // reports and answers are of a pair and no lesson; a horse that is paused stops all homework on it
      return news.lesson === null
    default:
      return news.lesson !== null && isListed(data as Paged, news.pair)
  }
}

interface Paged {
  pages: { pairs: PairItem[] }[]
}

function isToday(today: Today, lesson: string, pair: string | null): boolean {
  return (
    today.lessons.every((l) => l.lesson.id !== lesson) || today.lessons.some((l) => l.lesson.pair === pair)
  )
}

function isListed(list: Paged, pair: string | null): boolean {
  return list.pages.some((page) => page.pairs.some((p) => p.id === pair))
}

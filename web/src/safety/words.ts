import type { Text } from '../text'
import { dayShort, wordIn } from '../text'
import type { HorseNow } from './now'

/** How a horse stands, as one word. */
export function statusKey(now: HorseNow): 'PAUSED' | 'HAND_WALK' | 'DAY_OVER' | 'LIMITED' | 'SEEN' {
  if (now.isPaused) return now.view?.mayHandWalk && now.here.length === 0 ? 'HAND_WALK' : 'PAUSED'
  if (now.isDayOver) return 'DAY_OVER'
  return now.view?.limits ? 'LIMITED' : 'SEEN'
}

/** The signs that count, each once, with its side. */
export function signsInWords(t: Text, now: HorseNow): string {
  const told = (now.view?.signs ?? []).map((s) =>
    s.side === 'NONE' ? t(`stopSign.${s.sign}`) : `${t(`stopSign.${s.sign}`)} (${t(`side.${s.side}`)})`,
  )
  return [...new Set([...told, ...now.here.map((s) => t(`stopSign.${s.sign}`))])].join(' · ')
}

/** What it was cleared for. */
export function limitsInWords(t: Text, now: HorseNow, timeZone: string): string {
  const limits = now.view?.limits
  if (!limits) return ''
  return [
    wordIn(t, 'safety.fastest', limits.fastest),
    limits.minutes !== null && t('safety.minutes', { count: limits.minutes }),
    limits.until !== null && t('safety.until', { day: dayShort(limits.until, timeZone && 'UTC') }),
  ]
    .filter(Boolean)
    .join(', ')
}

/** Notes of a plan that the line of its horse says already, newer than a plan that was fetched before. */
export const SAID_BY_LINE: ReadonlySet<string> = new Set([
  'HORSE_PAUSED',
  'HAND_WALK',
  'DAY_OVER',
  'CLEARED_FOR',
  'CLEARED_MINUTES',
])

import type { TFunction } from 'i18next'

/** A gait or a place in words; one that the language files do not have, as it is written. */
export function wordIn(t: TFunction, what: 'gait' | 'place', word: string): string {
  return t(`${what}.${word}`, { defaultValue: word.toLowerCase().replaceAll('_', ' ') })
}

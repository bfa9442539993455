import type { TFunction } from 'i18next'

/** A gait or a place in words; one that the language files do not have, as it is written. */
export function wordIn(t: TFunction, what: 'gait' | 'place', word: string): string {
  return t(`${what}.${word}`, { defaultValue: word.toLowerCase().replaceAll('_', ' ') })
}

/** The name of a rung as it is sent; one that has left the library is named by its id, and says so. */
export function nameIn(t: TFunction, of: { rung: string; name: string }): string {
  return of.name === of.rung ? t('pair.noLonger', { rung: of.rung }) : of.name
}

import type i18next from 'i18next'
import { useTranslation } from 'react-i18next'
import type screens from './en.json'
import type shell from './shell.en.json'

/** The dotted names of all texts of a language file; those that count are named without how many. */
type KeysOf<T, Path extends string = ''> = {
  [K in keyof T & string]: T[K] extends string
    ? `${Path}${K extends `${infer Base}_${'zero' | 'one' | 'other'}` ? Base : K}`
    : T[K] extends string[]
      ? `${Path}${K}`
      : KeysOf<T[K], `${Path}${K}.`>
}[keyof T & string]

/** A text that the language file has. */
export type Key = KeysOf<typeof screens> | KeysOf<typeof shell>

export type Values = Record<string, unknown>

/** Says a text, with these values for what it leaves open. */
export type Text = (key: Key, values?: Values) => string

/** Texts in the reader's language; whoever uses it is drawn anew when the texts of the screens have come. */
export function useText(): { t: Text; i18n: typeof i18next } {
  const { t, i18n } = useTranslation()
  return { t: t as unknown as Text, i18n }
}

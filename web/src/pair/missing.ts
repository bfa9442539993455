import type { TFunction } from 'i18next'
import type { Missing } from '../api'

/** What a rung still lacks, as a coach would say it. */
export function missingSentence(t: TFunction, m: Missing): string {
  return t(`pair.missing.${m.kind}`, { rein: t(`rein.${m.rein}`), count: m.more ?? 0, window: m.window })
}

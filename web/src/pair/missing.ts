import type { TFunction } from 'i18next'
import type { Missing } from '../api'
import { percent } from '../text/format'

/** What a rung still lacks, as a coach would say it. */
export function missingSentence(t: TFunction, m: Missing): string {
  return t(`pair.missing.${m.kind}`, {
    rein: t(`rein.${m.rein}`),
    count: m.more ?? 0,
    window: m.window,
    is: percent(m.is ?? 0),
    asked: m.kind === 'IN_BAND' ? percent(m.asked ?? 0) : m.asked,
    what: m.kind === 'STRETCHES' ? t(`pair.holdUnit.${m.what ?? ''}`) : m.what,
  })
}

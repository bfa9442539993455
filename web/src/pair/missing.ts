import type { Text } from '../text'
import type { Missing } from '../api'
import type { WorkedSide } from '../record'
import { percent, sideIn } from '../text'

/** What a rung still lacks, as a coach would say it. */
export function missingSentence(t: Text, works: WorkedSide, m: Missing): string {
  return t(`pair.missing.${m.kind}`, { side: sideIn(t, works, m.side), ...valuesOf(t, m) })
}

function valuesOf(t: Text, m: Missing): Record<string, string | number> {
  switch (m.kind) {
    case 'ASKS':
    case 'SUCCESSES':
    case 'RUNNING':
      return { count: m.more, window: m.window }
    case 'LESSONS':
    case 'DAYS':
    case 'SECONDS':
      return { count: m.more }
    case 'CERTAINTY':
      return {}
    case 'STRETCHES':
      return { count: m.more, asked: m.amount, what: t(`pair.holdUnit.${m.unit}`) }
    case 'LESSONS_WITHOUT':
      return { count: m.more, what: m.fault }
    case 'IN_BAND':
      return { is: percent(m.share), asked: percent(m.asked) }
    case 'FOUR_BEATS':
      return {
        feet: t(`side.${m.feet}`),
        share: percent(m.share),
        low: percent(m.low),
        high: percent(m.high),
      }
    case 'RECOVERIES':
      return { count: m.more, asked: m.withinS }
  }
}

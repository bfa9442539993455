import type { Text } from '../text'
import type { Evidence } from '../api'
import { dayLong, percent, wordIn } from '../text'

type Proportion = { successes: number; total: number }
type Rein = 'LEFT' | 'RIGHT' | 'NONE'

/** The numbers of a rule, a sentence each. */
export function evidenceSentences(t: Text, e: Evidence): string[] {
  switch (e.kind) {
    case 'REIN':
      return [
        [
          counted(t, 'SUCCESSES', e.counted, { rein: e.rein }),
          t('debrief.why.number.interval', { low: percent(e.interval.low), high: percent(e.interval.high) }),
          t('debrief.why.number.lessons', { count: e.held }),
        ].join(', '),
      ]
    case 'FORCE':
      return [counted(t, 'STRONGEST', e.strongest, { mean: e.meanStrength.toFixed(1) })]
    case 'TRIES':
      return [counted(t, 'TRIES', e.tries)]
    case 'DIFFERENCE': {
      const p = t('debrief.why.number.p', { p: `${percent(e.p)} %` })
      return [
        `${counted(t, 'SUCCESSES', e.left, { rein: 'LEFT' })}, ${p}`,
        `${counted(t, 'SUCCESSES', e.right, { rein: 'RIGHT' })}, ${p}`,
      ]
    }
    case 'TIMES':
      return [counted(t, e.what, { successes: e.times, total: e.needed })]
    case 'DAY':
      return [counted(t, 'ON_A_DAY', e.successes, { rein: e.rein, what: dayLong(e.day) })]
    case 'SIGNS':
      return e.signs.map((sign) =>
        counted(t, 'SIGN', { successes: 1, total: 1 }, { what: wordIn(t, 'soundness', sign) }),
      )
  }
}

function counted(
  t: Text,
  number: string,
  { successes, total }: Proportion,
  { rein = 'NONE', ...more }: { rein?: Rein; mean?: string; what?: string } = {},
): string {
  return wordIn(t, 'debrief.why.number', number, {
    rein: wordIn(t, 'Rein', rein),
    count: successes,
    total,
    ...more,
  })
}

/** The rein on which fewer came, among these numbers; undefined where they are of no rein. */
export function weakerRein(evidence: Evidence[]): Rein | undefined {
  const reins = evidence.flatMap((e): { rein: Rein; counted: Proportion }[] => {
    switch (e.kind) {
      case 'REIN':
        return [{ rein: e.rein, counted: e.counted }]
      case 'DAY':
        return [{ rein: e.rein, counted: e.successes }]
      case 'DIFFERENCE':
        return [
          { rein: 'LEFT', counted: e.left },
          { rein: 'RIGHT', counted: e.right },
        ]
      default:
        return []
    }
  })
  const share = ({ counted: c }: { counted: Proportion }) => c.successes / c.total
  return [...reins].sort((a, b) => share(a) - share(b))[0]?.rein
}

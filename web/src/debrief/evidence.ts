import type { Text } from '../text'
import type { Advice, Evidence } from '../api'
import type { Side, WorkedSide } from '../record'
import { dayLong, percent, sideIn, wordIn } from '../text'

type Proportion = { successes: number; total: number }

/** What a sensor counted, by the rule that looks at it: seconds and times, which are no asks. */
const MEASURED: Record<string, string> = {
  'criterion.band': 'IN_BAND',
  'criterion.recovery': 'SOFT_AGAIN',
}

/** What a sensor measured of a rung, a sentence a side; none where its criterion is none of these. */
export function measuredSentences(t: Text, works: WorkedSide, advice: Advice): string[] {
  return advice.findings
    .filter((f) => f.ruleId in MEASURED)
    .flatMap((f) => f.judgement.evidence.flatMap((e) => evidenceSentences(t, works, e, f.ruleId)))
}

/** The numbers of a rule, a sentence each. */
export function evidenceSentences(t: Text, works: WorkedSide, e: Evidence, ruleId = ''): string[] {
  const of = (side: Side) => ({ side: sideIn(t, works, side) })
  switch (e.kind) {
    case 'SIDE': {
      const measured = MEASURED[ruleId]
      if (measured) {
        return e.counted.total === 0
          ? [t('debrief.why.number.notMeasured', of(e.side))]
          : [counted(t, measured, e.counted, of(e.side))]
      }
      return [
        [
          counted(t, 'SUCCESSES', e.counted, of(e.side)),
          t('debrief.why.number.interval', { low: percent(e.interval.low), high: percent(e.interval.high) }),
          t('debrief.why.number.lessons', { count: e.held }),
          ...(e.tallied > 0 ? [t('debrief.why.number.tallied', { count: e.tallied })] : []),
        ].join(', '),
      ]
    }
    case 'FORCE':
      return [counted(t, 'STRONGEST', e.strongest, { mean: e.meanStrength.toFixed(1) })]
    case 'TRIES':
      return [counted(t, 'TRIES', e.tries)]
    case 'DIFFERENCE': {
      const p = t('debrief.why.number.p', { p: `${percent(e.p)} %` })
      return [
        `${counted(t, 'SUCCESSES', e.left, of('LEFT'))}, ${p}`,
        `${counted(t, 'SUCCESSES', e.right, of('RIGHT'))}, ${p}`,
      ]
    }
    case 'TIMES':
      return [counted(t, e.what, { successes: e.times, total: e.needed })]
    case 'DAY':
      return [counted(t, 'ON_A_DAY', e.successes, { ...of(e.side), what: dayLong(e.day) })]
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
  values: { side?: string; mean?: string; what?: string } = {},
): string {
  return wordIn(t, 'debrief.why.number', number, {
    count: successes,
    total,
    ...values,
  })
}

/** The side to which fewer came, among these numbers; undefined where they are of no side. */
export function weakerSide(evidence: Evidence[]): Side | undefined {
  const sides = evidence.flatMap((e): { side: Side; counted: Proportion }[] => {
    switch (e.kind) {
      case 'SIDE':
        return [{ side: e.side, counted: e.counted }]
      case 'DAY':
        return [{ side: e.side, counted: e.successes }]
      case 'DIFFERENCE':
        return [
          { side: 'LEFT', counted: e.left },
          { side: 'RIGHT', counted: e.right },
        ]
      default:
        return []
    }
  })
  const share = ({ counted: c }: { counted: Proportion }) => c.successes / c.total
  return [...sides].sort((a, b) => share(a) - share(b))[0]?.side
}

import { Box, chakra } from '@chakra-ui/react'
import type { TFunction } from 'i18next'
import { useTranslation } from 'react-i18next'
import type { Advice, Finding, NumberView } from '../api'
import { dayLong, percent } from '../text/format'
import { Quiet } from '../ui/Card'
import { WhyBox } from '../ui/WhyBox'
import { ruleKey } from './sentence'

/** The why of an advice, opened on demand: every rule with its answer and its numbers. */
export function Why({ advice }: { advice: Advice }) {
  const { t } = useTranslation()
  return (
    <WhyBox>
      <summary>{t('debrief.why.title')}</summary>
      <Box paddingTop="2">
        {[...advice.findings].reverse().map((f) => (
          <FindingLine key={f.ruleId} finding={f} isDeciding={f.ruleId === advice.ruleId} />
        ))}
        <Quiet>{t('debrief.why.book', { book: advice.book })}</Quiet>
      </Box>
    </WhyBox>
  )
}

function FindingLine({ finding, isDeciding }: { finding: Finding; isDeciding: boolean }) {
  const { t } = useTranslation()
  return (
    <Box marginBottom="3">
      <chakra.p fontWeight={isDeciding ? '700' : '400'}>
        {t(`debrief.why.rule.${ruleKey(finding.ruleId)}`, shown(finding.thresholds))}:{' '}
        <chakra.b>{t(`debrief.why.verdict.${finding.verdict}`)}</chakra.b>
      </chakra.p>
      <chakra.ul paddingLeft="5" fontSize="sm">
        {finding.needed !== null && (
          <li>{t('debrief.why.few', { asks: finding.asks, needed: finding.needed })}</li>
        )}
        {finding.numbers.map((n) => (
          <li key={`${n.kind}.${n.rein ?? ''}.${n.what ?? ''}`}>{numberSentence(t, n)}</li>
        ))}
      </chakra.ul>
    </Box>
  )
}

const SHARES = new Set(['share', 'strongestShare', 'lowerEnd', 'p'])

/** Thresholds as the sentence says them: shares in percent. */
function shown(thresholds: Finding['thresholds']): Record<string, string> {
  return Object.fromEntries(
    Object.entries(thresholds).map(([name, value]) => [
      name,
      SHARES.has(name) ? percent(value) : String(value),
    ]),
  )
}

function dayOf(what: string | null): string | null {
  return what && dayLong(what)
}

function numberSentence(t: TFunction, n: NumberView): string {
  const said = t(`debrief.why.number.${n.kind}`, {
    rein: t(`Rein.${n.rein ?? 'NONE'}`),
    count: n.count,
    of: n.of,
    mean: n.meanStrength?.toFixed(1),
    what: n.kind === 'SIGN' ? t(`soundness.${n.what ?? ''}`) : dayOf(n.what),
  })
  const parts = [said]
  if (n.low !== null && n.high !== null) {
    parts.push(t('debrief.why.number.interval', { low: percent(n.low), high: percent(n.high) }))
  }
  if (n.lessonsHeld !== null) parts.push(t('debrief.why.number.lessons', { count: n.lessonsHeld }))
  if (n.p !== null) parts.push(t('debrief.why.number.p', { p: `${percent(n.p)} %` }))
  return parts.join(', ')
}

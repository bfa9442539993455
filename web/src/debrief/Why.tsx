import { Box, chakra } from '@chakra-ui/react'
import type { Advice, Finding } from '../api'
import type { WorkedSide } from '../record'
import { percent, wordIn, useText } from '../text'
import { Quiet, WhyBox } from '../ui'
import { evidenceSentences } from './evidence'
import { ruleKey } from './sentence'

/** The why of an advice, opened on demand: every rule with its answer and its numbers. */
export function Why({ advice, works }: { advice: Advice; works: WorkedSide }) {
  const { t } = useText()
  return (
    <WhyBox>
      <summary>{t('debrief.why.title')}</summary>
      <Box paddingTop="2">
        {[...advice.findings].reverse().map((f) => (
          <FindingLine key={f.ruleId} finding={f} works={works} isDeciding={f.ruleId === advice.ruleId} />
        ))}
        <Quiet>{t('debrief.why.book', { book: advice.book })}</Quiet>
      </Box>
    </WhyBox>
  )
}

interface FindingLineProps {
  finding: Finding
  works: WorkedSide
  isDeciding: boolean
}

function FindingLine({ finding, works, isDeciding }: FindingLineProps) {
  const { t } = useText()
  const { judgement } = finding
  return (
    <Box marginBottom="3">
      <chakra.p fontWeight={isDeciding ? '700' : '400'}>
        {wordIn(t, 'debrief.why.rule', ruleKey(finding.ruleId), shown(finding.thresholds))}:{' '}
        <chakra.b>{t(`debrief.why.verdict.${judgement.kind}`)}</chakra.b>
      </chakra.p>
      <chakra.ul paddingLeft="5" fontSize="sm">
        {judgement.kind === 'NOT_ENOUGH_DATA' && (
          <li>{t('debrief.why.few', { asks: judgement.seen, needed: judgement.needed })}</li>
        )}
        {judgement.evidence
          .flatMap((e) => evidenceSentences(t, works, e, finding.ruleId))
          .map((sentence) => (
            <li key={sentence}>{sentence}</li>
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

import type { Text } from '../text'
import type { Advice, Evidence, Missing } from '../api'
import { missingSentence } from '../pair'
import type { WorkedSide } from '../record'
import { sideIn, wordIn } from '../text'
import { weakerSide } from './evidence'

/** The advice as a coach would say it. */
export function adviceSentence(t: Text, works: WorkedSide, advice: Advice, horse: string): string {
  switch (advice.decision) {
    case 'MOVE_ON':
      if (advice.ruleId.startsWith('reopen.')) return t('debrief.sentence.STAYS_PASSED')
      return t(advice.beside.length > 0 ? 'debrief.sentence.MOVE_ON_harder' : 'debrief.sentence.MOVE_ON')
    case 'STAY_HARDER':
    case 'REOPEN':
      return t(`debrief.sentence.${advice.decision}`)
    case 'STEP_BACK':
    case 'GET_HELP':
      return wordIn(t, `debrief.sentence.${advice.decision}`, ruleKey(advice.ruleId), {
        side: worseSide(t, works, advice),
        horse,
      })
    case 'STAY':
      return staySentence(t, works, advice)
  }
}

function staySentence(t: Text, works: WorkedSide, advice: Advice): string {
  const missing = missingOf(advice)
    .map((m) => missingSentence(t, works, m))
    .join('; ')
  return missing ? t('debrief.sentence.STAY', { missing }) : t('debrief.sentence.STAY_plain')
}

/** A rule's key in the language files, where a dot would open a level. */
export function ruleKey(ruleId: string): string {
  return ruleId.replaceAll('.', '-')
}

/** What is lacking on either side, by whichever rule said so. */
function missingOf(advice: Advice): Missing[] {
  return advice.findings
    .flatMap((f): Evidence[] => f.judgement.evidence)
    .flatMap((e) => (e.kind === 'SIDE' ? e.missing : []))
}

function worseSide(t: Text, works: WorkedSide, advice: Advice): string {
  const deciding = advice.findings.find((f) => f.ruleId === advice.ruleId)
  return sideIn(t, works, weakerSide(deciding?.judgement.evidence ?? []) ?? 'NONE')
}

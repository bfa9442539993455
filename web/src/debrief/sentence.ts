import type { Text } from '../text'
import type { Advice, Evidence, Missing } from '../api'
import { missingSentence } from '../pair'
import { wordIn } from '../text'
import { weakerRein } from './evidence'

/** The advice as a coach would say it. */
export function adviceSentence(t: Text, advice: Advice): string {
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
        rein: worseRein(t, advice),
      })
    case 'STAY':
      return staySentence(t, advice)
  }
}

function staySentence(t: Text, advice: Advice): string {
  const missing = missingOf(advice)
    .map((m) => missingSentence(t, m))
    .join('; ')
  return missing ? t('debrief.sentence.STAY', { missing }) : t('debrief.sentence.STAY_plain')
}

/** A rule's key in the language files, where a dot would open a level. */
export function ruleKey(ruleId: string): string {
  return ruleId.replaceAll('.', '-')
}

/** What is lacking on either rein, by whichever rule said so. */
function missingOf(advice: Advice): Missing[] {
  return advice.findings
    .flatMap((f): Evidence[] => f.judgement.evidence)
    .flatMap((e) => (e.kind === 'REIN' ? e.missing : []))
}

function worseRein(t: Text, advice: Advice): string {
  const deciding = advice.findings.find((f) => f.ruleId === advice.ruleId)
  return t(`rein.${weakerRein(deciding?.judgement.evidence ?? []) ?? 'NONE'}`)
}

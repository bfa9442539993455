import type { Text } from '../text'
import type { HomeworkStep } from '../api'

/** How much on each rein, and about how long it takes. */
export function doseSentence(t: Text, step: Pick<HomeworkStep, 'amount' | 'unit' | 'secondsARein'>): string {
  const minutes = Math.ceil(step.secondsARein / 60)
  if (step.unit === 'MINUTES') return t('dose.MINUTES', { count: step.amount })
  return t(`dose.${step.unit}`, { count: step.amount, minutes })
}

import type { TFunction } from 'i18next'
import type { HomeworkStep } from '../api'

/** How much on each rein, and about how long it takes. */
export function doseSentence(
  t: TFunction,
  step: Pick<HomeworkStep, 'amount' | 'unit' | 'secondsARein'>,
): string {
  const minutes = Math.ceil(step.secondsARein / 60)
  if (step.unit === 'MINUTES') return t('dose.MINUTES', { count: step.amount })
  return t(`dose.${step.unit}`, { count: step.amount, minutes })
}

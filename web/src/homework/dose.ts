import type { Text } from '../text'
import type { HomeworkStep } from '../api'

type Dose = Pick<HomeworkStep, 'amount' | 'unit' | 'secondsARein'> & { works?: HomeworkStep['works'] }

/** How much on each rein, or in all where there is none, and about how long it takes. */
export function doseSentence(t: Text, step: Dose): string {
  // a card kept by an earlier version does not say which side it works
  if (step.works === 'NEITHER') {
    const minutes = Math.ceil((2 * step.secondsARein) / 60)
    return step.unit === 'MINUTES'
      ? t('dose.inAll.MINUTES', { count: minutes })
      : t(`dose.inAll.${step.unit}`, { count: step.amount, minutes })
  }
  const minutes = Math.ceil(step.secondsARein / 60)
  if (step.unit === 'MINUTES') return t('dose.MINUTES', { count: step.amount })
  return t(`dose.${step.unit}`, { count: step.amount, minutes })
}

import { chakra } from '@chakra-ui/react'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { queries } from '../api'
import type { PlannedLesson, WantedBlock } from '../api'
import { useText } from '../text'
import { PlanTotals } from './PlanTotals'

interface OnTrialProps {
  planned: PlannedLesson
  /** The blocks as the hand holds them now. */
  blocks: WantedBlock[]
}

/** What the plan under the hand comes to, and what the rules say of it before it is let go. */
export function OnTrial({ planned: { lesson, plan }, blocks }: OnTrialProps) {
  const { t } = useText()
  const trial = useQuery({
    ...queries.planTrial(lesson.id, blocks),
    // what was said of the step before stands until this one is answered: nothing flickers under the hand
    placeholderData: keepPreviousData,
    retry: false,
  })
  const breaches = trial.data?.breaches ?? []
  return (
    <chakra.div
      role="status"
      data-on-trial={trial.isSuccess && !trial.isPlaceholderData ? 'said' : undefined}
    >
      <PlanTotals plan={trial.data ?? plan}>{t('plan.letGo')}</PlanTotals>
      {trial.data?.isRefused && <chakra.p fontWeight="700">{t('plan.cannotKeep')}</chakra.p>}
      {breaches.map((b) => (
        <p key={`${b.limit}.${b.block ?? ''}`}>{t(`planLimit.${b.limit}`, { horse: lesson.horse })}</p>
      ))}
    </chakra.div>
  )
}

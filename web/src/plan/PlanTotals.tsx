import { chakra, Flex } from '@chakra-ui/react'
import type { ReactNode } from 'react'
import type { Plan } from '../api'
import { useText } from '../text'
import { SideLetter } from '../ui'
import { minutes } from './minutes'

interface PlanTotalsProps {
  plan: Pick<Plan, 'leftS' | 'rightS' | 'workS' | 'restS'>
  /** How it stands with the plan. */
  children: ReactNode
}

/** Minutes on each rein, of work and of rest. */
export function PlanTotals({ plan, children }: PlanTotalsProps) {
  const { t } = useText()
  return (
    <Flex
      columnGap="5"
      rowGap="0.5"
      wrap="wrap"
      marginTop="2"
      align="center"
      fontVariantNumeric="tabular-nums"
    >
      <Flex align="center" gap="2" fontWeight="720">
        <SideLetter side="LEFT" /> {t('debrief.min', { minutes: minutes(plan.leftS) })}
        <SideLetter side="RIGHT" /> {t('debrief.min', { minutes: minutes(plan.rightS) })}
      </Flex>
      <chakra.span color="quiet">
        {t('plan.workRest', { work: minutes(plan.workS), rest: minutes(plan.restS) })}
      </chakra.span>
      <chakra.span color="quiet" marginLeft={{ md: 'auto' }}>
        {children}
      </chakra.span>
    </Flex>
  )
}

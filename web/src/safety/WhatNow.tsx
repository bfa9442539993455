import { Box, chakra, Flex } from '@chakra-ui/react'
import { OctagonAlert } from 'lucide-react'
import { wordIn, useText } from '../text'
import type { Contact } from '../api'
import type { StopSign } from '../record'
import { Call } from './Call'
import { kindOf } from './signs'

interface WhatNowProps {
  sign: StopSign
  horseName: string
  horse: string | undefined
  contacts: Contact[]
  /** What can be done from here. */
  children?: React.ReactNode
}

/** After a stop sign: stop, what to do now, whom to call. Nothing else is offered. */
export function WhatNow({ sign, horseName, horse, contacts, children }: WhatNowProps) {
  const { t, i18n } = useText()
  const kind = kindOf(sign)
  const says = sign === 'HEAD_KNOCK' ? 'HEAD_KNOCK' : kind
  const steps = i18n.t(`wrong.do.${says}`, { returnObjects: true, horse: horseName }) as string[]
  return (
    <Flex direction="column" gap="4" data-stopped={sign}>
      <Flex
        gap="3"
        align="center"
        padding="4"
        background="warn"
        color="card"
        borderRadius="card"
        role="alert"
      >
        <OctagonAlert size={40} aria-hidden />
        <Box>
          <chakra.p fontFamily="heading" fontSize="3xl" fontWeight="780" lineHeight="1">
            {wordIn(t, 'wrong.stop', says)}
          </chakra.p>
          <chakra.p fontWeight="650">{t(`stopSign.${sign}`)}</chakra.p>
        </Box>
      </Flex>
      <chakra.ol paddingLeft="6" listStyleType="decimal" fontSize="lg" display="grid" gap="1.5">
        {steps.map((step) => (
          <li key={step}>{step}</li>
        ))}
      </chakra.ol>
      <Call contacts={contacts} kind={kind} horse={horse} />
      {kind === 'PAIN' && <chakra.p fontWeight="650">{t('wrong.paused', { horse: horseName })}</chakra.p>}
      <chakra.p color="quiet" fontSize="sm">
        {t('wrong.local')}
      </chakra.p>
      {children}
    </Flex>
  )
}

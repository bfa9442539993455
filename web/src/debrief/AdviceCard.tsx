import { Box, chakra, Flex } from '@chakra-ui/react'
import { useState } from 'react'
import { useText } from '../text'
import type { DebriefRow, Lesson, PastDecision } from '../api'
import { useMe } from '../session'
import { Button, Quiet } from '../ui'
import { Choose } from './Choose'
import { DecisionSign } from './DecisionSign'
import { adviceSentence } from './sentence'
import { isWayIn } from './wayIn'
import { Why } from './Why'

/** The second opinion, its why, and the coach's word, which is the one that counts. */
export function AdviceCard({ row, lesson }: { row: DebriefRow; lesson: Lesson }) {
  const { t } = useText()
  const { actions } = useMe()
  const [isChanging, setChanging] = useState(false)
  const { advice, decision, rung, works } = row
  if (!rung) return <Quiet>{t('debrief.noRung')}</Quiet>
  if (!advice) return null
  const isStillOpen = !isWayIn(row)
  const isChoosing = actions.includes('DECIDE') && (isChanging || (!decision && isStillOpen))
  return (
    <Flex direction="column" gap="4">
      {isStillOpen ? (
        <Box>
          <Quiet>{t('debrief.advice')}</Quiet>
          <Flex gap="3" align="flex-start" marginTop="1">
            <DecisionSign decision={advice.decision} />
            <chakra.p fontSize="lg" fontWeight="650" lineHeight="1.3">
              {adviceSentence(t, works, advice, lesson.horse)}
            </chakra.p>
          </Flex>
        </Box>
      ) : (
        <p>{t('debrief.passed')}</p>
      )}
      <Why advice={advice} works={works} />
      {isChoosing && <Choose rung={rung} advice={advice} lesson={lesson} onDone={() => setChanging(false)} />}
      {decision && !isChoosing && (
        <ChosenDecision
          decision={decision}
          onChange={() => setChanging(true)}
          canChange={actions.includes('DECIDE')}
        />
      )}
    </Flex>
  )
}

interface ChosenDecisionProps {
  decision: PastDecision
  canChange: boolean
  onChange: () => void
}

function ChosenDecision({ decision, canChange, onChange }: ChosenDecisionProps) {
  const { t } = useText()
  return (
    <Flex gap="3" align="center" padding="3" background="sunken" borderRadius="key" wrap="wrap">
      <DecisionSign decision={decision.chosen} />
      <Box flex="1" minWidth="12rem">
        <chakra.b>
          {t('debrief.chosenBy', { by: decision.by, decision: t(`decision.${decision.chosen}`) })}
        </chakra.b>
        {decision.chosen !== decision.advised && (
          <Quiet>{t('debrief.against', { decision: t(`decision.${decision.advised}`) })}</Quiet>
        )}
        {decision.reason && <Quiet>“{decision.reason}”</Quiet>}
      </Box>
      {canChange && (
        <Button look="plain" onClick={onChange}>
          {t('debrief.change')}
        </Button>
      )}
    </Flex>
  )
}

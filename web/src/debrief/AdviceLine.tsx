import { Box, chakra, Flex } from '@chakra-ui/react'
import { useText } from '../text'
import type { DebriefRow, Lesson, PastDecision } from '../api'
import { useMe } from '../session'
import { Button, Quiet, Trouble } from '../ui'
import { DecisionSign } from './DecisionSign'
import { adviceSentence } from './sentence'
import { useDecide } from './useDecide'
import { isWayIn } from './wayIn'

interface AdviceLineProps {
  row: DebriefRow
  lesson: Lesson
  /** One key agrees with all lines: on a phone it stands alone, and one line is decided on once opened. */
  hasOneKey: boolean
}

/** The second opinion in a sentence, and the coach's word, which is the one that counts. */
export function AdviceLine({ row, lesson, hasOneKey }: AdviceLineProps) {
  const { t } = useText()
  const { actions } = useMe()
  const decide = useDecide(lesson)
  const { advice, decision, rung, works } = row
  if (!rung) return <Quiet>{t('debrief.noRung')}</Quiet>
  if (!advice) return null
  if (decision) return <ChosenDecision decision={decision} />
  if (isWayIn(row)) return <Quiet>{t('debrief.passed')}</Quiet>
  return (
    <Flex direction={{ base: 'column', sm: 'row' }} gap="2" align={{ sm: 'start' }} wrap="wrap">
      <Flex gap="3" flex="1" minWidth="12rem">
        <DecisionSign decision={advice.decision} />
        <chakra.p fontWeight="650" lineHeight="1.3">
          {adviceSentence(t, works, advice, lesson.horse)}
        </chakra.p>
      </Flex>
      {actions.includes('DECIDE') && (
        <Button
          paddingX="3"
          display={hasOneKey ? { base: 'none', md: 'inline-flex' } : undefined}
          disabled={decide.isPending}
          onClick={() =>
            decide.mutate({ rung, chosen: advice.decision, seen: advice.decision, reason: null })
          }
        >
          {t('debrief.confirm', { decision: t(`decision.${advice.decision}`) })}
        </Button>
      )}
      {decide.isError && <Trouble cause={decide.error} />}
    </Flex>
  )
}

function ChosenDecision({ decision }: { decision: PastDecision }) {
  const { t } = useText()
  return (
    <Flex gap="3">
      <DecisionSign decision={decision.chosen} />
      <Box>
        <chakra.b>
          {t('debrief.chosenBy', { by: decision.by, decision: t(`decision.${decision.chosen}`) })}
        </chakra.b>
        {decision.chosen !== decision.advised && (
          <Quiet>{t('debrief.against', { decision: t(`decision.${decision.advised}`) })}</Quiet>
        )}
        {decision.reason && <Quiet>“{decision.reason}”</Quiet>}
      </Box>
    </Flex>
  )
}

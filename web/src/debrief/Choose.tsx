import { Box, chakra, Flex } from '@chakra-ui/react'
import { useForm } from 'react-hook-form'
import { useText } from '../text'
import type { Advice, Decision, Lesson } from '../api'
import { Button, Field, Trouble } from '../ui'
import { useDecide } from './useDecide'

interface ChooseProps {
  rung: string
  advice: Advice
  lesson: Lesson
  onDone: () => void
}

/** Overrule the advice, with a word if wished; both are kept. */
export function Choose({ rung, advice, lesson, onDone }: ChooseProps) {
  const { t } = useText()
  const { register, getValues } = useForm({ defaultValues: { reason: '' } })
  const decide = useDecide(lesson)
  const choose = (chosen: Decision) =>
    decide.mutate(
      { rung, chosen, seen: advice.decision, reason: getValues('reason').trim() || null },
      { onSuccess: onDone },
    )
  return (
    <Box>
      <chakra.p fontWeight="650" marginBottom="2">
        {t('debrief.otherwise')}
      </chakra.p>
      <Flex wrap="wrap" gap="2" align="center">
        {[advice.decision, ...advice.choices.filter((d) => d !== advice.decision)].map((d) => (
          <Button key={d} paddingX="3" disabled={decide.isPending} onClick={() => choose(d)}>
            {t(`decision.${d}`)}
          </Button>
        ))}
      </Flex>
      <Box marginTop="3">
        <Field label={t('debrief.reason')} maxLength={400} {...register('reason')} />
      </Box>
      {decide.isError && (
        <Box marginTop="3">
          <Trouble cause={decide.error} />
        </Box>
      )}
    </Box>
  )
}

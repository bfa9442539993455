import { Box, chakra, Flex } from '@chakra-ui/react'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useForm } from 'react-hook-form'
import { v7 } from 'uuid'
import { useText } from '../text'
import { answerOf, api, allOf, queries } from '../api'
import type { Advice, Decision, Lesson } from '../api'
import { Button, Field, Trouble } from '../ui'

interface ChooseProps {
  rung: string
  advice: Advice
  lesson: Lesson
  onDone: () => void
}

/** Confirm or overrule; both are kept. The advice stands first and largest, the others beside. */
export function Choose({ rung, advice, lesson, onDone }: ChooseProps) {
  const { t } = useText()
  const client = useQueryClient()
  const { register, getValues } = useForm({ defaultValues: { reason: '' } })
  const decide = useMutation({
    mutationFn: (chosen: Decision) =>
      answerOf(
        api.POST('/api/v1/lessons/{id}/decisions', {
          params: { path: { id: lesson.id } },
          body: { id: v7(), rung, chosen, seen: advice.decision, reason: getValues('reason').trim() || null },
        }),
      ),
    onSuccess: async () => {
      await Promise.all([
        client.invalidateQueries(queries.debrief(lesson.id)),
        client.invalidateQueries(queries.pair(lesson.pair)),
        client.invalidateQueries(queries.today()),
        client.invalidateQueries(allOf('pairs')),
      ])
      onDone()
    },
    // the advice may be another by now: show it
    onError: () => void client.invalidateQueries(queries.debrief(lesson.id)),
  })
  return (
    <Box>
      <Flex wrap="wrap" gap="2" align="center">
        <Button look="act" disabled={decide.isPending} onClick={() => decide.mutate(advice.decision)}>
          {t('debrief.confirm', { decision: t(`decision.${advice.decision}`) })}
        </Button>
        <chakra.span color="quiet" paddingX="1">
          {t('debrief.overrule')}
        </chakra.span>
        {advice.choices
          .filter((d) => d !== advice.decision)
          .map((d) => (
            <Button key={d} paddingX="3" disabled={decide.isPending} onClick={() => decide.mutate(d)}>
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

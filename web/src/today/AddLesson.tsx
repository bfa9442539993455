import { Box, chakra, Grid } from '@chakra-ui/react'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useId } from 'react'
import { useForm } from 'react-hook-form'
import { v7 } from 'uuid'
import { useText } from '../text'
import { answerOf, api, queries } from '../api'
import { useMe } from '../session'
import { LESSON_MINUTES } from '../store'
import { Button, Select, Field, FieldLabel, Trouble } from '../ui'
import { instantOf } from './zoned'

interface FormValues {
  pair: string
  at: string
  minutes: number
}

/** Puts a lesson into the day. */
export function AddLesson({ date }: { date: string }) {
  const { t } = useText()
  const me = useMe()
  const client = useQueryClient()
  const id = useId()
  const pairs = useQuery(queries.names())
  const { register, handleSubmit } = useForm<FormValues>({
    defaultValues: { at: '18:00', minutes: LESSON_MINUTES },
  })
  const first = pairs.data?.pairs[0]?.id
  const add = useMutation({
    mutationFn: ({ pair, at, minutes }: FormValues) =>
      answerOf(
        api.POST('/api/v1/lessons', {
          body: { id: v7(), pair, plannedAt: instantOf(date, at, me.timeZone), minutes },
        }),
      ),
    onSuccess: () => client.invalidateQueries(queries.today()),
  })
  if (!pairs.data) return null
  const submit = handleSubmit((typed) => add.mutate(typed))
  return (
    <Box as="section" aria-labelledby={`${id}-title`}>
      <chakra.h2 id={`${id}-title`} fontSize="lg" fontWeight="700" marginBottom="3">
        {t('today.add')}
      </chakra.h2>
      {pairs.data.pairs.length === 0 && <chakra.p color="quiet">{t('today.noPairs')}</chakra.p>}
      {first && (
        <chakra.form onSubmit={(e) => void submit(e)}>
          <Grid
            templateColumns={{ base: '1fr 1fr', md: 'minmax(14rem, 24rem) 9rem 7rem auto' }}
            gap="3"
            alignItems="end"
            justifyContent="start"
          >
            <Box gridColumn={{ base: '1 / -1', md: 'auto' }}>
              <FieldLabel htmlFor={`${id}-pair`}>{t('today.pair')}</FieldLabel>
              <Select id={`${id}-pair`} {...register('pair', { value: first })}>
                {pairs.data.pairs.map((p) => (
                  <option key={p.id} value={p.id}>
                    {p.horse} {t('pair.and')} {p.rider}
                  </option>
                ))}
              </Select>
            </Box>
            <Field label={t('today.at')} type="time" required {...register('at')} />
            <Field
              label={t('today.length')}
              type="number"
              required
              min={5}
              max={180}
              {...register('minutes', { valueAsNumber: true })}
            />
            <Button type="submit" disabled={add.isPending}>
              {t('today.put')}
            </Button>
          </Grid>
        </chakra.form>
      )}
      {add.isError && (
        <Box marginTop="3">
          <Trouble cause={add.error} />
        </Box>
      )}
    </Box>
  )
}

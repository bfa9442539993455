import { Box, chakra, Grid } from '@chakra-ui/react'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useId } from 'react'
import { useForm, useWatch } from 'react-hook-form'
import { useNavigate } from 'react-router'
import { useText } from '../text'
import { answerOf, api, allOf, BLANK_PAIR, queries } from '../api'
import type { School } from '../api'
import { Button, Select, Field, FieldLabel, SchoolField, Trouble } from '../ui'

interface FormValues {
  rider: string
  horse: string
  school: School
  /** Of a horse that is here already; empty for a new one. */
  horseId: string
}

/** A rider and a horse that begin together; the rest is asked when they are met. */
export function AddPair() {
  const { t } = useText()
  const id = useId()
  const client = useQueryClient()
  const navigate = useNavigate()
  const { control, register, handleSubmit } = useForm<FormValues>({
    defaultValues: { rider: '', horse: '', school: 'CLASSICAL', horseId: '' },
  })
  const horseId = useWatch({ control, name: 'horseId' })
  const names = useQuery(queries.names())
  const horses = [...new Map((names.data?.pairs ?? []).map((p) => [p.horseId, p])).values()].sort((a, b) =>
    a.horse.localeCompare(b.horse),
  )
  const known = horses.find((p) => p.horseId === horseId)
  const add = useMutation({
    mutationFn: ({ rider, horse, school }: FormValues) =>
      answerOf(
        api.POST('/api/v1/pairs', {
          body: {
            ...BLANK_PAIR,
            rider,
            horse: known?.horse ?? horse,
            school,
            horseId: known?.horseId ?? null,
          },
        }),
      ),
    onSuccess: async (added) => {
      await client.invalidateQueries(allOf('pairs'))
      await client.invalidateQueries(queries.names())
      await navigate(`/pairs/${added.id}`)
    },
  })
  const submit = handleSubmit((typed) => add.mutate(typed))
  return (
    <Box as="section" aria-labelledby={id} marginTop="10">
      <chakra.h2 id={id} fontSize="lg" fontWeight="700" marginBottom="3">
        {t('pairs.add')}
      </chakra.h2>
      <chakra.form onSubmit={(e) => void submit(e)}>
        <Grid
          templateColumns={{ base: '1fr', md: 'repeat(auto-fit, minmax(11rem, 1fr))' }}
          gap="3"
          alignItems="end"
        >
          <Field label={t('pairs.rider')} required maxLength={80} {...register('rider')} />
          {horses.length > 0 && (
            <Box>
              <FieldLabel htmlFor={`${id}-known`}>{t('pairs.horse')}</FieldLabel>
              <Select id={`${id}-known`} {...register('horseId')}>
                <option value="">{t('pairs.newHorse')}</option>
                {horses.map((p) => (
                  <option key={p.horseId} value={p.horseId}>
                    {p.horse}
                  </option>
                ))}
              </Select>
            </Box>
          )}
          {!known && (
            <Field
              label={t(horses.length > 0 ? 'pairs.newHorseName' : 'pairs.horse')}
              required
              maxLength={80}
              {...register('horse')}
            />
          )}
          <SchoolField {...register('school')} />
          <Button type="submit" disabled={add.isPending}>
            {t('pairs.goAdd')}
          </Button>
        </Grid>
      </chakra.form>
      {add.isError && (
        <Box marginTop="3">
          <Trouble cause={add.error} />
        </Box>
      )}
    </Box>
  )
}

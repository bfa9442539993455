import { Box, chakra, Grid } from '@chakra-ui/react'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useId, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useNavigate } from 'react-router'
import { answerOf, api } from '../api'
import type { School } from '../api'
import { Button, Select, Field, FieldLabel, SchoolField, Trouble } from '../ui'

/** A rider and a horse that begin together; the rest is asked when they are met. */
export function AddPair() {
  const { t } = useTranslation()
  const id = useId()
  const client = useQueryClient()
  const navigate = useNavigate()
  const [rider, setRider] = useState('')
  const [horse, setHorse] = useState('')
  const [school, setSchool] = useState<School>('CLASSICAL')
  const [horseId, setHorseId] = useState('')
  const names = useQuery({ queryKey: ['names'], queryFn: () => answerOf(api.GET('/api/v1/pairs/names')) })
  const horses = [...new Map((names.data?.pairs ?? []).map((p) => [p.horseId, p])).values()].sort((a, b) =>
    a.horse.localeCompare(b.horse),
  )
  const known = horses.find((p) => p.horseId === horseId)
  const add = useMutation({
    mutationFn: () =>
      answerOf(
        api.POST('/api/v1/pairs', {
          body: {
            rider,
            horse: known?.horse ?? horse,
            school,
            description: null,
            heightCm: null,
            goal: null,
            riderId: null,
            horseId: known?.horseId ?? null,
          },
        }),
      ),
    onSuccess: async (added) => {
      await client.invalidateQueries({ queryKey: ['pairs'] })
      await client.invalidateQueries({ queryKey: ['names'] })
      await navigate(`/pairs/${added.id}`)
    },
  })
  return (
    <Box as="section" aria-labelledby={id} marginTop="10">
      <chakra.h2 id={id} fontSize="lg" fontWeight="700" marginBottom="3">
        {t('pairs.add')}
      </chakra.h2>
      <chakra.form
        onSubmit={(e) => {
          e.preventDefault()
          add.mutate()
        }}
      >
        <Grid
          templateColumns={{ base: '1fr', md: 'repeat(auto-fit, minmax(11rem, 1fr))' }}
          gap="3"
          alignItems="end"
        >
          <Field
            label={t('pairs.rider')}
            required
            maxLength={80}
            value={rider}
            onChange={(e) => setRider(e.target.value)}
          />
          {horses.length > 0 && (
            <Box>
              <FieldLabel htmlFor={`${id}-known`}>{t('pairs.horse')}</FieldLabel>
              <Select id={`${id}-known`} value={horseId} onChange={(e) => setHorseId(e.target.value)}>
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
              value={horse}
              onChange={(e) => setHorse(e.target.value)}
            />
          )}
          <SchoolField value={school} onChange={(e) => setSchool(e.target.value as School)} />
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

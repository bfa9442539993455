import { chakra, Grid } from '@chakra-ui/react'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { answerOf, api } from '../api'
import type { Facts, FactsView } from '../api'
import { useMe } from '../session'
import { Button } from '../ui/Button'
import { Card, CardTitle, Quiet } from '../ui/Card'
import { Field } from '../ui/Field'
import { Trouble } from '../ui/Trouble'

const NUMBERS = ['heightCm', 'bornYear', 'horseKg', 'riderKg', 'tackKg', 'weeksOff', 'minutesBefore'] as const
const DAYS = ['inWorkSince', 'backSince'] as const

/** What a plan must know of the horse and the weights; what nobody has said stays empty. */
export function FactsCard({ pair }: { pair: string }) {
  const { t } = useTranslation()
  const facts = useQuery({
    queryKey: ['facts', pair],
    queryFn: () => answerOf(api.GET('/api/v1/pairs/{id}/facts', { params: { path: { id: pair } } })),
  })
  if (facts.isError) return <Trouble cause={facts.error} onAgain={() => void facts.refetch()} />
  if (!facts.data) return null
  const { weightShare, weightLevel } = facts.data
  return (
    <Card>
      <CardTitle>{t('facts.title')}</CardTitle>
      {weightShare !== null && weightLevel !== null && (
        <chakra.p marginBottom="3" fontWeight={weightLevel === 'FINE' ? '400' : '720'}>
          {t(`facts.weight.${weightLevel}`, { percent: (100 * weightShare).toFixed(1) })}
        </chakra.p>
      )}
      <Form key={facts.data.version} pair={pair} of={facts.data} />
    </Card>
  )
}

function Form({ pair, of }: { pair: string; of: FactsView }) {
  const { t } = useTranslation()
  const { actions } = useMe()
  const client = useQueryClient()
  const [facts, setFacts] = useState<Facts>(of.facts)
  const change = useMutation({
    mutationFn: () =>
      answerOf(
        api.PUT('/api/v1/pairs/{id}/facts', {
          params: { path: { id: pair } },
          body: { version: of.version, facts },
        }),
      ),
    onSuccess: (next) => client.setQueryData(['facts', pair], next),
  })
  const isChanged = JSON.stringify(facts) !== JSON.stringify(of.facts)
  const canEdit = actions.includes('EDIT_PAIR')
  return (
    <chakra.form
      noValidate
      onSubmit={(e) => {
        e.preventDefault()
        change.mutate()
      }}
    >
      <Grid templateColumns={{ base: '1fr 1fr', md: 'repeat(3, minmax(0, 1fr))' }} gap="3">
        {NUMBERS.map((name) => (
          <Field
            key={name}
            label={t(`facts.${name}`)}
            type="number"
            inputMode="decimal"
            readOnly={!canEdit}
            value={facts[name] ?? ''}
            onChange={(e) =>
              setFacts({ ...facts, [name]: e.target.value === '' ? null : Number(e.target.value) })
            }
          />
        ))}
        {DAYS.map((name) => (
          <Field
            key={name}
            label={t(`facts.${name}`)}
            type="date"
            readOnly={!canEdit}
            value={facts[name] ?? ''}
            onChange={(e) => setFacts({ ...facts, [name]: e.target.value || null })}
          />
        ))}
      </Grid>
      <Quiet marginTop="2">{t('facts.lead')}</Quiet>
      {change.isError && <Trouble cause={change.error} />}
      {isChanged && (
        <Button type="submit" look="act" marginTop="3" disabled={change.isPending}>
          {t('facts.keep')}
        </Button>
      )}
    </chakra.form>
  )
}

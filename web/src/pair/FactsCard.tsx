import { chakra, Grid } from '@chakra-ui/react'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { v7 } from 'uuid'
import { answerOf, api } from '../api'
import type { Facts, FactsView } from '../api'
import { useMe } from '../session'
import { dayShort } from '../text'
import { Button, Input, Card, CardTitle, Quiet, Field, Trouble } from '../ui'

const NUMBERS = [
  'heightCm',
  'bornYear',
  'horseKg',
  'shouldWeighKg',
  'riderKg',
  'tackKg',
  'weeksOff',
  'minutesBefore',
] as const
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
      <Overrule pair={pair} of={facts.data} />
      <Form key={facts.data.version} pair={pair} of={facts.data} />
    </Card>
  )
}

/** Another horse is advised: overruled only with a reason, which stays in sight. */
function Overrule({ pair, of }: { pair: string; of: FactsView }) {
  const { t } = useTranslation()
  const { actions, timeZone } = useMe()
  const client = useQueryClient()
  const [reason, setReason] = useState('')
  const overrule = useMutation({
    mutationFn: () =>
      answerOf(
        api.POST('/api/v1/pairs/{id}/facts/overrule', {
          params: { path: { id: pair } },
          body: { id: v7(), reason: reason.trim() },
        }),
      ),
    onSuccess: (next) => client.setQueryData(['facts', pair], next),
  })
  if (of.weightLevel !== 'ANOTHER_HORSE') return null
  if (of.overrule !== null) {
    return (
      <chakra.p marginBottom="3" borderLeftWidth="4px" borderColor="warn" paddingLeft="3">
        {t('facts.overruled', {
          reason: of.overrule.reason,
          by: of.overrule.by,
          date: dayShort(of.overrule.at, timeZone),
          percent: of.overrule.percent,
        })}
      </chakra.p>
    )
  }
  if (!actions.includes('EDIT_PAIR')) return null
  return (
    <chakra.form
      marginBottom="4"
      display="flex"
      gap="2"
      flexWrap={{ base: 'wrap', md: 'nowrap' }}
      onSubmit={(e) => {
        e.preventDefault()
        overrule.mutate()
      }}
    >
      <Input
        aria-label={t('facts.reason')}
        placeholder={t('facts.reason')}
        maxLength={400}
        value={reason}
        onChange={(e) => setReason(e.target.value)}
      />
      <Button type="submit" flexShrink={0} disabled={reason.trim() === '' || overrule.isPending}>
        {t('facts.overrule')}
      </Button>
      {overrule.isError && <Trouble cause={overrule.error} />}
    </chakra.form>
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

import { chakra, Grid } from '@chakra-ui/react'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useForm, useWatch } from 'react-hook-form'
import { v7 } from 'uuid'
import { answerOf, api, queries } from '../api'
import type { Facts, FactsView } from '../api'
import { useMe } from '../session'
import { dayShort, useText } from '../text'
import {
  Button,
  Input,
  Card,
  CardTitle,
  Quiet,
  Field,
  numberOrNull,
  textOrNull,
  Trouble,
  WhyBox,
} from '../ui'

/** What every plan needs; the rest is folded. */
const NEEDED = ['heightCm', 'bornYear'] as const
const NUMBERS = [
  'horseKg',
  'girthCm',
  'lengthCm',
  'shouldWeighKg',
  'riderKg',
  'tackKg',
  'weeksOff',
  'minutesBefore',
] as const
const DAYS = ['inWorkSince', 'backSince'] as const

/** What a plan must know of the horse and the weights; what nobody has said stays empty. */
export function FactsCard({ pair }: { pair: string }) {
  const { t } = useText()
  const facts = useQuery(queries.facts(pair))
  if (facts.isError) return <Trouble cause={facts.error} onAgain={() => void facts.refetch()} />
  if (!facts.data) return null
  const { weightShare, weightLevel, tapeKg } = facts.data
  return (
    <Card>
      <CardTitle>{t('facts.title')}</CardTitle>
      {weightShare !== null && weightLevel !== null && (
        <chakra.p marginBottom="3" fontWeight={weightLevel === 'FINE' ? '400' : '720'}>
          {t(`facts.weight.${weightLevel}`, { percent: (100 * weightShare).toFixed(1) })}
        </chakra.p>
      )}
      {weightLevel !== null && weightLevel !== 'FINE' && (
        <Quiet marginBottom="3">{t('facts.weightSource')}</Quiet>
      )}
      {tapeKg !== null && (
        <Quiet marginBottom="3">
          {t(facts.data.facts.horseKg === null ? 'facts.byTape' : 'facts.byTapeBeside', {
            kg: tapeKg.toFixed(0),
          })}
        </Quiet>
      )}
      <Overrule pair={pair} facts={facts.data} />
      <Form key={facts.data.version} pair={pair} view={facts.data} />
    </Card>
  )
}

/** Another horse is advised: overruled only with a reason, which stays in sight. */
function Overrule({ pair, facts }: { pair: string; facts: FactsView }) {
  const { t } = useText()
  const { actions, timeZone } = useMe()
  const client = useQueryClient()
  const { control, register, handleSubmit } = useForm({ defaultValues: { reason: '' } })
  const { reason } = useWatch({ control })
  const overrule = useMutation({
    mutationFn: (typed: { reason: string }) =>
      answerOf(
        api.POST('/api/v1/pairs/{id}/facts/overrule', {
          params: { path: { id: pair } },
          body: { id: v7(), reason: typed.reason.trim() },
        }),
      ),
    onSuccess: (next) => client.setQueryData(queries.facts(pair).queryKey, next),
  })
  if (facts.weightLevel !== 'ANOTHER_HORSE') return null
  if (facts.overrule !== null) {
    return (
      <chakra.p marginBottom="3" borderLeftWidth="4px" borderColor="warn" paddingLeft="3">
        {t('facts.overruled', {
          reason: facts.overrule.reason,
          by: facts.overrule.by,
          date: dayShort(facts.overrule.at, timeZone),
          percent: facts.overrule.percent,
        })}
      </chakra.p>
    )
  }
  if (!actions.includes('EDIT_PAIR')) return null
  const submit = handleSubmit((typed) => overrule.mutate(typed))
  return (
    <chakra.form
      marginBottom="4"
      display="flex"
      gap="2"
      flexWrap={{ base: 'wrap', md: 'nowrap' }}
      onSubmit={(e) => void submit(e)}
    >
      <Input
        aria-label={t('facts.reason')}
        placeholder={t('facts.reason')}
        maxLength={400}
        {...register('reason')}
      />
      <Button type="submit" flexShrink={0} disabled={!reason?.trim() || overrule.isPending}>
        {t('facts.overrule')}
      </Button>
      {overrule.isError && <Trouble cause={overrule.error} />}
    </chakra.form>
  )
}

function Form({ pair, view }: { pair: string; view: FactsView }) {
  const { t } = useText()
  const { actions } = useMe()
  const client = useQueryClient()
  const { register, handleSubmit, formState } = useForm<Facts>({ defaultValues: view.facts })
  const change = useMutation({
    mutationFn: (facts: Facts) =>
      answerOf(
        api.PUT('/api/v1/pairs/{id}/facts', {
          params: { path: { id: pair } },
          body: { version: view.version, facts },
        }),
      ),
    onSuccess: (next) => client.setQueryData(queries.facts(pair).queryKey, next),
  })
  const canEdit = actions.includes('EDIT_PAIR')
  const submit = handleSubmit((facts) => change.mutate(facts))
  const number = (name: (typeof NEEDED)[number] | (typeof NUMBERS)[number]) => (
    <Field
      key={name}
      label={t(`facts.${name}`)}
      type="number"
      inputMode="decimal"
      readOnly={!canEdit}
      {...register(name, { setValueAs: numberOrNull })}
    />
  )
  return (
    <chakra.form noValidate onSubmit={(e) => void submit(e)}>
      <Grid templateColumns={{ base: '1fr 1fr', md: 'repeat(3, minmax(0, 1fr))' }} gap="3">
        {NEEDED.map(number)}
      </Grid>
      <WhyBox marginTop="3">
        <summary>{t('facts.more')}</summary>
        <Grid
          templateColumns={{ base: '1fr 1fr', md: 'repeat(3, minmax(0, 1fr))' }}
          gap="3"
          marginTop="1"
          paddingBottom="1"
        >
          {NUMBERS.map(number)}
          {DAYS.map((name) => (
            <Field
              key={name}
              label={t(`facts.${name}`)}
              type="date"
              readOnly={!canEdit}
              {...register(name, { setValueAs: textOrNull })}
            />
          ))}
        </Grid>
      </WhyBox>
      <Quiet marginTop="2">{t('facts.lead')}</Quiet>
      {change.isError && <Trouble cause={change.error} />}
      {formState.isDirty && (
        <Button type="submit" look="act" marginTop="3" disabled={change.isPending}>
          {t('facts.keep')}
        </Button>
      )}
    </chakra.form>
  )
}

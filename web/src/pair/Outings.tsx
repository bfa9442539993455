import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useForm, useWatch } from 'react-hook-form'
import { v7 } from 'uuid'
import { allOf, answerOf, api, queries } from '../api'
import type { WorkOfHorse } from '../api'
import { useMe } from '../session'
import { dayAndYear, dayLong, dayOfWeek, useText } from '../text'
import { Button, Field, Quiet, Trouble, WhyBox } from '../ui'

type Outing = WorkOfHorse['outings'][number]

/** Where this horse goes, and the days round it: easy before, a short look round, rest after. */
export function Outings({ pair, work }: { pair: string; work: WorkOfHorse }) {
  const { t } = useText()
  const canEdit = useMe().actions.includes('EDIT_PAIR')
  const keep = useKeep(pair)
  const putAway = useMutation({
    mutationFn: ({ id, isPutAway }: { id: string; isPutAway: boolean }) =>
      answerOf(
        api.PUT('/api/v1/pairs/{id}/outings/{outing}/away', {
          params: { path: { id: pair, outing: id } },
          body: { isPutAway },
        }),
      ),
    onSuccess: keep,
  })
  const isAhead = (o: Outing) => !o.isPutAway && (o.days.at(-1)?.date ?? o.countsOn) >= work.today
  const ahead = work.outings.filter(isAhead).reverse()
  const others = work.outings.filter((o) => !isAhead(o))
  const move = (o: Outing) =>
    canEdit && (
      <Button
        disabled={putAway.isPending}
        onClick={() => putAway.mutate({ id: o.id, isPutAway: !o.isPutAway })}
      >
        {t(o.isPutAway ? 'work.putBack' : 'work.takeOff')}
        <chakra.span srOnly>: {o.what}</chakra.span>
      </Button>
    )
  if (!canEdit && work.outings.length === 0) return null
  return (
    <Box as="section" marginTop="5" aria-labelledby="outings">
      <chakra.h3 id="outings" fontWeight="700" fontSize="lg" fontFamily="body">
        {t('work.outings')}
      </chakra.h3>
      {ahead.length === 0 && <Quiet>{t('work.outingsNone')}</Quiet>}
      {ahead.map((o) => (
        <Box key={o.id} paddingY="3" borderBottomWidth="1px" borderColor="line">
          <Flex gap="3" align="center">
            <chakra.p flex="1" minWidth="0" fontWeight="650">
              {o.what}
              <chakra.span fontWeight="400" color="quiet">
                {' · '}
                {dayLong(o.countsOn)}
                {o.isYoung && ` · ${t('work.asYoung')}`}
              </chakra.span>
            </chakra.p>
            {move(o)}
          </Flex>
          <Days outing={o} today={work.today} />
          <Warnings outing={o} />
        </Box>
      ))}
      {putAway.isError && <Trouble cause={putAway.error} />}
      {canEdit && <AddOuting pair={pair} work={work} />}
      {others.length > 0 && (
        <WhyBox marginTop="3">
          <summary>{t('work.outingsBefore')}</summary>
          <chakra.ul listStyleType="none">
            {others.map((o) => (
              <Flex as="li" key={o.id} gap="3" align="center" paddingY="1">
                <chakra.span flex="1" minWidth="0">
                  {o.what} <chakra.span color="quiet">· {dayAndYear(o.countsOn)}</chakra.span>
                </chakra.span>
                {o.isPutAway && move(o)}
              </Flex>
            ))}
          </chakra.ul>
        </WhyBox>
      )}
    </Box>
  )
}

/** The server answers with all there is of the horse's work; the plans of its lessons follow from it. */
function useKeep(pair: string) {
  const client = useQueryClient()
  return (next: WorkOfHorse) => {
    client.setQueryData(queries.work(pair).queryKey, next)
    void client.invalidateQueries(allOf('plan'))
    void client.invalidateQueries(allOf('packet'))
  }
}

/** Each day, what it is for, and for how long. */
function Days({ outing, today }: { outing: Outing; today: string }) {
  const { t } = useText()
  return (
    <Flex as="ol" listStyleType="none" wrap="wrap" gap="2" marginTop="2">
      {outing.days.map((d) => (
        <Box
          as="li"
          key={d.date}
          borderWidth={d.kind === 'COUNTS' ? '2px' : '1px'}
          borderColor={d.date === today ? 'live' : d.kind === 'COUNTS' ? 'ink' : 'line'}
          borderRadius="key"
          paddingX="3"
          paddingY="1.5"
          fontSize="sm"
          opacity={d.date < today ? 0.7 : 1}
        >
          <chakra.span color="quiet">{dayOfWeek(d.date)}</chakra.span>
          <chakra.span display="block" fontWeight="650">
            {t(`work.day.${d.kind}`)}
          </chakra.span>
          {d.minutes > 0 && d.kind !== 'COUNTS' && t('work.minutes', { minutes: d.minutes })}
        </Box>
      ))}
    </Flex>
  )
}

function Warnings({ outing }: { outing: Outing }) {
  const { t } = useText()
  if (outing.warnings.length === 0) return null
  return (
    <chakra.ul listStyleType="none" marginTop="2" fontWeight="650">
      {outing.warnings.map((w) => (
        <li key={w.warning + w.day}>! {t(`work.warning.${w.warning}`, { day: dayLong(w.day) })}</li>
      ))}
    </chakra.ul>
  )
}

interface NewOuting {
  what: string
  travelOn: string
  countsOn: string
  isFirst: boolean
}

const EMPTY: NewOuting = { what: '', travelOn: '', countsOn: '', isFirst: false }

/** What for and when: the journey is on the same day unless somebody says so. */
function AddOuting({ pair, work }: { pair: string; work: WorkOfHorse }) {
  const { t } = useText()
  const keep = useKeep(pair)
  const { control, register, handleSubmit, reset } = useForm<NewOuting>({ defaultValues: EMPTY })
  const typed = useWatch({ control })
  const add = useMutation({
    mutationFn: ({ what, travelOn, countsOn, isFirst }: NewOuting) =>
      answerOf(
        api.POST('/api/v1/pairs/{id}/outings', {
          params: { path: { id: pair } },
          body: { id: v7(), what: what.trim(), travelOn: travelOn || countsOn, countsOn, isFirst },
        }),
      ),
    onSuccess: (next) => {
      keep(next)
      reset(EMPTY)
    },
  })
  const submit = handleSubmit((all) => add.mutate(all))
  return (
    <WhyBox marginTop="3">
      <summary>{t('work.addOuting')}</summary>
      <chakra.form
        noValidate
        aria-label={t('work.addOuting')}
        marginTop="1"
        paddingBottom="1"
        onSubmit={(e) => void submit(e)}
      >
        <Grid templateColumns={{ base: '1fr', md: '2fr 1fr 1fr' }} gap="3" alignItems="start">
          <Field label={t('work.what')} maxLength={80} {...register('what')} />
          <Field label={t('work.countsOn')} type="date" {...register('countsOn')} />
          <Field
            label={t('work.travelOn')}
            hint={t('work.travelHint')}
            type="date"
            {...register('travelOn')}
          />
        </Grid>
        <Flex as="label" align="center" gap="2" minHeight="touch">
          <chakra.input type="checkbox" width="22px" height="22px" {...register('isFirst')} />
          {t('work.isFirst', { horse: work.horse })}
        </Flex>
        {add.isError && <Trouble cause={add.error} />}
        <Button type="submit" look="act" disabled={!typed.what?.trim() || !typed.countsOn || add.isPending}>
          {t('work.add')}
        </Button>
      </chakra.form>
    </WhyBox>
  )
}

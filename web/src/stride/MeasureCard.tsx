import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useForm, useWatch as useTyped } from 'react-hook-form'
import { v7 } from 'uuid'
import { answerOf, api, queries } from '../api'
import type { NewStride } from '../api'
import { useText } from '../text'
import { Button, Card, CardTitle, Field, numberOrNull, Quiet, Steps, Trouble } from '../ui'
import { useWatch } from './useWatch'

const PACES = ['WALK', 'TROT', 'CANTER', 'JUMPING'] as const
const WAYS = ['DISTANCE', 'POLES'] as const
/** What is mostly at hand: half a long side, a long side, between two letters. */
const METRES = [20, 30, 40] as const

interface Figures {
  distanceM: number | null
  count: number | null
  seconds: number | null
}

/** In two minutes: from mark to mark with a watch, a touch for each stride; or by poles that suit the horse. */
export function MeasureCard({ pair, today }: { pair: string; today: string }) {
  const { t } = useText()
  const client = useQueryClient()
  const [pace, setPace] = useState<NewStride['pace']>('TROT')
  const [way, setWay] = useState<NewStride['way']>('DISTANCE')
  const { control, register, handleSubmit, reset, setValue } = useForm<Figures>({
    defaultValues: { distanceM: 30, count: null, seconds: null },
  })
  const typed = useTyped({ control })
  const watch = useWatch()
  const add = useMutation({
    mutationFn: (body: NewStride) =>
      answerOf(api.POST('/api/v1/pairs/{id}/strides', { params: { path: { id: pair } }, body })),
    onSuccess: (next) => {
      client.setQueryData(queries.strides(pair).queryKey, next)
      reset({ distanceM: typed.distanceM ?? null, count: null, seconds: null })
    },
  })
  const isByPoles = way === 'POLES'
  const submit = handleSubmit(({ distanceM, count, seconds }) => {
    if (distanceM === null) return
    add.mutate({
      id: v7(),
      pace,
      way,
      distanceM,
      count: isByPoles ? 1 : (count ?? 0),
      seconds: isByPoles ? null : seconds,
      on: today,
    })
  })
  const chooseWay = (next: NewStride['way']) => {
    setWay(next)
    setValue('distanceM', next === 'POLES' ? null : 30)
  }
  const isWhole = !!typed.distanceM && (isByPoles || !!typed.count)
  return (
    <Card>
      <CardTitle marginBottom="3">{t('stride.measure')}</CardTitle>
      <chakra.form noValidate display="grid" gap="3" onSubmit={(e) => void submit(e)}>
        <Steps
          label={t('stride.gait')}
          values={PACES}
          columns={2}
          chosen={pace}
          nameOf={(p) => t(`gait.${p}`)}
          onChoose={(p) => p && setPace(p)}
        />
        <Steps
          label={t('stride.way')}
          values={WAYS}
          chosen={way}
          nameOf={(w) => t(`stride.ways.${w}`)}
          onChoose={(w) => w && chooseWay(w)}
        />
        <Quiet>{t(isByPoles ? 'stride.polesHow' : 'stride.distanceHow')}</Quiet>
        {!isByPoles && (
          <>
            <Steps
              label={t('stride.distance')}
              values={METRES}
              chosen={METRES.find((m) => m === typed.distanceM)}
              nameOf={(m) => t('stride.metres', { metres: m })}
              onChoose={(m) => m && setValue('distanceM', m)}
            />
            <Watch
              watch={watch}
              onEnd={({ seconds, count }) => {
                setValue('seconds', seconds)
                if (count > 0) setValue('count', count)
              }}
            />
          </>
        )}
        <Grid templateColumns={isByPoles ? '1fr' : 'repeat(3, minmax(0, 1fr))'} gap="3">
          <Field
            label={t(isByPoles ? 'stride.polesApart' : 'stride.distanceM')}
            type="number"
            inputMode="decimal"
            step="any"
            {...register('distanceM', { setValueAs: numberOrNull })}
          />
          {!isByPoles && (
            <>
              <Field
                label={t('stride.count')}
                type="number"
                inputMode="decimal"
                step="any"
                {...register('count', { setValueAs: numberOrNull })}
              />
              <Field
                label={t('stride.seconds')}
                type="number"
                inputMode="decimal"
                step="any"
                {...register('seconds', { setValueAs: numberOrNull })}
              />
            </>
          )}
        </Grid>
        {add.isError && <Trouble cause={add.error} />}
        <Box>
          <Button type="submit" look="act" disabled={!isWhole || watch.isRunning || add.isPending}>
            {t('stride.save')}
          </Button>
        </Box>
      </chakra.form>
    </Card>
  )
}

interface WatchProps {
  watch: ReturnType<typeof useWatch>
  onEnd: (said: ReturnType<ReturnType<typeof useWatch>['end']>) => void
}

/** Two large keys: the strides under the thumb, the marks beside them. */
function Watch({ watch, onEnd }: WatchProps) {
  const { t } = useText()
  return (
    <Flex gap="2" align="stretch" minHeight="pad">
      <Button
        flex="1"
        minHeight="pad"
        look={watch.isRunning ? 'act' : 'live'}
        onClick={() => (watch.isRunning ? onEnd(watch.end()) : watch.begin())}
      >
        {watch.isRunning
          ? t('stride.secondMark', { seconds: watch.seconds.toFixed(1) })
          : t('stride.firstMark')}
      </Button>
      <Button
        flex="1"
        minHeight="pad"
        look={watch.isRunning ? 'live' : 'key'}
        disabled={!watch.isRunning}
        onClick={watch.step}
        fontVariantNumeric="tabular-nums"
      >
        {t('stride.step', { count: watch.count })}
      </Button>
    </Flex>
  )
}

import { chakra, Flex, Grid } from '@chakra-ui/react'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useForm, useWatch } from 'react-hook-form'
import { v7 } from 'uuid'
import { answerOf, api } from '../api'
import type { NewPauseAnswer } from '../api'
import { useMe } from '../session'
import { Button, Field, numberOrNull, textOrNull, TextArea, Trouble } from '../ui'
import { dayOf, today, wordIn, useText } from '../text'
import type { HorseNow } from './now'
import { useSafety, safetyKey } from './useSafety'

const KINDS: NewPauseAnswer['kind'][] = ['KEEP_RESTING', 'CALLED', 'CLEARED']
const WHOM: NonNullable<NewPauseAnswer['whom']>[] = ['VET', 'DENTIST', 'FITTER', 'PHYSIOTHERAPIST', 'COACH']
const FASTEST: NonNullable<NewPauseAnswer['fastest']>[] = ['WALK', 'TROT', 'CANTER']

/** What an answer changes on other screens. */
const CHANGED = ['today', 'plan', 'inbox', 'homework', 'pair', 'cards', 'packet']

type FormValues = Omit<NewPauseAnswer, 'id'>

/** Keeps resting, called, or cleared: by whom, when, and within what limits. */
export function AnswerForm({ now, onDone }: { now: HorseNow; onDone: () => void }) {
  const { t } = useText()
  const { person, timeZone } = useMe()
  const client = useQueryClient()
  const { serverMs } = useSafety()
  // the server's day: it takes none to come, and a device's clock may run ahead
  const onDay = serverMs ? dayOf(serverMs, timeZone) : today(timeZone)
  const isStopped = now.isPaused || now.isDayOver
  const { control, register, handleSubmit, setValue } = useForm<FormValues>({
    defaultValues: {
      kind: isStopped ? 'KEEP_RESTING' : 'CLEARED',
      whom: null,
      name: null,
      onDay,
      mayHandWalk: now.view?.mayHandWalk ?? false,
      fastest: null,
      minutes: null,
      untilDay: null,
      words: null,
    },
  })
  const [kind, whom, fastest, mayHandWalk] = useWatch({
    control,
    name: ['kind', 'whom', 'fastest', 'mayHandWalk'],
  })
  const send = useMutation({
    mutationFn: (typed: FormValues) =>
      answerOf(
        api.POST('/api/v1/horses/{id}/pause-answers', {
          params: { path: { id: now.horse } },
          body: { id: v7(), ...typed, ...notOf(typed.kind) },
        }),
      ),
    onSuccess: (safety) => {
      client.setQueryData(safetyKey(person), safety)
      onDone()
      void client.invalidateQueries({ predicate: (q) => CHANGED.includes(String(q.queryKey[0])) })
    },
  })
  const submit = handleSubmit((typed) => send.mutate(typed))
  const saysWho = kind !== 'KEEP_RESTING'
  return (
    <chakra.form
      aria-label={t('pauseAnswer.title', { horse: now.name })}
      noValidate
      display="grid"
      gap="3"
      padding="4"
      borderWidth="2px"
      borderColor="line"
      borderRadius="card"
      background="card"
      onSubmit={(e) => void submit(e)}
    >
      <Keys
        name={t('pauseAnswer.what')}
        words={KINDS}
        now={kind}
        text={(word) => t(`pauseAnswer.kind.${word}`)}
        onChoose={(chosen) => setValue('kind', chosen)}
      />
      {saysWho && (
        <>
          <Keys
            name={wordIn(t, 'pauseAnswer.whom', kind, { horse: now.name })}
            words={WHOM}
            now={whom}
            text={(word) => t(`whom.${word}`)}
            onChoose={(chosen) => setValue('whom', chosen)}
          />
          <Grid templateColumns={{ base: '1fr', md: '2fr 1fr' }} gap="3">
            <Field
              label={t('pauseAnswer.name')}
              maxLength={80}
              {...register('name', { setValueAs: textOrNull })}
            />
            <Field
              label={t('pauseAnswer.onDay')}
              type="date"
              {...register('onDay', { setValueAs: textOrNull })}
            />
          </Grid>
        </>
      )}
      {kind === 'CLEARED' ? (
        <>
          <Keys
            name={t('pauseAnswer.limits')}
            words={FASTEST}
            now={fastest}
            text={(word) => t(`safety.fastest.${word}`)}
            onChoose={(chosen) => setValue('fastest', chosen === fastest ? null : chosen)}
          />
          <Grid templateColumns="1fr 1fr" gap="3">
            <Field
              label={t('pauseAnswer.minutes')}
              type="number"
              min={5}
              max={180}
              {...register('minutes', { setValueAs: numberOrNull })}
            />
            <Field
              label={t('pauseAnswer.untilDay')}
              type="date"
              {...register('untilDay', { setValueAs: textOrNull })}
            />
          </Grid>
        </>
      ) : (
        <Button look="key" aria-pressed={mayHandWalk} onClick={() => setValue('mayHandWalk', !mayHandWalk)}>
          {t('pauseAnswer.handWalk')}
        </Button>
      )}
      <TextArea
        aria-label={t('pauseAnswer.words', { horse: now.name })}
        placeholder={t('pauseAnswer.words', { horse: now.name })}
        maxLength={600}
        rows={2}
        paddingY="2"
        {...register('words', { setValueAs: textOrNull })}
      />
      {send.isError && <Trouble cause={send.error} />}
      <Button type="submit" look="act" disabled={send.isPending}>
        {t(`pauseAnswer.keep.${kind}`, { horse: now.name })}
      </Button>
    </chakra.form>
  )
}

/** What an answer of this kind does not say. */
function notOf(kind: NewPauseAnswer['kind']): Partial<NewPauseAnswer> {
  const noLimits = { fastest: null, minutes: null, untilDay: null }
  if (kind === 'CLEARED') return { mayHandWalk: false }
  return kind === 'CALLED' ? noLimits : { ...noLimits, whom: null, name: null, onDay: null }
}

interface KeysProps<T extends string> {
  name: string
  words: readonly T[]
  now: T | null
  text: (word: T) => string
  onChoose: (word: T) => void
}

function Keys<T extends string>({ name, words, now, text, onChoose }: KeysProps<T>) {
  return (
    <div>
      <chakra.p fontWeight="650" fontSize="sm" marginBottom="1">
        {name}
      </chakra.p>
      <Flex role="group" aria-label={name} gap="1.5" wrap="wrap">
        {words.map((word) => (
          <Button
            key={word}
            look="key"
            flex="1 1 7rem"
            paddingX="2"
            aria-pressed={word === now}
            onClick={() => onChoose(word)}
          >
            {text(word)}
          </Button>
        ))}
      </Flex>
    </div>
  )
}

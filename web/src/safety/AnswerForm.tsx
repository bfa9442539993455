import { chakra, Flex, Grid } from '@chakra-ui/react'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { v7 } from 'uuid'
import { answerOf, api } from '../api'
import type { NewPauseAnswer } from '../api'
import { useMe } from '../session'
import { Button, TextArea, Field, Trouble } from '../ui'
import { dayOf, today } from '../text'
import type { HorseNow } from './now'
import { useSafety } from './useSafety'

const KINDS: NewPauseAnswer['kind'][] = ['KEEP_RESTING', 'CALLED', 'CLEARED']
const WHOM: NonNullable<NewPauseAnswer['whom']>[] = ['VET', 'DENTIST', 'FITTER', 'PHYSIOTHERAPIST', 'COACH']
const FASTEST: NonNullable<NewPauseAnswer['fastest']>[] = ['WALK', 'TROT', 'CANTER']

/** What an answer changes on other screens. */
const CHANGED = ['today', 'plan', 'inbox', 'homework', 'pair', 'cards', 'packet']

/** Keeps resting, called, or cleared: by whom, when, and within what limits. */
export function AnswerForm({ now, onDone }: { now: HorseNow; onDone: () => void }) {
  const { t } = useTranslation()
  const { person, timeZone } = useMe()
  const client = useQueryClient()
  const { serverMs } = useSafety()
  // the server's day: it takes none to come, and a device's clock may run ahead
  const onDay = serverMs ? dayOf(serverMs, timeZone) : today(timeZone)
  const isStopped = now.isPaused || now.isDayOver
  const [answer, setAnswer] = useState<Omit<NewPauseAnswer, 'id'>>({
    kind: isStopped ? 'KEEP_RESTING' : 'CLEARED',
    whom: null,
    name: null,
    onDay,
    mayHandWalk: now.view?.mayHandWalk ?? false,
    fastest: null,
    minutes: null,
    untilDay: null,
    words: null,
  })
  const change = (what: Partial<NewPauseAnswer>) => setAnswer({ ...answer, ...what })
  const send = useMutation({
    mutationFn: () =>
      answerOf(
        api.POST('/api/v1/horses/{id}/pause-answers', {
          params: { path: { id: now.horse } },
          body: { id: v7(), ...answer, ...notOf(answer.kind) },
        }),
      ),
    onSuccess: (safety) => {
      client.setQueryData(['safety', person], safety)
      onDone()
      void client.invalidateQueries({ predicate: (q) => CHANGED.includes(String(q.queryKey[0])) })
    },
  })
  const saysWho = answer.kind !== 'KEEP_RESTING'
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
      onSubmit={(e) => {
        e.preventDefault()
        send.mutate()
      }}
    >
      <Keys
        name={t('pauseAnswer.what')}
        words={KINDS}
        now={answer.kind}
        text={(kind) => t(`pauseAnswer.kind.${kind}`)}
        onChoose={(kind) => change({ kind })}
      />
      {saysWho && (
        <>
          <Keys
            name={t(`pauseAnswer.whom.${answer.kind}`)}
            words={WHOM}
            now={answer.whom}
            text={(whom) => t(`whom.${whom}`)}
            onChoose={(whom) => change({ whom })}
          />
          <Grid templateColumns={{ base: '1fr', md: '2fr 1fr' }} gap="3">
            <Field
              label={t('pauseAnswer.name')}
              maxLength={80}
              value={answer.name ?? ''}
              onChange={(e) => change({ name: e.target.value || null })}
            />
            <Field
              label={t('pauseAnswer.onDay')}
              type="date"
              value={answer.onDay ?? ''}
              onChange={(e) => change({ onDay: e.target.value || null })}
            />
          </Grid>
        </>
      )}
      {answer.kind === 'CLEARED' ? (
        <>
          <Keys
            name={t('pauseAnswer.limits')}
            words={FASTEST}
            now={answer.fastest}
            text={(fastest) => t(`safety.fastest.${fastest}`)}
            onChoose={(fastest) => change({ fastest: fastest === answer.fastest ? null : fastest })}
          />
          <Grid templateColumns="1fr 1fr" gap="3">
            <Field
              label={t('pauseAnswer.minutes')}
              type="number"
              min={5}
              max={180}
              value={answer.minutes ?? ''}
              onChange={(e) => change({ minutes: e.target.value === '' ? null : Number(e.target.value) })}
            />
            <Field
              label={t('pauseAnswer.untilDay')}
              type="date"
              value={answer.untilDay ?? ''}
              onChange={(e) => change({ untilDay: e.target.value || null })}
            />
          </Grid>
        </>
      ) : (
        <Button
          look="key"
          aria-pressed={answer.mayHandWalk}
          onClick={() => change({ mayHandWalk: !answer.mayHandWalk })}
        >
          {t('pauseAnswer.handWalk')}
        </Button>
      )}
      <TextArea
        aria-label={t('pauseAnswer.words')}
        placeholder={t('pauseAnswer.words')}
        maxLength={600}
        rows={2}
        paddingY="2"
        value={answer.words ?? ''}
        onChange={(e) => change({ words: e.target.value || null })}
      />
      {send.isError && <Trouble cause={send.error} />}
      <Button type="submit" look="act" disabled={send.isPending}>
        {t(`pauseAnswer.keep.${answer.kind}`)}
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

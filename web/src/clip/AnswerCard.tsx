import { Box, chakra, Flex } from '@chakra-ui/react'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Unreachable, queries } from '../api'
import type { Homework } from '../api'
import { doseSentence, LookInAnswer, useSet } from '../homework'
import type { Payloads, Ride } from '../record'
import type { Recorder } from '../recorder'
import { useMe } from '../session'
import type { StoredPacket } from '../store'
import { nameIn, useText, wordIn } from '../text'
import { Button, Card, CardTitle, LinkButton, Quiet, Trouble } from '../ui'
import { ReadLine } from './ReadLine'
import type { Words } from './useWords'

interface AnswerCardProps {
  recorder: Recorder
  kept: StoredPacket
  words: Words | undefined
}

/** What the rider hears back of a video: how the homework goes on, and what was said of it. */
export function AnswerCard({ recorder, kept, words }: AnswerCardProps) {
  const { t } = useText()
  const { actions } = useMe()
  const { lesson } = kept.packet
  if (!actions.includes('DECIDE')) return null
  return (
    <Card data-answer>
      <CardTitle>{t('answer.title', { rider: lesson.rider })}</CardTitle>
      <HomeworkPart lesson={lesson.id} />
      <ShowPart recorder={recorder} kept={kept} words={words} />
    </Card>
  )
}

/** The look-in on what runs, or what could be set. */
function HomeworkPart({ lesson }: { lesson: string }) {
  const { t } = useText()
  const homework = useQuery({ ...queries.homework(lesson), refetchOnMount: 'always' })
  if (homework.error instanceof Unreachable) return <Quiet>{t('answer.offline')}</Quiet>
  if (homework.isError) return <Trouble cause={homework.error} onAgain={() => void homework.refetch()} />
  return homework.data ? <HowItGoesOn homework={homework.data} /> : null
}

function HowItGoesOn({ homework }: { homework: Homework }) {
  const { t } = useText()
  const client = useQueryClient()
  const { lesson, running, drafts, mostRunning } = homework
  const set = useSet(lesson.id)
  // what runs already is answered, not set again
  const free = drafts.filter((d) => running.every((a) => a.steps.every((s) => s.rung !== d.rung)))
  const draft = running.length < mostRunning ? free[0] : undefined
  const step = draft?.steps[draft.first]
  return (
    <Box marginBottom="4">
      {running.map((assignment) => {
        const now = assignment.steps[assignment.step]
        const last = assignment.lookIns.at(-1)
        return (
          <Box key={assignment.id} marginBottom="4">
            <chakra.h3 fontFamily="body" fontWeight="700" marginTop="1">
              {now && `${nameIn(t, now)}, ${wordIn(t, 'gait', now.gait)} · ${doseSentence(t, now)}`}
            </chakra.h3>
            <LookInAnswer
              assignment={assignment}
              onAnswered={() => void client.invalidateQueries(queries.homework(lesson.id))}
            />
            {last && last.at >= lesson.plannedAt && (
              <Quiet marginTop="1.5">{t('answer.answered', { verdict: t(`verdict.${last.verdict}`) })}</Quiet>
            )}
          </Box>
        )
      })}
      <Flex gap="2" wrap="wrap" align="center">
        {draft && step && (
          <Button
            paddingY="2"
            disabled={set.isPending}
            onClick={() => set.mutate({ wish: { is: 'rung', rung: draft.rung }, daysAWeek: draft.daysAWeek })}
          >
            {t('answer.set', {
              name: nameIn(t, step),
              gait: wordIn(t, 'gait', step.gait),
              dose: doseSentence(t, step),
              days: t('forRider.days', { count: draft.daysAWeek }),
            })}
          </Button>
        )}
        <LinkButton to={`/lessons/${lesson.id}/homework`}>
          {t(running.length > 0 || draft ? 'answer.other' : 'answer.first')}
        </LinkButton>
      </Flex>
      {set.isError && <Trouble cause={set.error} />}
    </Box>
  )
}

/** What the rider is shown now; undefined where that is nothing. */
function shownOf(ride: Ride): Payloads['for_rider'] | undefined {
  for (const { said } of [...ride.marks].reverse()) {
    if (said.kind === 'for_rider') {
      const { kind: _, ...shown } = said
      return shown
    }
  }
  return undefined
}

function ShowPart({ recorder, kept, words }: AnswerCardProps) {
  const { t } = useText()
  const client = useQueryClient()
  const { lesson } = kept.packet
  const { ride, outbox } = recorder
  const shown = shownOf(ride)
  const homework = useQuery({ ...queries.homework(lesson.id), enabled: false })
  const isUnridden = ride.startedAtMs === null
  const isToBeHeld = isUnridden && homework.data?.isOnVideo === true
  // whether it is held on video is told with the homework
  const isAsked = isUnridden && homework.fetchStatus === 'fetching'
  const show = useMutation({
    networkMode: 'always',
    mutationFn: async () => {
      // nobody met for it: it is held while it is answered
      if (isToBeHeld) {
        await recorder.say({ kind: 'lesson_started', payload: {} })
        await recorder.say({ kind: 'lesson_ended', payload: {} })
      }
      await recorder.say({ kind: 'for_rider', payload: { homework: true, ...shown, clips: true } })
      await outbox.send()
      await Promise.all([
        client.invalidateQueries({ queryKey: queries.debrief(lesson.id).queryKey }),
        client.invalidateQueries({ queryKey: queries.words(lesson.id).queryKey }),
        client.invalidateQueries({ queryKey: queries.today().queryKey }),
      ])
    },
  })
  if (shown?.clips && !isToBeHeld) {
    return (
      <Flex gap="3" wrap="wrap" align="center" data-answer-shown>
        <Box>
          <b>{t(isUnridden ? 'answer.shownLater' : 'forRider.shown', { rider: lesson.rider })}</b>
          {words && <ReadLine readings={words.said.readings} />}
        </Box>
        <LinkButton to={`/lessons/${lesson.id}/for-rider`}>{t('forRider.look')}</LinkButton>
      </Flex>
    )
  }
  return (
    <>
      <Button look="act" disabled={show.isPending || isAsked} onClick={() => show.mutate()}>
        {t('answer.show', { rider: lesson.rider })}
      </Button>
      {show.isError && <Trouble cause={show.error} />}
    </>
  )
}

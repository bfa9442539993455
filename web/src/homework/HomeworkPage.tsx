import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useParams } from 'react-router'
import { answerOf, api, queries } from '../api'
import type { Assignment, Draft, Homework } from '../api'
import { ForHorse } from '../ground'
import { HorseLine, useSafety } from '../safety'
import { useMe } from '../session'
import { Beads, Button, LinkButton, Card, Quiet, Trouble, Wait } from '../ui'
import { nameIn, wordIn, useText } from '../text'
import { doseSentence } from './dose'
import { OwnTask } from './OwnTask'
import { Running } from './Running'
import { useSet } from './useSet'

const DAYS = [1, 2, 3, 4, 5, 6, 7]
const DEFAULT_DAYS = 5

/** The moment: the rider is still there and says the task back. Choose, how many days, set: three touches. */
export default function HomeworkPage() {
  const { id = '' } = useParams()
  const homework = useQuery({ ...queries.homework(id), refetchOnMount: 'always' })
  if (homework.isPending) return <Wait />
  if (homework.isError) return <Trouble cause={homework.error} onAgain={() => void homework.refetch()} />
  return <Set homework={homework.data} />
}

function Set({ homework }: { homework: Homework }) {
  const { t } = useText()
  const { actions } = useMe()
  const { lesson, drafts, notAlone, running } = homework
  const isPaused = useSafety().horseNow({ horse: lesson.horseId, pair: lesson.pair })?.isPaused === true
  const client = useQueryClient()
  const [chosen, setChosen] = useState(drafts[0]?.rung)
  const draft = drafts.find((d) => d.rung === chosen)
  const [days, setDays] = useState<number>()
  const set = useSet(lesson.id)
  const end = useMutation({
    mutationFn: (a: Assignment) =>
      answerOf(api.POST('/api/v1/assignments/{id}/end', { params: { path: { id: a.id } } })),
    onSuccess: () => client.invalidateQueries(queries.homework(lesson.id)),
  })
  const canSet = actions.includes('SET_HOMEWORK')
  return (
    <Box>
      <Beads lesson={lesson.id} group={lesson.group} now="homework" done={DONE} />
      <HorseLine horse={{ horse: lesson.horseId, pair: lesson.pair }} />
      <chakra.h1 fontSize={{ base: '3xl', md: '4xl' }} fontWeight="770" marginBottom="5">
        {t('homework.title', { horse: lesson.horse, rider: lesson.rider })}
      </chakra.h1>
      {notAlone.map((name) => (
        <Quiet key={name} marginBottom="3">
          {t('homework.notAlone', { name })}
        </Quiet>
      ))}
      {drafts.length === 0 && !isPaused && (
        <Card>
          <chakra.p fontSize="lg">{t('homework.nothing')}</chakra.p>
          <LinkButton to={`/lessons/${lesson.id}/ride`} marginTop="3">
            {t('beads.ride')}
          </LinkButton>
        </Card>
      )}
      {draft && canSet && (
        <Card marginBottom="6">
          <Flex gap="2" wrap="wrap" role="group" aria-label={t('homework.what')}>
            {drafts.map((d) => (
              <Button
                key={d.rung}
                look="key"
                aria-pressed={d.rung === chosen}
                onClick={() => setChosen(d.rung)}
              >
                {nameOf(d)}, {wordIn(t, 'gait', d.steps[d.first]?.gait ?? 'WALK')}
              </Button>
            ))}
          </Flex>
          <Task draft={draft} horse={lesson.horse} />
          <Flex gap="3" wrap="wrap" align="center" marginTop="5">
            <chakra.span fontWeight="650">{t('homework.days')}</chakra.span>
            <Flex gap="1" role="group" aria-label={t('homework.days')}>
              {DAYS.map((d) => (
                <Button
                  key={d}
                  look="key"
                  paddingX="3"
                  aria-pressed={d === (days ?? draft.daysAWeek)}
                  onClick={() => setDays(d)}
                >
                  {d}
                </Button>
              ))}
            </Flex>
            <Button
              look="live"
              minWidth="10rem"
              marginLeft={{ md: 'auto' }}
              disabled={set.isPending}
              onClick={() =>
                set.mutate({ wish: { is: 'rung', rung: draft.rung }, daysAWeek: days ?? draft.daysAWeek })
              }
            >
              {t('homework.set')}
            </Button>
          </Flex>
        </Card>
      )}
      {canSet && !isPaused && (
        <OwnTask
          homework={homework}
          isBusy={set.isPending}
          onSet={(wish) => set.mutate({ wish, daysAWeek: days ?? draft?.daysAWeek ?? DEFAULT_DAYS })}
        />
      )}
      {set.isError && <Trouble cause={set.error} />}
      <chakra.h2 fontSize="xl" fontWeight="720" marginBottom="3">
        {t('homework.running', { count: running.length })}
      </chakra.h2>
      {running.length === 0 && <Quiet>{t('homework.none')}</Quiet>}
      <Grid gap="4" templateColumns={{ base: 'minmax(0, 1fr)', lg: 'repeat(2, minmax(0, 1fr))' }}>
        {running.map((a) => (
          <Running key={a.id} assignment={a} onEnd={canSet ? () => end.mutate(a) : undefined} />
        ))}
      </Grid>
    </Box>
  )
}

const DONE = { look: true, plan: true, ride: true, debrief: true }

function nameOf(d: Draft): string {
  return d.steps[d.first]?.name ?? d.rung
}

/** What the rider will read, so that it can be said back. */
function Task({ draft, horse }: { draft: Draft; horse: string }) {
  const { t } = useText()
  const step = draft.steps[draft.first]
  if (!step) return null
  return (
    <Grid
      templateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 5fr) minmax(0, 4fr)' }}
      gap={{ base: '4', lg: '8' }}
      marginTop="4"
    >
      <Box>
        <chakra.p fontFamily="heading" fontSize="2xl" fontWeight="740">
          {nameIn(t, step)}, {wordIn(t, 'gait', step.gait)}
        </chakra.p>
        <chakra.p fontSize="lg" fontWeight="650">
          {doseSentence(t, step)}
        </chakra.p>
        {draft.insteadOf !== null && (
          <chakra.p marginTop="1" fontWeight="650">
            {t('homework.insteadOf', { name: draft.insteadOf })}
          </chakra.p>
        )}
        <chakra.p marginTop="2">{step.instruction}</chakra.p>
        <ForHorse ground={step.ground} horse={horse} gait={step.gait} />
        <Quiet marginTop="2">
          {t('homework.gate', { count: draft.easyNeeded, days: draft.minDays })}{' '}
          {draft.goodShare !== null && t('homework.share', { percent: Math.round(100 * draft.goodShare) })}{' '}
          {t(draft.isBrandNew ? 'homework.lookInNext' : 'homework.lookIn')}
        </Quiet>
      </Box>
      <chakra.dl>
        <Line name={t('homework.feel')}>{step.feel}</Line>
        {step.goesWrong && <Line name={t('homework.goesWrong')}>{step.goesWrong}</Line>}
        <Line name={t('homework.stopIf')}>{step.stopIf.join('; ')}</Line>
        {step.secondBest && <Line name={t('homework.secondBest')}>{step.secondBest}</Line>}
      </chakra.dl>
    </Grid>
  )
}

function Line({ name, children }: { name: string; children: React.ReactNode }) {
  return (
    <Box marginBottom="2">
      <chakra.dt color="quiet" fontSize="sm">
        {name}
      </chakra.dt>
      <dd>{children}</dd>
    </Box>
  )
}

import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { CircleHelp, MessageSquareReply, OctagonAlert, TimerReset } from 'lucide-react'
import { useForm } from 'react-hook-form'
import { Link } from 'react-router'
import { v7 } from 'uuid'
import { answerOf, api, queries } from '../api'
import type { Assignment, Inbox as InboxView, Practice, Verdict } from '../api'
import { VideoCameKey } from '../recorder'
import { useMe } from '../session'
import { dayShort, nameIn, wordIn, useText } from '../text'
import { Button, Input, LaterKey, Quiet, Trouble, useHeld } from '../ui'
import { doseSentence } from './dose'

const VERDICTS: Verdict[] = ['CARRY_ON', 'NEXT', 'BACK']

/** Reports that wait for the coach, stop signs first, each answered in two touches and a sentence. */
export function Inbox() {
  const inbox = useQuery({ ...queries.inbox(), refetchOnMount: 'always' })
  if (inbox.isError) return <Trouble cause={inbox.error} onAgain={() => void inbox.refetch()} />
  return inbox.data ? <Reports inbox={inbox.data} /> : null
}

function Reports({ inbox }: { inbox: InboxView }) {
  const { t } = useText()
  const { shown, later, show } = useHeld(inbox.waiting, (a) => a.id)
  const words = useHeld(inbox.words, (w) => w.lesson)
  const count = later.length + words.later.length
  const showAll = () => {
    show()
    words.show()
  }
  return (
    <>
      {words.shown.length > 0 && <WordLines words={words.shown} />}
      {shown.length > 0 && <ReportList reports={shown} more={inbox.more} onAnswered={show} />}
      {count > 0 && (
        <LaterKey isWarning={later.some((a) => a.lookIn === 'STOP_SIGN')} onPress={showAll}>
          {t('inbox.later', { count })}
        </LaterKey>
      )}
    </>
  )
}

/** What was said back under comments: each leads to the clip it is about. */
function WordLines({ words }: { words: InboxView['words'] }) {
  const { t } = useText()
  const { timeZone } = useMe()
  return (
    <chakra.ul listStyleType="none" marginBottom="4" aria-label={t('inbox.words')}>
      {words.map(({ lesson, by, horse, text, at }) => (
        <li key={lesson}>
          <WordLink to={`/lessons/${lesson}/clip`}>
            <chakra.span flexShrink="0">
              <MessageSquareReply size={22} aria-hidden />
            </chakra.span>
            <chakra.span css={{ overflowWrap: 'anywhere' }}>
              <b>{t('inbox.word', { by, horse, day: dayShort(at, timeZone) })}</b> “{text}”
            </chakra.span>
          </WordLink>
        </li>
      ))}
    </chakra.ul>
  )
}

const WordLink = chakra(Link, {
  base: { display: 'flex', gap: '3', alignItems: 'center', minHeight: 'touch', paddingY: '1.5' },
})

interface ReportListProps {
  reports: Assignment[]
  /** So many wait beyond these. */
  more: number
  onAnswered: () => void
}

function ReportList({ reports, more, onAnswered }: ReportListProps) {
  const { t } = useText()
  return (
    <Grid
      as="section"
      aria-label={t('inbox.title')}
      templateColumns={{ base: 'minmax(0, 1fr)', lg: reports.length > 1 ? '1fr 1fr' : '1fr' }}
      gap="4"
      alignItems="start"
      marginBottom="8"
    >
      {reports.map((a) => (
        <Report key={a.id} assignment={a} onAnswered={onAnswered} />
      ))}
      {more > 0 && <Quiet>{t('inbox.more', { count: more })}</Quiet>}
    </Grid>
  )
}

interface ReportProps {
  assignment: Assignment
  onAnswered: () => void
}

function Report({ assignment, onAnswered }: ReportProps) {
  const { t } = useText()
  const { timeZone, actions } = useMe()
  const last = assignment.practices[0]
  const isStop = assignment.lookIn === 'STOP_SIGN'
  const step = assignment.steps[assignment.step]
  return (
    <Box
      as="article"
      padding="4"
      borderRadius="card"
      borderWidth="2px"
      borderColor={isStop ? 'warn' : 'line'}
      background={isStop ? 'warnSoft' : 'card'}
    >
      <Flex gap="3" align="flex-start">
        <chakra.span color={isStop ? 'warn' : 'ink'} flexShrink={0} paddingTop="0.5">
          {isStop ? (
            <OctagonAlert size={26} aria-hidden />
          ) : assignment.lookIn === 'QUESTION' ? (
            <CircleHelp size={26} aria-hidden />
          ) : (
            <TimerReset size={26} aria-hidden />
          )}
        </chakra.span>
        <Box flex="1" minWidth="0">
          <chakra.h2 fontSize="lg" fontWeight="720">
            {isStop && `${assignment.stopSigns.map((s) => t(`stopSign.${s}`)).join(', ')}: `}
            <chakra.span asChild _hover={{ textDecoration: 'underline' }}>
              <Link to={`/pairs/${assignment.pair}`}>
                {assignment.horse} {t('pair.and')} {assignment.rider}
              </Link>
            </chakra.span>
          </chakra.h2>
          <Quiet>
            {assignment.lookIn === 'NOT_YET_DUE' ? t('inbox.stopped') : t(`inbox.why.${assignment.lookIn}`)}
            {step && ` · ${nameIn(t, step)}, ${wordIn(t, 'gait', step.gait)}, ${doseSentence(t, step)}`}
          </Quiet>
          {assignment.stop !== null && assignment.stop !== 'SIGN_OPEN' && (
            <chakra.p marginTop="1" fontWeight="650">
              {t(`homeworkStop.coach.${assignment.stop}`, {
                horse: assignment.horse,
                rider: assignment.rider,
              })}
            </chakra.p>
          )}
          {last?.question && <chakra.p marginTop="2">“{last.question}”</chakra.p>}
          <Feels practices={assignment.practices} paused={assignment.pausedPractices} timeZone={timeZone} />
          {actions.includes('LOOK_IN') && (
            <>
              <LookInAnswer assignment={assignment} onAnswered={onAnswered} />
              <Box marginTop="2">
                <VideoCameKey pair={assignment.pair} />
              </Box>
            </>
          )}
        </Box>
      </Flex>
    </Box>
  )
}

/** The last reports in one line, the latest first. */
interface FeelsProps {
  practices: Practice[]
  /** Those ridden while the horse was paused. */
  paused: string[]
  timeZone: string
}

function Feels({ practices, paused, timeZone }: FeelsProps) {
  const { t } = useText()
  return (
    <Flex gap="4" wrap="wrap" marginTop="2" fontSize="sm" fontVariantNumeric="tabular-nums">
      {practices.slice(0, 4).map((p) => (
        <span key={p.id}>
          <chakra.span color="quiet">{dayShort(p.startedAt, timeZone)}</chakra.span>{' '}
          <b>{t(`feel.${p.feel}`)}</b>
          {p.isTimeOdd && ` (${t('homework.clockWrong')})`}
          {p.secondBest && ` (${t('homework.secondBest')})`}
          {paused.includes(p.id) && ` (${t('homework.whilePaused')})`}
        </span>
      ))}
    </Flex>
  )
}

/** How it goes on, in two touches and a sentence. */
export function LookInAnswer({ assignment, onAnswered }: ReportProps) {
  const { t } = useText()
  const client = useQueryClient()
  // the next one comes up in its place
  const next = async () => {
    await client.invalidateQueries(queries.inbox())
    onAnswered()
  }
  const { register, getValues } = useForm({ defaultValues: { sentence: '' } })
  const answer = useMutation({
    mutationFn: (verdict: Verdict) =>
      answerOf(
        api.POST('/api/v1/assignments/{id}/look-ins', {
          params: { path: { id: assignment.id } },
          body: { id: v7(), verdict, sentence: getValues('sentence').trim() || null },
        }),
      ),
    onSuccess: next,
  })
  const end = useMutation({
    mutationFn: () =>
      answerOf(api.POST('/api/v1/assignments/{id}/end', { params: { path: { id: assignment.id } } })),
    onSuccess: next,
  })
  // what stands still with its horse, or is never practised alone, has no next step
  const isStill = assignment.stop !== null && assignment.stop !== 'SIGN_OPEN'
  const isPossible = (v: Verdict) =>
    isStill
      ? v === 'CARRY_ON' && assignment.lookIn !== 'NOT_YET_DUE'
      : v === 'CARRY_ON' ||
        (v === 'NEXT' ? assignment.step < assignment.steps.length - 1 : assignment.step > 0)
  return (
    <Box marginTop="3">
      {assignment.lookIn === 'STOP_SIGN' && <chakra.p fontWeight="650">{t('inbox.stopFirst')}</chakra.p>}
      {VERDICTS.some(isPossible) && (
        <Input
          aria-label={t('inbox.sentence')}
          placeholder={t('inbox.sentence')}
          maxLength={600}
          marginY="2"
          {...register('sentence')}
        />
      )}
      <Flex gap="2" wrap="wrap">
        {VERDICTS.filter(isPossible).map((v) => (
          <Button
            key={v}
            look={v === assignment.advised ? 'act' : 'plain'}
            disabled={answer.isPending}
            onClick={() => answer.mutate(v)}
          >
            {t(isStill ? 'inbox.answer' : `verdict.${v}`)}
            {v === assignment.advised && <chakra.span fontWeight="400"> ({t('inbox.advised')})</chakra.span>}
          </Button>
        ))}
      </Flex>
      {(assignment.stop === 'NOT_ALONE' || assignment.stop === 'NOT_CLEARED') && (
        <Button marginTop="2" disabled={end.isPending} onClick={() => end.mutate()}>
          {t('homework.end')}
        </Button>
      )}
      {end.isError && <Trouble cause={end.error} />}
      {answer.isError && <Trouble cause={answer.error} />}
    </Box>
  )
}

import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { Link } from 'react-router'
import type { Me, Step, TodaysLesson } from '../api'
import { StandsMark, useSafety } from '../safety'
import { timeOfDay, wordIn, useText } from '../text'
import { LinkButton, StepCounts } from '../ui'

interface LessonOfDayProps {
  today: TodaysLesson
  timeZone: string
  actions: Me['actions']
}

/** One lesson on the day's line: when, who, on what, and the one thing to do next. */
export function LessonOfDay({ today, timeZone, actions }: LessonOfDayProps) {
  const { lesson, inWork } = today
  const { t } = useText()
  const now = useSafety().horseNow({ horse: lesson.horseId, pair: lesson.pair })
  // what is being learnt before what could be begun
  const begun = inWork.filter((s) => s.state === 'IN_WORK')
  const shown = [...begun, ...inWork.filter((s) => !begun.includes(s))].slice(0, 2)
  return (
    <Grid
      as="li"
      templateColumns={{ base: '1fr', md: '7rem 1fr auto' }}
      gap={{ base: '2', md: '6' }}
      alignItems={{ md: 'center' }}
      paddingY="5"
      borderTopWidth="2px"
      borderColor="line"
      _last={{ borderBottomWidth: '2px' }}
    >
      <Flex
        direction={{ base: 'row', md: 'column' }}
        align={{ base: 'baseline', md: 'flex-start' }}
        gap={{ base: '3', md: '0' }}
      >
        <chakra.span
          fontFamily="heading"
          fontSize="3xl"
          fontWeight="720"
          lineHeight="1"
          fontVariantNumeric="tabular-nums"
        >
          {timeOfDay(lesson.plannedAt, timeZone)}
        </chakra.span>
        <chakra.span color="quiet" fontSize="sm">
          {today.isOnVideo ? t('today.onVideo') : t('today.minutes', { minutes: lesson.minutes })}
        </chakra.span>
      </Flex>
      <Box minWidth="0">
        <chakra.h2 fontSize="2xl" fontWeight="720">
          <chakra.span asChild _hover={{ textDecoration: 'underline' }}>
            <Link to={`/pairs/${lesson.pair}`}>
              {lesson.horse} <chakra.span fontWeight="400">{t('pair.and')}</chakra.span> {lesson.rider}
            </Link>
          </chakra.span>
          {now && <StandsMark now={now} />}
        </chakra.h2>
        {shown.length > 0 && (
          <Flex wrap="wrap" columnGap="5" rowGap="1" marginTop="1.5">
            {shown.map((step) => (
              <Rung key={step.rung} step={step} />
            ))}
          </Flex>
        )}
      </Box>
      <Flex gap="2" align="center" justify={{ md: 'flex-end' }}>
        <NextThing
          today={today}
          actions={actions}
          isStopped={now?.isPaused === true || now?.isDayOver === true}
        />
      </Flex>
    </Grid>
  )
}

function Rung({ step }: { step: Step }) {
  const { t } = useText()
  const isAsked = step.left.asks + step.right.asks > 0
  return (
    <Flex align="center" gap="2">
      <chakra.span color="quiet">
        {step.name}, {wordIn(t, 'gait', step.gait)}
      </chakra.span>
      {isAsked && <StepCounts step={step} />}
    </Flex>
  )
}

interface NextThingProps {
  today: TodaysLesson
  actions: Me['actions']
  /** The horse is not ridden: what was found can still be looked at. */
  isStopped: boolean
}

/** The next bead of the lesson's thread, and riding, which is always one touch away. */
function NextThing({ today, actions, isStopped }: NextThingProps) {
  const { lesson, isOnVideo, isLooked, isPlanned } = today
  const { t } = useText()
  if (lesson.endedAt) {
    return (
      <>
        <chakra.span color="quiet" fontSize="sm">
          {isOnVideo && lesson.exchanges === 0
            ? t('today.answered')
            : t('today.ridden', { count: lesson.exchanges })}
        </chakra.span>
        {actions.includes('SEE_DEBRIEF') && (
          <LinkButton to={`/lessons/${lesson.id}/debrief`}>{t('today.debrief')}</LinkButton>
        )}
      </>
    )
  }
  if (!actions.includes('RECORD')) return null
  if (isOnVideo) {
    return (
      <LinkButton to={`/lessons/${lesson.id}/clip`} look="act" minWidth="7.5rem">
        {t('today.clip')}
      </LinkButton>
    )
  }
  if (lesson.startedAt) {
    return (
      <LinkButton to={`/lessons/${lesson.id}/ride`} look="live">
        {t('today.goOn')}
      </LinkButton>
    )
  }
  if (isStopped) return <LinkButton to={`/lessons/${lesson.id}/look`}>{t('today.look')}</LinkButton>
  const next = isLooked ? (isPlanned ? 'ride' : 'plan') : 'look'
  return (
    <>
      {next !== 'ride' && <LinkButton to={`/lessons/${lesson.id}/ride`}>{t('today.ride')}</LinkButton>}
      <LinkButton to={`/lessons/${lesson.id}/${next}`} look="act" minWidth="7.5rem">
        {t(`today.${next}`)}
      </LinkButton>
    </>
  )
}

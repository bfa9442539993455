import { Box, chakra, Flex } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { Printer, Sparkles } from 'lucide-react'
import { useParams } from 'react-router'
import { queries } from '../api'
import type { Assignment, RiderPage as Page } from '../api'
import { VoiceNotes } from '../capture'
import { RiderClips } from '../clip'
import { doseSentence, LookInLine } from '../homework'
import { HorseLine } from '../safety'
import { useMe } from '../session'
import { dayLongAt, nameIn, useText, wordIn } from '../text'
import { Button, Card, Quiet, Trouble, Wait } from '../ui'

/** The moment: the evening after, at home. What got better, one thing to think of, what to do; on one page, also of paper. */
export default function RiderPage() {
  const { id = '' } = useParams()
  const page = useQuery({ ...queries.forRider(id), refetchOnMount: 'always' })
  if (page.isPending) return <Wait />
  if (page.isError) return <Trouble cause={page.error} onAgain={() => void page.refetch()} />
  return <PageSheet page={page.data} />
}

function PageSheet({ page }: { page: Page }) {
  const { t } = useText()
  const { timeZone } = useMe()
  const { lesson, pair, horseId, horse, at, better, think, homework, voices, clips } = page
  return (
    <Flex direction="column" gap={{ base: '4', md: '5' }} maxWidth="46rem" data-rider-page>
      <Box>
        <Quiet>{t('forRider.pageTitle')}</Quiet>
        <chakra.h1 fontSize={{ base: '3xl', md: '4xl' }} fontWeight="770" lineHeight="1.15">
          {t('forRider.page', { horse, day: dayLongAt(at, timeZone) })}
        </chakra.h1>
      </Box>
      <HorseLine horse={{ horse: horseId, pair }} />
      {better.length > 0 && (
        <Card>
          <Flex gap="2" align="center" marginBottom="2">
            <Sparkles size={22} aria-hidden />
            <Title>{t('forRider.pageBetter')}</Title>
          </Flex>
          <chakra.ul listStyleType="none" display="grid" gap="2" fontSize="lg">
            {better.map((b) => (
              <li key={b.name + b.gait + b.place}>
                <b>
                  {b.name}, {wordIn(t, 'gait', b.gait)}
                </b>
                <br />
                {t(`better.${b.better}`)}
              </li>
            ))}
          </chakra.ul>
        </Card>
      )}
      {think !== null && (
        <Card>
          <Title>{t('forRider.pageThink')}</Title>
          <chakra.p fontSize="xl" marginTop="1">
            {think}
          </chakra.p>
        </Card>
      )}
      {homework.length > 0 && (
        <Card>
          <Title>{t('forRider.pageHomework')}</Title>
          {homework.map((a) => (
            <Homework key={a.id} assignment={a} />
          ))}
        </Card>
      )}
      {voices.length > 0 && (
        <Card _print={{ display: 'none' }}>
          <Title>{t('forRider.pageVoices')}</Title>
          <Box marginTop="2">
            <VoiceNotes lesson={lesson} voices={voices} isRiders />
          </Box>
        </Card>
      )}
      {clips.length > 0 && <RiderClips lesson={lesson} clips={clips} />}
      <Box _print={{ display: 'none' }}>
        <Button onClick={() => window.print()}>
          <Printer size={20} aria-hidden /> {t('forRider.print')}
        </Button>
      </Box>
    </Flex>
  )
}

const Title = chakra('h2', { base: { fontSize: 'xl', fontWeight: '720' } })

/** One task as its rider reads it. */
function Homework({ assignment }: { assignment: Assignment }) {
  const { t } = useText()
  const step = assignment.steps[assignment.step]
  if (!step) return null
  return (
    <Box marginTop="3">
      <chakra.p fontSize="lg" fontWeight="650">
        {nameIn(t, step)}, {wordIn(t, 'gait', step.gait)}
      </chakra.p>
      <chakra.p fontWeight="650">
        {doseSentence(t, step)} · {t('forRider.days', { count: assignment.daysAWeek })}
      </chakra.p>
      <LookInLine lookIns={assignment.lookIns} />
      {assignment.stop === null && <chakra.p marginTop="1">{step.instruction}</chakra.p>}
      <chakra.p marginTop="1">
        <b>{t('forRider.feel')}:</b> {step.feel}
      </chakra.p>
      {step.goesWrong && (
        <chakra.p marginTop="1">
          <b>{t('forRider.wrong')}:</b> {step.goesWrong}
        </chakra.p>
      )}
      <chakra.p marginTop="1">
        <b>{t('forRider.stop')}:</b> {step.stopIf.join('; ')}
      </chakra.p>
    </Box>
  )
}

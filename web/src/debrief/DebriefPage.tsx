import { Box, chakra, Flex } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { OctagonAlert } from 'lucide-react'
import { useMemo } from 'react'
import { useParams } from 'react-router'
import { queries } from '../api'
import { VoiceNotes } from '../capture'
import type { ContactOfLesson, Debrief } from '../api'
import { HorseLine } from '../safety'
import { useMe } from '../session'
import { clock, dayLongAt, timeOfDay, useText } from '../text'
import { Beads, FoldCard, LinkButton, Quiet, ReinClock, Trouble, Wait } from '../ui'
import { ClipsCard } from '../clip'
import { ContactCard, reinsFrom, useMeasured } from '../contact'
import { PlaitCard } from '../plait'
import type { MeasuredReins } from '../plait'
import { FeltFirst } from './FeltFirst'
import { FeltLine } from './FeltLine'
import { NextTime } from './NextTime'
import { ProbesCard } from './ProbesCard'
import { StopLines } from './StopLines'
import { ShareCard } from './ShareCard'
import { SightingsCard } from './SightingsCard'
import { useSkipped } from './useSkipped'
import { WhatNext } from './WhatNext'

/** The moment: two minutes at the table after the ride. What each rein gave, what it cost, what to do next. */
export default function DebriefPage() {
  const { id = '' } = useParams()
  const debrief = useQuery({ ...queries.debrief(id), refetchOnMount: 'always' })
  // all at once: what comes later would push away what is being touched
  const plait = useQuery(queries.plait(id))
  const { contact, isPending } = useMeasured(id)
  const measured = useMemo(() => reinsFrom(contact, plait.data?.plait?.from ?? null), [contact, plait.data])
  const [isSkipped, skip] = useSkipped(id)
  const { actions } = useMe()
  if (debrief.isPending || plait.isPending || isPending) return <Wait />
  if (debrief.isError) return <Trouble cause={debrief.error} onAgain={() => void debrief.refetch()} />
  const { lesson, rows, after } = debrief.data
  const isAsking = after.isToBeAsked && !isSkipped && actions.includes('RECORD')
  return (
    <Flex direction="column" gap={{ base: '4', md: '6' }}>
      <Box marginBottom="-4">
        <Beads
          lesson={id}
          group={lesson.group}
          now="debrief"
          done={{ look: true, plan: true, ride: rows.length > 0 }}
        />
      </Box>
      <HorseLine horse={{ horse: lesson.horseId, pair: lesson.pair }} />
      <Head debrief={debrief.data} hasNumbers={!isAsking} />
      <StoppedBy debrief={debrief.data} />
      {isAsking ? (
        <FeltFirst
          lesson={lesson}
          isMeasured={contact?.recordings.some((r) => r.isWhole) === true}
          onDone={skip}
        />
      ) : (
        <Numbers debrief={debrief.data} contact={contact} measured={measured} />
      )}
    </Flex>
  )
}

interface NumbersProps {
  debrief: Debrief
  contact: ContactOfLesson | undefined
  measured: readonly MeasuredReins[]
}

/** All that was counted and measured, and what is to be done about it. */
function Numbers({ debrief, contact, measured }: NumbersProps) {
  const { t } = useText()
  const { actions } = useMe()
  const { lesson, rows, notes, seen, kept } = debrief
  const voices = debrief.voices.filter((v) => !v.felt)
  return (
    <Flex direction="column" gap={{ base: '4', md: '6' }} data-numbers>
      <Softness softness={debrief.softness} />
      <StopLines stops={debrief.stops} />
      <TheDay debrief={debrief} />
      <FeltLine debrief={debrief} />
      {rows.length === 0 && <chakra.p fontSize="lg">{t('debrief.notRidden')}</chakra.p>}
      {rows.length > 0 && !lesson.endedAt && <chakra.p role="status">{t('debrief.running')}</chakra.p>}
      <WhatNext rows={rows} lesson={lesson}>
        {lesson.endedAt && (
          <Flex
            direction={{ base: 'column', md: 'row' }}
            gap="3"
            paddingY="3"
            borderTopWidth="1px"
            borderColor="line"
            align={{ md: 'end' }}
          >
            <Box flex="1">
              <NextTime lesson={lesson} said={debrief.after.nextTime} />
            </Box>
            {actions.includes('SEE_HOMEWORK') && (
              <LinkButton to={`/lessons/${lesson.id}/homework`} look="act">
                {t('debrief.toHomework')}
              </LinkButton>
            )}
          </Flex>
        )}
      </WhatNext>
      <ShareCard debrief={debrief} />
      <ProbesCard probes={debrief.probes} words={debrief.helpWords} />
      <SightingsCard seen={seen} />
      <ContactCard contact={contact} felt={debrief.after.felt} />
      <ClipsCard lesson={lesson.id} clips={debrief.clips} />
      <PlaitCard lesson={lesson.id} measured={measured} />
      {notes.length + voices.length > 0 && (
        <FoldCard title={t('debrief.notes')}>
          <VoiceNotes lesson={lesson.id} voices={voices} />
          {notes.map((n) => (
            <chakra.p key={n.at} borderLeftWidth="4px" borderColor="live" paddingLeft="3" marginBottom="2">
              {n.text}
            </chakra.p>
          ))}
        </FoldCard>
      )}
      {kept > 0 && <Quiet>{t('debrief.kept', { count: kept })}</Quiet>}
      <Flex gap="3" wrap="wrap">
        <LinkButton to={`/pairs/${lesson.pair}`}>{t('debrief.toStair')}</LinkButton>
        <LinkButton to={`/pairs/${lesson.pair}/history`}>{t('history.key')}</LinkButton>
        <LinkButton to={`/lessons/${lesson.id}/contact`}>{t('measured.key')}</LinkButton>
        {actions.includes('RECORD') && (
          <LinkButton to={`/lessons/${lesson.id}/clip`}>{t('clip.key')}</LinkButton>
        )}
        <LinkButton to={`/lessons/${lesson.id}/record`}>{t('debrief.export')}</LinkButton>
      </Flex>
    </Flex>
  )
}

/** What the times of the touches say: how soon it became soft, and how long the horse was left to think. */
function Softness({
  softness: { softAfterS, lastTimeS, soakS, corrections },
}: {
  softness: Debrief['softness']
}) {
  const { t } = useText()
  if (softAfterS === null && soakS === null) return null
  return (
    <Box>
      {softAfterS !== null && (
        <chakra.p fontSize="lg" fontWeight="650">
          {t('softness.after', { time: clock(softAfterS * 1000) })}
          {lastTimeS !== null && (
            <chakra.span fontWeight="400">
              {' '}
              {t('softness.lastTime', { time: clock(lastTimeS * 1000) })}
            </chakra.span>
          )}
        </chakra.p>
      )}
      {soakS !== null && <Quiet>{t('softness.soak', { seconds: soakS, count: corrections })}</Quiet>}
    </Box>
  )
}

/** Headgear, ground and weather, as far as they were noted. */
function TheDay({ debrief: { headgear, weather } }: { debrief: Debrief }) {
  const { t } = useText()
  const { footing = null, temperatureC = null, humidityPct = null } = weather ?? {}
  const said = [
    ...(headgear ? [t('debrief.worn', { headgear: headgear.name ?? t('debrief.otherHeadgear') })] : []),
    ...(footing ? [t('marks.footing', { footing: t(`footing.${footing}`) })] : []),
    ...(temperatureC === null ? [] : [t('marks.temperature', { degrees: temperatureC })]),
    ...(humidityPct === null ? [] : [t('marks.humidity', { percent: humidityPct })]),
  ]
  return said.length === 0 ? null : <Quiet>{said.join(' · ')}</Quiet>
}

/** What ended the lesson, and whether the horse was paused while it was ridden. */
function StoppedBy({ debrief: { lesson, stopSigns, isRiddenWhilePaused } }: { debrief: Debrief }) {
  const { t } = useText()
  const { timeZone } = useMe()
  if (stopSigns.length === 0 && !isRiddenWhilePaused) return null
  return (
    <chakra.ul listStyleType="none" fontWeight="650" data-stopped-by={stopSigns.length}>
      {stopSigns.map((s) => (
        <Flex as="li" key={s.sign + s.at} gap="2" align="center">
          <chakra.span color="warn">
            <OctagonAlert size={20} aria-hidden />
          </chakra.span>
          {t('debrief.stoppedBy', { sign: t(`stopSign.${s.sign}`), at: timeOfDay(s.at, timeZone) })}
        </Flex>
      ))}
      {isRiddenWhilePaused && <li>{t('debrief.whilePaused', { horse: lesson.horse })}</li>}
    </chakra.ul>
  )
}

interface HeadProps {
  debrief: Debrief
  hasNumbers: boolean
}

function Head({ debrief: { lesson, leftMs, rightMs }, hasNumbers }: HeadProps) {
  const { t } = useText()
  const { timeZone } = useMe()
  const begun = lesson.startedAt ?? lesson.plannedAt
  return (
    <Flex direction={{ base: 'column', lg: 'row' }} gap={{ base: '4', lg: '10' }} align={{ lg: 'end' }}>
      <Box flex="1">
        <Quiet>
          {t('debrief.title')} · {dayLongAt(begun, timeZone)}, {timeOfDay(begun, timeZone)}
        </Quiet>
        <chakra.h1 fontSize={{ base: '3xl', md: '4xl' }} fontWeight="770">
          {lesson.horse}{' '}
          <chakra.span fontWeight="400">
            {t('pair.and')} {lesson.rider}
          </chakra.span>
        </chakra.h1>
        {lesson.borrowed && (
          <Quiet>{t('debrief.borrowed', { school: t(`school.${lesson.borrowed}`) })}</Quiet>
        )}
      </Box>
      {hasNumbers && (
        <Box width={{ base: 'full', lg: '26rem' }}>
          <ReinClock leftMs={leftMs} rightMs={rightMs} now={null} />
        </Box>
      )}
    </Flex>
  )
}

import { chakra, Flex } from '@chakra-ui/react'
import { ShieldAlert } from 'lucide-react'
import { wordIn, useText } from '../text'
import { DayNotes } from '../plan'
import type { Plan } from '../api'
import { limitsOf } from '../look'
import type { Limit } from '../look'
import { HorseLine, SAID_BY_LINE } from '../safety'
import type { StoredPacket } from '../store'
import { Button, LinkButton } from '../ui'
import { asAsked, asRidden, firstRidden } from '../capture'
import { Conditions } from './Conditions'
import { HeadgearLine } from './HeadgearLine'
import { HeatLine } from './HeatLine'
import { KnownLines } from './KnownLines'
import { HowHard } from './HowHard'
import { SchoolLines } from './SchoolLines'
import { riddenIn, turnsOf } from './planned'
import { OutboxLine } from '../recorder'
import type { Recorder } from '../recorder'

/** Before the first stride and after the last: cautions first, then one big button. */
interface StartOrEndProps {
  kept: StoredPacket
  recorder: Recorder
  /** A stop sign of this lesson, or a pause of the horse: nothing is begun. */
  isStopped: boolean
}

export function StartOrEnd({ kept, recorder, isStopped: isStoppedBySign }: StartOrEndProps) {
  const { t } = useText()
  const { lesson } = kept.packet
  const { plan, heat } = kept.packet.plan
  const { ride, say } = recorder
  // the look on this device may be newer than the plan: what it forbids holds at once
  const limits = limitsOf(ride.looks.at(-1)?.seen)
  // a plan fetched before may still say so after a clearance; the look and the pause say it by themselves
  const isStopped = isStoppedBySign || limits.includes('NOTHING_RIDDEN')
  const isEnded = ride.endedAtMs !== null
  const begin = async () => {
    // what is recorded must not be cleared when room gets short
    void (navigator.storage as StorageManager | undefined)?.persist()
    await say({ kind: 'lesson_started', payload: {} })
    const first = turnsOf(plan, limits)[0]
    const begun = first ? asAsked(kept.packet, riddenIn(first, 'RIDER')) : firstRidden(kept.packet)
    await say({ kind: 'segment', payload: { ...asRidden(ride.segments.at(-1) ?? begun) } })
  }
  return (
    <Flex
      as="main"
      direction="column"
      minHeight="100dvh"
      padding={{ base: '5', md: '10' }}
      gap="5"
      maxWidth="44rem"
      marginX="auto"
    >
      <chakra.h1 fontSize="5xl" fontWeight="780">
        {lesson.horse}
        <chakra.span display="block" fontFamily="body" fontSize="xl" fontWeight="400">
          {t('pair.and')} {lesson.rider}
        </chakra.span>
      </chakra.h1>
      <HorseLine horse={{ horse: lesson.horseId, pair: lesson.pair }} />
      {isEnded ? (
        <chakra.p fontSize="xl">{t('ride.ended')}</chakra.p>
      ) : (
        <>
          <Cautions plan={plan} limits={limits} />
          <DayNotes packet={kept.packet} />
          <KnownLines known={kept.packet.known} />
          <SchoolLines school={kept.packet.school} />
          {!isStopped && (
            <>
              <Conditions marks={ride.marks} onSay={(payload) => void say({ kind: 'conditions', payload })} />
              <HeadgearLine
                choice={kept.packet.headgear}
                settled={kept.packet.settled.bit}
                marks={ride.marks}
                onSay={(headgear) => void say({ kind: 'headgear', payload: { headgear } })}
              />
              <HeatLine marks={ride.marks} rules={heat} />
            </>
          )}
        </>
      )}
      {isEnded && (
        <HowHard
          horse={lesson.horse}
          marks={ride.marks}
          onSay={(horse) => void say({ kind: 'effort', payload: { horse } })}
        />
      )}
      <Flex direction="column" gap="3" marginTop={{ base: 'auto', md: '0' }}>
        {isEnded && (
          <LinkButton to={`/lessons/${lesson.id}/debrief`} look="act" minHeight="72px" fontSize="xl">
            {t('ride.toDebrief')}
          </LinkButton>
        )}
        {!isStopped && (
          <Button
            look={isEnded ? 'plain' : 'live'}
            minHeight={isEnded ? 'touch' : '96px'}
            fontSize="xl"
            onClick={() => void begin()}
          >
            {t(isEnded ? 'ride.beginAgain' : 'ride.begin')}
          </Button>
        )}
        <Flex gap="2">
          {!isEnded && (
            <LinkButton flex="1" to={`/lessons/${lesson.id}/look`}>
              {t('ride.toLook')}
            </LinkButton>
          )}
          <LinkButton flex="1" to="/">
            {t('ride.back')}
          </LinkButton>
        </Flex>
        <OutboxLine outbox={recorder.outbox} lesson={lesson.id} isLost={recorder.lost !== undefined} />
      </Flex>
    </Flex>
  )
}

/** What today's look forbids and the plan warns of stands before what is always said. */
function Cautions({ plan, limits }: { plan: Plan; limits: Limit[] }) {
  const { t } = useText()
  const said = new Set<string>(limits)
  const notes: Pick<Plan['notes'][number], 'code' | 'values'>[] = [
    ...limits.map((code) => ({ code, values: {} })),
    ...plan.notes.filter((n) => n.grave && !said.has(n.code) && !SAID_BY_LINE.has(n.code)),
  ]
  return (
    <>
      {notes.length > 0 && (
        <chakra.ul
          listStyleType="none"
          padding="4"
          borderWidth="2px"
          borderColor="warn"
          borderRadius="card"
          background="warnSoft"
          fontWeight="650"
          display="grid"
          gap="2"
        >
          {notes.map((n) => (
            <li key={n.code + (n.values.rung ?? '')}>{wordIn(t, 'planNote', n.code, n.values)}</li>
          ))}
        </chakra.ul>
      )}
      <Always />
    </>
  )
}

function Always() {
  const { t } = useText()
  return (
    <Flex gap="4" padding="4" borderWidth="2px" borderColor="ink" borderRadius="card" background="card">
      <chakra.span color="warn" flexShrink={0}>
        <ShieldAlert size={30} aria-hidden />
      </chakra.span>
      <chakra.div>
        <chakra.h2 fontSize="lg" fontWeight="720">
          {t('ride.before')}
        </chakra.h2>
        <p>{t('ride.caution')}</p>
        <chakra.p marginTop="2">{t('ride.cautionCoach')}</chakra.p>
      </chakra.div>
    </Flex>
  )
}

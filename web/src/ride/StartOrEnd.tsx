import { chakra, Flex } from '@chakra-ui/react'
import { ShieldAlert } from 'lucide-react'
import { useText } from '../text'
import { DayNotes } from '../plan'
import { limitsOf } from '../look'
import { HorseLine, useSafety } from '../safety'
import type { StoredPacket } from '../store'
import { Button, LinkButton } from '../ui'
import { CautionLines } from './CautionLines'
import { Conditions, DayLines } from '../capture'
import { begun, isOut } from './group'
import { GroupBar } from './GroupBar'
import { GroundLines } from './GroundLines'
import { EndOthers, OthersLines } from './GroupStart'
import { HeadgearLine } from './HeadgearLine'
import { KnownLines } from './KnownLines'
import { HowHard } from './HowHard'
import { SchoolLines } from './SchoolLines'
import { SensorBefore } from './SensorHere'
import { useGroup } from './useGroup'
import { OutboxLine } from '../recorder'
import type { Beside, Recorder } from '../recorder'

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
  const { others, isReady, sayIn, sayInAll, states } = useGroup(kept, recorder)
  const { horseNow } = useSafety()
  const notBegun = others.filter((o) => o.ride.startedAtMs === null)
  const waiting = notBegun.filter((o) => !isOut(o.ride, horseNow({ horse: o.horseId, pair: o.pair })))
  const begin = async (together: Beside[] = []) => {
    // what is recorded must not be cleared when room gets short
    void (navigator.storage as StorageManager | undefined)?.persist()
    const first = begun(kept, ride)
    const rein = first.find((s) => s.kind === 'segment')?.payload.rein
    for (const o of together) for (const said of begun(o.kept, o.ride, rein)) await sayIn(o.lesson, said)
    for (const said of first) await say(said)
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
      <GroupBar lesson={lesson} states={states} />
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
          <CautionLines horse={lesson.horse} plan={plan} limits={limits} />
          <Always />
          <DayNotes packet={kept.packet} />
          <KnownLines known={kept.packet.known} />
          <SchoolLines school={kept.packet.school} />
          <GroundLines packet={kept.packet} />
          {!isStopped && <OthersLines others={notBegun} />}
          {!isStopped && (
            <>
              <Conditions
                marks={ride.marks}
                onSay={(payload) => {
                  void say({ kind: 'conditions', payload })
                  sayInAll({ kind: 'conditions', payload })
                }}
              />
              <HeadgearLine
                choice={kept.packet.headgear}
                settled={kept.packet.settled.bit}
                marks={ride.marks}
                onSay={(headgear) => void say({ kind: 'headgear', payload: { headgear } })}
              />
              <SensorBefore kept={kept} recorder={recorder} />
              <DayLines marks={ride.marks} rules={heat} said={plan.notes.map((n) => n.code)} />
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
        {!isStopped && !isEnded && waiting.length > 0 && (
          <Button minHeight="touch" disabled={!isReady} onClick={() => void begin(waiting)}>
            {t('group.beginAll')}
          </Button>
        )}
        {isEnded && (
          <EndOthers others={others} onEnd={(id) => sayIn(id, { kind: 'lesson_ended', payload: {} })} />
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

/** What is always said before a lesson. */
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

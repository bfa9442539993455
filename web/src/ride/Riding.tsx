import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { useMemo, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { limitsOf } from '../look'
import { clockOffsets } from '../record'
import type { Rein, Response, Segment, Strength, Tally } from '../record'
import { SeePanel } from '../see'
import type { Seen } from '../see'
import type { KeptPacket } from '../store'
import { clock } from '../text/format'
import { Button } from '../ui/Button'
import { useAwake } from '../ui/useAwake'
import { lastStanding } from './choose'
import { LastLine } from './LastLine'
import { NudgeLine } from './NudgeLine'
import { OutboxLine } from './OutboxLine'
import { Pad } from './Pad'
import { PlanLine } from './PlanLine'
import { positionIn, turnsOf } from './planned'
import { Recent } from './Recent'
import { ReinClock } from './ReinClock'
import { SegmentBar } from './SegmentBar'
import { useKeys } from './useKeys'
import { useNow } from './useNow'
import { turnMs, useNudge } from './useNudge'
import { useSegment } from './useSegment'
import type { Recorder, TakenBack } from './useRide'

interface RidingProps {
  kept: KeptPacket
  recorder: Recorder
  segment: Segment
}

/** The pad and what stands round it. */
export function Riding({ kept, recorder, segment }: RidingProps) {
  const { t } = useTranslation()
  const { ride, say } = recorder
  useAwake()
  const { lesson, rungs, plan: planned } = kept.packet
  // as the log has it: times of its entries and of now must be corrected alike, also when the packet came again
  const offsets = useMemo(() => clockOffsets(recorder.entries), [recorder.entries])
  const nowMs = useNow() + (offsets.get(recorder.device) ?? kept.offsetMs)
  const [undone, setUndone] = useState<TakenBack>()
  const [isSeeing, setSeeing] = useState(false)
  const last = lastStanding(recorder.entries, ride.voided, recorder.device)

  const tell = (kind: string, payload: object) => {
    setUndone(undefined)
    return say({ kind, payload: { ...payload } })
  }
  const resting = ride.rests.at(-1)
  const isResting = resting?.endMs === null
  const { change, current } = useSegment(rungs, segment, isResting, (said) => tell(said.kind, said.payload))
  const nudge = useNudge(ride, segment, nowMs, planned.nudges)
  const turns = turnsOf(planned.plan, limitsOf(ride.looks.at(-1)?.seen))
  const touch = async (strength: Strength, response: Response) =>
    tell('exchange', { segment: await current(), strength, response })
  const see = async (seen: Seen) => {
    setSeeing(false)
    const { kind, ...rest } = seen
    await tell(kind, 'exchange' in rest ? rest : { ...rest, segment: await current() })
  }
  const undo = async () => {
    const taken = await recorder.takeBack()
    if (taken) setUndone(taken)
  }
  const armed = useKeys({
    onTouch: (...at) => void touch(...at),
    onRein: (rein) => change({ rein }),
    onUndo: () => void undo(),
    onSee: () => setSeeing((is) => !is),
  })
  const side = segment.rein === 'NONE' ? null : segment.rein
  const names = new Map(rungs.map((r) => [r.exercise, r.name]))
  const exerciseName = (exercise: string) => names.get(exercise) ?? exercise

  // on a phone it stands where the names are, so that the pad keeps its size
  const says = isResting ? (
    <RestLine role="status">{t('ride.resting', { time: clock(nowMs - resting.atMs) })}</RestLine>
  ) : (
    nudge && <NudgeLine nudge={nudge} rules={planned.nudges} />
  )

  return (
    <Grid
      as="main"
      data-riding
      height="100dvh"
      minHeight="640px"
      padding={{ base: '2.5', lg: '6' }}
      gap={{ base: '2', lg: '4' }}
      columnGap={{ lg: '10' }}
      gridTemplateRows={{ base: 'auto auto 1fr auto auto', lg: 'auto auto auto 1fr auto' }}
      gridTemplateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 7fr) minmax(0, 5fr)' }}
      maxWidth="1320px"
      marginX="auto"
    >
      <Flex align="center" gap="3" gridColumn="1 / -1">
        <Box flex="1" minWidth="0" display={{ base: says ? 'none' : 'block', lg: 'block' }}>
          <chakra.h1 fontSize={{ base: 'lg', lg: '3xl' }} fontWeight="760" truncate>
            {lesson.horse}{' '}
            <chakra.span fontWeight="400">
              {t('pair.and')} {lesson.rider}
            </chakra.span>
          </chakra.h1>
          <OutboxLine outbox={recorder.outbox} lesson={lesson.id} />
        </Box>
        {says && (
          <Box flex="1" minWidth="0" display={{ lg: 'none' }}>
            <chakra.h1 srOnly>{lesson.horse}</chakra.h1>
            {says}
          </Box>
        )}
        <chakra.span fontFamily="heading" fontSize="xl" fontVariantNumeric="tabular-nums" role="timer">
          {clock(nowMs - (ride.startedAtMs ?? nowMs))}
        </chakra.span>
        <Button onClick={() => void tell('lesson_ended', {})}>{t('ride.end')}</Button>
      </Flex>
      {isSeeing && (
        <Box gridColumn={{ lg: '2' }} gridRow="2 / 6" minHeight="0">
          <SeePanel
            marks={ride.marks}
            lastAsk={ride.exchanges.at(-1)?.id}
            onSay={(seen) => void see(seen)}
            onClose={() => setSeeing(false)}
          />
        </Box>
      )}
      <Box gridColumn={{ lg: '2' }} gridRow={{ lg: '2' }} display={isSeeing ? 'none' : 'block'}>
        <ReinClock
          leftMs={reinMs(recorder, segment, 'LEFT', nowMs)}
          rightMs={reinMs(recorder, segment, 'RIGHT', nowMs)}
          now={side}
        />
      </Box>
      <Box
        gridColumn={{ lg: '2' }}
        gridRow={{ lg: '3' }}
        display={{ base: 'none', lg: isSeeing ? 'none' : 'block' }}
      >
        {says}
      </Box>
      <Flex
        gridColumn={{ lg: '1' }}
        gridRow={{ lg: '2 / 6' }}
        minHeight="0"
        display={{ base: isSeeing ? 'none' : 'flex', lg: 'flex' }}
      >
        <Pad
          side={side}
          counts={tallyOf(ride.tallies, segment)?.counts}
          armed={armed}
          onTouch={(...at) => void touch(...at)}
        />
      </Flex>
      <Box gridColumn={{ lg: '2' }} gridRow={{ lg: '5' }} display={isSeeing ? 'none' : 'block'}>
        <LastLine
          last={last}
          undone={undone?.entry}
          exerciseName={exerciseName}
          onUndo={() => void undo()}
          onSee={() => setSeeing(true)}
          onRest={isResting ? undefined : () => void tell('rest', {})}
          onPutBack={() => undone && void tell('void', { target: undone.by })}
          onNote={(text) => void tell('note', { text })}
        />
      </Box>
      <Flex
        gridColumn={{ lg: '2' }}
        gridRow={{ lg: '4' }}
        direction="column"
        gap={{ base: '2', lg: '4' }}
        minHeight="0"
        display={isSeeing ? 'none' : 'flex'}
      >
        {turns.length > 0 && (
          <PlanLine
            plan={planned.plan}
            turns={turns}
            at={positionIn(turns, ride.segments)}
            turnMs={turnMs(ride, nowMs)}
            mounted={segment.mounted}
            rungs={rungs}
            onChange={change}
          />
        )}
        <SegmentBar rungs={rungs} now={segment} plan={planned.plan} onChange={change} />
        <Box flex="1" minHeight="0" overflow="hidden" display={{ base: 'none', lg: 'block' }}>
          <Recent entries={recorder.entries} voided={ride.voided} exerciseName={exerciseName} />
        </Box>
        <chakra.p fontSize="sm" color="quiet" display={{ base: 'none', lg: 'block' }}>
          <chakra.b>{t('ride.shortcuts')}</chakra.b> {t('ride.keys')}
        </chakra.p>
      </Flex>
    </Grid>
  )
}

const RestLine = chakra('p', {
  base: { background: 'goodSoft', borderRadius: 'key', paddingX: '3', paddingY: '1.5', fontWeight: '720' },
})

function reinMs({ ride }: Recorder, segment: Segment, rein: Rein, nowMs: number): number {
  const running = segment.rein === rein && segment.endMs === null ? Math.max(0, nowMs - segment.atMs) : 0
  return ride.reinMs[rein] + running
}

function tallyOf(tallies: Tally[], s: Segment): Tally | undefined {
  return tallies.find(
    (c) =>
      c.exercise === s.exercise &&
      c.gait === s.gait &&
      c.place === s.place &&
      c.rein === s.rein &&
      c.mounted === s.mounted,
  )
}

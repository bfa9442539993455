import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { useCallback, useMemo, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { limitsOf } from '../look'
import { clockOffsets } from '../record'
import type { Rein, Response, Segment, Strength } from '../record'
import type { Seen } from '../see'
import type { KeptPacket } from '../store'
import { clock } from '../text/format'
import { Button } from '../ui/Button'
import { useHand } from '../ui/hand'
import { useAwake } from '../ui/useAwake'
import { useSteady } from '../ui/useSteady'
import { AnyPad } from './AnyPad'
import { lastStanding } from './choose'
import { LastLine } from './LastLine'
import { NudgeLine } from './NudgeLine'
import { OutboxLine } from './OutboxLine'
import { Over } from './Over'
import type { Open } from './Over'
import { PlanLine } from './PlanLine'
import { positionIn, turnsOf } from './planned'
import { quietly } from './quietly'
import { Recent } from './Recent'
import { ReinClock } from './ReinClock'
import { SegmentBar } from './SegmentBar'
import { saidNow } from './standing'
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
  const { lesson, rungs, usual, plan: planned } = kept.packet
  // as the log has it: times of its entries and of now must be corrected alike, also when the packet came again
  const offsets = useMemo(() => clockOffsets(recorder.entries), [recorder.entries])
  const nowMs = useNow() + (offsets.get(recorder.device) ?? kept.offsetMs)
  const [undone, setUndone] = useState<TakenBack>()
  const [open, setOpen] = useState<Open>()
  const isLeftHand = useHand()[0] === 'left'
  const close = () => setOpen(undefined)
  const last = lastStanding(recorder.entries, ride.voided, recorder.device)

  const tell = (kind: string, payload: object) => {
    setUndone(undefined)
    return say({ kind, payload: { ...payload } })
  }
  const resting = ride.rests.at(-1)
  const isResting = resting?.endMs === null
  const { change, current } = useSegment(kept.packet, segment, isResting, (said) =>
    tell(said.kind, said.payload),
  )
  const nudge = useNudge(ride, segment, nowMs, planned.nudges)
  const turns = turnsOf(planned.plan, limitsOf(ride.looks.at(-1)?.seen))
  const hang = async (kind: string, payload: object) => tell(kind, { segment: await current(), ...payload })
  const touch = (strength: Strength, response: Response) => hang('exchange', { strength, response })
  const see = async (seen: Seen) => {
    const { kind, ...rest } = seen
    // ticks come one after the other
    if (kind !== 'watched') close()
    await (kind === 'release' || kind === 'watched' ? tell(kind, rest) : hang(kind, rest))
  }
  // written at the touch, with its time; the sheet only says more of it
  const more = async (strength: Strength, response: Response) => {
    const ask = { strength, response }
    const { id, payload } = await hang('exchange', ask)
    setOpen({ what: 'ask', id, segment: String(payload.segment), ask })
  }
  const undo = async () => {
    const taken = await recorder.takeBack()
    if (taken) setUndone(taken)
  }
  const toggle = (what: 'seen' | 'figure' | 'touches') =>
    setOpen((now) => (now?.what === what ? undefined : { what }))
  const onTouch = useSteady((...at: Parameters<typeof touch>) => quietly(touch(...at)))
  const onMore = useSteady((...at: Parameters<typeof more>) => quietly(more(...at)))
  const onChange = useSteady(change)
  const onFigure = useSteady(() => setOpen({ what: 'figure' }))
  const armed = useKeys({
    onTouch,
    onMore,
    onRein: (rein) => change({ rein }),
    onUndo: () => quietly(undo()),
    onSee: () => toggle('seen'),
    onTouches: () => toggle('touches'),
    onFigure: () => toggle('figure'),
    isElsewhere: open !== undefined,
  })
  const side = segment.rein === 'NONE' ? null : segment.rein
  const names = useMemo(() => new Map(rungs.map((r) => [r.exercise, r.name])), [rungs])
  const exerciseName = useCallback((exercise: string) => names.get(exercise) ?? exercise, [names])

  // on a phone it stands where the names are, so that the pad keeps its size
  const says = isResting ? (
    <RestLine role="status">{t('ride.resting', { time: clock(nowMs - resting.atMs) })}</RestLine>
  ) : (
    nudge && <NudgeLine nudge={nudge} rules={planned.nudges} />
  )
  const [pad, keys] = isLeftHand ? ['2', '1'] : ['1', '2']
  // a touch that was not kept is worth more than a nudge
  const isSaid = says !== null && recorder.lost === undefined
  const isCovered = open !== undefined

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
      gridTemplateColumns={{
        base: 'minmax(0, 1fr)',
        lg: isLeftHand ? 'minmax(0, 5fr) minmax(0, 7fr)' : 'minmax(0, 7fr) minmax(0, 5fr)',
      }}
      maxWidth="1320px"
      marginX="auto"
    >
      <Flex
        align="center"
        gap="3"
        gridColumn="1 / -1"
        flexDirection={{ base: isLeftHand ? 'row-reverse' : 'row', lg: 'row' }}
      >
        <Box flex="1" minWidth="0" display={{ base: isSaid ? 'none' : 'block', lg: 'block' }}>
          <chakra.h1 fontSize={{ base: 'lg', lg: '3xl' }} fontWeight="760" truncate>
            {lesson.horse}{' '}
            <chakra.span fontWeight="400">
              {t('pair.and')} {lesson.rider}
            </chakra.span>
          </chakra.h1>
          <OutboxLine recorder={recorder} lesson={lesson.id} />
        </Box>
        {isSaid && (
          <Box flex="1" minWidth="0" display={{ lg: 'none' }}>
            <chakra.h1 srOnly>{lesson.horse}</chakra.h1>
            {says}
            <OutboxLine recorder={recorder} lesson={lesson.id} isShort />
          </Box>
        )}
        <chakra.span fontFamily="heading" fontSize="xl" fontVariantNumeric="tabular-nums" role="timer">
          {clock(nowMs - (ride.startedAtMs ?? nowMs))}
        </chakra.span>
        <Button onClick={() => quietly(tell('lesson_ended', {}))}>{t('ride.end')}</Button>
      </Flex>
      {open && (
        <Box gridColumn={{ lg: keys }} gridRow="2 / 6" minHeight="0">
          <Over
            open={open}
            kept={kept}
            recorder={recorder}
            segment={segment}
            exerciseName={exerciseName}
            onSee={(seen) => quietly(see(seen))}
            onFigure={change}
            onOpen={setOpen}
            onTell={tell}
          />
        </Box>
      )}
      <Box gridColumn={{ lg: keys }} gridRow={{ lg: '2' }} display={isCovered ? 'none' : 'block'}>
        <ReinClock
          leftMs={reinMs(recorder, segment, 'LEFT', nowMs)}
          rightMs={reinMs(recorder, segment, 'RIGHT', nowMs)}
          now={side}
        />
      </Box>
      <Box
        gridColumn={{ lg: keys }}
        gridRow={{ lg: '3' }}
        display={{ base: 'none', lg: isCovered ? 'none' : 'block' }}
      >
        {says}
      </Box>
      <Flex
        gridColumn={{ lg: pad }}
        gridRow={{ lg: '2 / 6' }}
        // on a low screen the page scrolls: no key gets smaller than a thumb, and nothing lies over another
        minHeight={{ base: 'auto', lg: '0' }}
        display={{ base: isCovered ? 'none' : 'flex', lg: 'flex' }}
      >
        <AnyPad
          usual={usual}
          ride={ride}
          segment={segment}
          armed={armed}
          nowMs={nowMs}
          onTouch={onTouch}
          onMore={onMore}
          onHang={(kind, payload) => quietly(hang(kind, payload))}
          onAmend={(target, payload) => quietly(tell('amend', { target, payload }))}
        />
      </Flex>
      <Box gridColumn={{ lg: keys }} gridRow={{ lg: '5' }} display={isCovered ? 'none' : 'block'}>
        <LastLine
          last={last && saidNow(ride, recorder.entries, last)}
          undone={undone && saidNow(ride, recorder.entries, undone.entry)}
          exerciseName={exerciseName}
          onUndo={() => quietly(undo())}
          onSee={() => setOpen({ what: 'seen' })}
          onTouches={() => setOpen({ what: 'touches' })}
          onRest={isResting ? undefined : () => quietly(tell('rest', {}))}
          onPutBack={() => undone && quietly(tell('void', { target: undone.by }))}
          onNote={(text) => quietly(tell('note', { text }))}
        />
      </Box>
      <Flex
        gridColumn={{ lg: keys }}
        gridRow={{ lg: '4' }}
        direction="column"
        gap={{ base: '2', lg: '4' }}
        minHeight="0"
        display={isCovered ? 'none' : 'flex'}
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
        <SegmentBar rungs={rungs} now={segment} plan={planned.plan} onChange={onChange} onFigure={onFigure} />
        <Box flex="1" minHeight="0" overflow="hidden" display={{ base: 'none', lg: 'block' }}>
          <Recent entries={recorder.entries} ride={ride} exerciseName={exerciseName} />
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

import { Box, chakra, Flex, useMediaQuery } from '@chakra-ui/react'
import { useCallback, useMemo } from 'react'
import { useText } from '../text'
import {
  AnyPad,
  isLatched,
  LastLine,
  LatchKey,
  MomentKeys,
  padOf,
  Recent,
  ReinTime,
  saidNow,
  SegmentBar,
} from '../capture'
import { limitsOf } from '../look'
import { Times } from '../record'
import type { Ride, Segment } from '../record'
import { SensorStrip, useLive } from '../sensor'
import { lastStanding } from '../recorder'
import type { Recorder } from '../recorder'
import { WrongDrawer } from '../safety'
import type { StoredPacket } from '../store'
import { useAwake } from '../ui'
import { ConeLine } from './ConeLine'
import { GroupBar } from './GroupBar'
import { GroupTally } from './GroupTally'
import { Layout } from './Layout'
import { NudgeOrRest } from './NudgeOrRest'
import { OpenDrawer } from './OpenDrawer'
import { PlanLine } from './PlanLine'
import { isProbe, positionIn, stridesSuited, turnsOf } from './planned'
import { probeNow } from './probe'
import { ProbeLine } from './ProbeLine'
import { RidingHead } from './RidingHead'
import { useAsTaught } from './useAsTaught'
import { useCommands } from './useCommands'
import { useGroup } from './useGroup'
import { turnFromMs, useNudge } from './useNudge'
import { useTallyAtTheTurn } from './useTallyAtTheTurn'

interface RidingProps {
  kept: StoredPacket
  recorder: Recorder
  segment: Segment
}

/** The pad and what stands round it. What runs by itself draws itself; a touch draws here only what it changed. */
export function Riding({ kept, recorder, segment }: RidingProps) {
  const { t } = useText()
  const { entries, ride } = recorder
  useAwake()
  const { lesson, rungs, strandNames, plan: planned } = kept.packet
  // as the log has it: times of its entries and of now must be corrected alike, also when the packet came again
  const times = useMemo(() => new Times(entries), [entries])
  const offsetMs = times.offsetMs(recorder) ?? kept.offsetMs
  const group = useGroup(kept, recorder)
  const { open, setOpen, undone, touched, tell, restFromMs, ...on } = useCommands(
    kept,
    recorder,
    segment,
    group,
  )
  // the sheet of this pair first, then the others by name
  const tally = open ? undefined : group.tally
  const nudge = useNudge(ride, segment, offsetMs, useAsTaught(kept.packet, segment.school))
  const seen = ride.looks.at(-1)?.seen
  const turns = useMemo(() => turnsOf(planned.plan, limitsOf(seen)), [planned.plan, seen])
  const at = positionIn(turns, ride.segments)
  const names = useMemo(() => new Map(rungs.map((r) => [r.exercise, r.name])), [rungs])
  const exerciseName = useCallback((exercise: string) => names.get(exercise) ?? exercise, [names])
  const { latch } = planned
  const lastAsk = ride.exchanges.at(-1)?.id
  useTallyAtTheTurn(ride, segment, on.onTallyOf)
  const last = lastStanding(entries, ride.voided, recorder.device)
  const isOnCones = kept.packet.ground.onCones.includes(segment.exercise)
  const sensor = useLive()
  const isMeasured = sensor.step !== 'OFF' && sensor.lesson === lesson.id
  const says = { nudge, rules: planned.nudges, restFromMs, offsetMs }
  // not drawn where there is no room for it, not only hidden
  const [isWide = false] = useMediaQuery(['(min-width: 62rem)'], { ssr: false })

  return (
    <>
      {open?.what === 'wrong' && (
        <WrongDrawer
          onClose={() => setOpen(undefined)}
          onChoose={(sign) => {
            setOpen(undefined)
            on.onStopSign(sign)
          }}
        />
      )}
      <Layout
        isTight={
          (latch !== null && padOf(kept.packet, segment) === 'STRENGTH') ||
          lesson.group !== null ||
          isOnCones ||
          isMeasured
        }
        head={
          <Flex direction="column" gap={{ base: '1.5', lg: '3' }}>
            <GroupBar
              lesson={lesson}
              states={group.states}
              allTo={otherRein(segment)}
              onAll={on.onReinOfAll}
            />
            <RidingHead
              lesson={lesson}
              outbox={recorder.outbox}
              isLost={recorder.lost !== undefined}
              startedAtMs={ride.startedAtMs}
              hereFromMs={restFromMs === null ? segment.atMs : null}
              onEnd={on.onEnd}
              onWrong={on.onWrong}
              {...says}
            />
            {isMeasured && <SensorStrip onOpen={on.onSensor} />}
          </Flex>
        }
        drawer={
          open && open.what !== 'wrong' ? (
            <OpenDrawer
              open={open}
              kept={kept}
              recorder={recorder}
              segment={segment}
              exerciseName={exerciseName}
              onSee={on.onSee}
              onFigure={on.onChange}
              onOpen={setOpen}
              onTell={tell}
            />
          ) : tally ? (
            <GroupTally tally={tally} exerciseName={exerciseName} onTallied={group.onTallied} />
          ) : undefined
        }
        clock={<ReinTime ridden={ride.reinMs} now={segment} offsetMs={offsetMs} />}
        nudge={<NudgeOrRest {...says} />}
        pad={
          <AnyPad
            known={kept.packet}
            landingLead={kept.packet.settled.landingLead}
            suited={stridesSuited(kept.packet.ground)}
            ride={ride}
            segment={segment}
            touched={touched}
            offsetMs={offsetMs}
            onTouch={on.onTouch}
            onMore={on.onMore}
            onHang={on.onHang}
            onAmend={on.onAmend}
          />
        }
        keys={
          <>
            {latch && (
              <LatchKey
                name={latch.name}
                side={latch.side}
                isOn={isLatched(ride, latch)}
                onSwitch={(isOn) => on.onLatch(latch, isOn)}
              />
            )}
            <MomentKeys
              onPraise={on.onPraise}
              onCorrection={on.onCorrection}
              onRest={on.onRest}
              isResting={restFromMs !== null}
              onTally={on.onTally}
            />
            <LastLine
              last={last && saidNow(ride, entries, last)}
              undone={undone && saidNow(ride, entries, undone.entry)}
              exerciseName={exerciseName}
              onUndo={on.onUndo}
              onSlip={on.onSlip}
              maySpeak={kept.packet.maySpeak}
              onSpeak={on.onSpeak}
              canSlip={lastAsk !== undefined && !isSlip(ride, lastAsk)}
              onSee={on.onSeen}
              onTouches={on.onTouches}
              onPutBack={on.onPutBack}
              onNote={on.onNote}
            />
          </>
        }
        bar={
          <>
            {isOnCones && <ConeLine key={segment.exercise} parts={kept.packet.ground.coneParts} />}
            <ProbeLine
              probe={probeNow(ride, segment, planned.probeAsks)}
              isPlanned={isProbe(planned.plan, turns, at)}
              exerciseName={exerciseName}
              onAsk={on.onProbe}
              onTakeBack={on.onTakeBack}
              onHelped={on.onHelped}
              onChange={on.onChange}
            >
              {turns.length > 0 ? (
                <PlanLine
                  plan={planned.plan}
                  turns={turns}
                  at={at}
                  turnFromMs={turnFromMs(ride)}
                  offsetMs={offsetMs}
                  mounted={segment.mounted}
                  rungs={rungs}
                  onChange={on.onChange}
                />
              ) : undefined}
            </ProbeLine>
            <SegmentBar
              rungs={rungs}
              names={strandNames}
              now={segment}
              plan={planned.plan}
              ridden={ride.reinMs}
              offsetMs={offsetMs}
              onChange={on.onChange}
              onFigure={on.onFigure}
              ownGait={kept.packet.known.ownGait}
            />
            {isWide && (
              <Box flex="1" minHeight="0" overflow="hidden">
                <Recent entries={entries} ride={ride} exerciseName={exerciseName} />
              </Box>
            )}
            <chakra.details fontSize="sm" color="quiet" display={{ base: 'none', lg: 'block' }}>
              <chakra.summary cursor="pointer" fontWeight="700">
                {t('ride.shortcuts')}
              </chakra.summary>
              {t('ride.keys')}
            </chakra.details>
          </>
        }
      />
    </>
  )
}

/** Onto which one key brings all; none where this pair is on no rein. */
function otherRein({ rein }: Segment): 'LEFT' | 'RIGHT' | undefined {
  if (rein === 'NONE') return undefined
  return rein === 'LEFT' ? 'RIGHT' : 'LEFT'
}

function isSlip(ride: Ride, exchange: string): boolean {
  return ride.marks.some(({ said }) => said.kind === 'slip' && said.exchange === exchange)
}

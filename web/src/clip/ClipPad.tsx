import { Box, chakra, Flex } from '@chakra-ui/react'
import { ChevronDown } from 'lucide-react'
import { useCallback, useMemo, useState } from 'react'
import { AnyPad, asRidden, LastLine, saidNow, SegmentBar, Spoken } from '../capture'
import type { Ride, Segment } from '../record'
import { detach, lastStanding } from '../recorder'
import type { Recorder } from '../recorder'
import { OpenDrawer, useCommands } from '../ride'
import { WrongDrawer } from '../safety'
import type { StoredPacket } from '../store'
import { useText } from '../text'
import { Button, Card } from '../ui'
import { aidsOf } from './clips'
import type { Clip } from './clips'
import { LinkClip } from './LinkClip'
import { restsAfter, segmentAt } from './onClip'
import type { Player } from './player'
import { TimedAsks } from './TimedAsks'
import { TimingKeys } from './TimingKeys'
import { TimingLines } from './TimingLines'
import { PROMPT_MS, timings } from './timings'
import { useWhere } from './usePlaying'
import { useTimedPad } from './useTimedPad'
import type { TimedPad } from './useTimedPad'

interface ClipPadProps {
  clip: Clip
  /** All of the lesson. */
  clips: readonly Clip[]
  recorder: Recorder
  kept: StoredPacket
  player: Player
}

/** The pad of Ride on the clip's time: what is touched takes the moment of the frame that is seen. */
export function ClipPad({ clip, clips, recorder, kept, player }: ClipPadProps) {
  const { t } = useText()
  const [isLinking, setLinking] = useState(false)
  const { ride } = recorder
  const { startMs } = clip
  const { rungs } = kept.packet
  const names = useMemo(() => new Map(rungs.map((r) => [r.exercise, r.name])), [rungs])
  const exerciseName = useCallback((exercise: string) => names.get(exercise) ?? exercise, [names])
  const now = useWhere(player, (atMs) =>
    startMs === undefined ? undefined : segmentAt(ride.segments, startMs + atMs)?.id,
  )
  const segment = ride.segments.find((s) => s.id === now)
  const pad = useTimedPad(clip, recorder, player)
  const said = useMemo(() => ({ ...timings(clip.timing), aids: aidsOf(clip) }), [clip])
  if (startMs === undefined || isLinking) {
    return (
      <LinkClip
        clip={clip}
        clips={clips}
        recorder={recorder}
        kept={kept}
        player={player}
        exerciseName={exerciseName}
        onLinked={() => setLinking(false)}
      />
    )
  }
  return (
    <Flex direction="column" gap="3">
      {segment ? (
        <PadOnClip kept={kept} pad={pad} ride={ride} segment={segment} exerciseName={exerciseName} />
      ) : (
        <NothingHere pad={pad} ride={ride} player={player} startMs={startMs} exerciseName={exerciseName} />
      )}
      <Card>
        <TimingLines {...said} promptWithinMs={PROMPT_MS} strideS={clip.measured.at(-1)?.says?.strideS} />
        <TimedAsks
          clip={clip}
          player={player}
          ride={ride}
          current={pad.ask?.id}
          exerciseName={exerciseName}
          onChoose={(id, atMs) => {
            pad.choose(id)
            player.show(atMs)
          }}
        />
        <Button look="bare" onClick={() => setLinking(true)}>
          {t('clip.link.anew')}
        </Button>
      </Card>
    </Flex>
  )
}

interface PadOnClipProps {
  kept: StoredPacket
  pad: TimedPad
  ride: Ride
  segment: Segment
  exerciseName: (exercise: string) => string
}

interface NothingHereProps {
  pad: TimedPad
  ride: Ride
  player: Player
  startMs: number
  exerciseName: (exercise: string) => string
}

/** Where nothing is ridden: before the work and after it, and while the rider rests, from where what was ridden goes on at one touch. */
function NothingHere({ pad, ride, player, startMs, exerciseName }: NothingHereProps) {
  const { t } = useText()
  const last = useWhere(player, (atMs) => restsAfter(ride, startMs + atMs)?.id)
  const before = ride.segments.find((s) => s.id === last)
  if (!before)
    return (
      <Card>
        <p>{t('clip.pad.notRidden')}</p>
      </Card>
    )
  const goOn = () => {
    detach(pad.recorder.say({ kind: 'segment', payload: asRidden(before) }))
  }
  const takeBack = () => {
    const rest = ride.rests.findLast((r) => r.atMs <= startMs + player.now().atMs)
    if (rest) detach(pad.recorder.say({ kind: 'void', payload: { target: rest.id } }))
  }
  return (
    <Card>
      <p>{t('clip.pad.rests')}</p>
      <Button look="act" marginTop="2" width="100%" paddingY="2" onClick={goOn}>
        <span>
          {t('clip.pad.goOn')}: <Spoken said={{ kind: 'segment', ...before }} exerciseName={exerciseName} />
        </span>
      </Button>
      <Button look="bare" marginTop="1" onClick={takeBack}>
        {t('clip.pad.noRest')}
      </Button>
    </Card>
  )
}

/** No group goes with a clip. */
const ALONE = { onAll: () => undefined, onGo: () => undefined, tally: undefined }

function PadOnClip({ kept, pad, ride, segment, exerciseName }: PadOnClipProps) {
  const { packet, offsetMs } = kept
  const { recorder } = pad
  const { entries } = recorder
  const { open, setOpen, undone, touched, tell, ...on } = useCommands(kept, recorder, segment, ALONE)
  const last = useMemo(
    () => lastStanding(entries, ride.voided, recorder.device),
    [entries, ride.voided, recorder.device],
  )
  const lastAsk = ride.exchanges.at(-1)?.id
  if (open?.what === 'wrong') {
    return (
      <WrongDrawer
        onClose={() => setOpen(undefined)}
        onChoose={(sign) => {
          setOpen(undefined)
          on.onStopSign(sign)
        }}
      />
    )
  }
  if (open) {
    return (
      <Box minHeight="28rem" display="flex" flexDirection="column">
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
      </Box>
    )
  }
  return (
    <Flex direction="column" gap="2" data-clip-pad>
      <details>
        <chakra.summary
          minHeight="touch"
          display="flex"
          alignItems="center"
          justifyContent="space-between"
          gap="2"
          cursor="pointer"
          fontWeight="650"
        >
          <span>
            <Spoken said={{ kind: 'segment', ...segment }} exerciseName={exerciseName} />
          </span>
          <ChevronDown size={20} aria-hidden />
        </chakra.summary>
        <SegmentBar
          rungs={packet.rungs}
          names={packet.strandNames}
          now={segment}
          plan={packet.plan.plan}
          ridden={ride.reinMs}
          offsetMs={offsetMs}
          onChange={on.onChange}
          onFigure={on.onFigure}
          ownGait={packet.known.ownGait}
        />
      </details>
      <TimingKeys
        pad={pad}
        onPraise={on.onPraise}
        onCorrection={on.onCorrection}
        onRest={on.onRest}
        onWrong={on.onWrong}
      />
      {/* at the table a touch need not be found without looking */}
      <Flex height="19rem" css={{ '--chakra-sizes-pad': 'var(--chakra-sizes-touch)' }}>
        <AnyPad
          known={packet}
          landingLead={packet.settled.landingLead}
          ride={ride}
          segment={segment}
          touched={touched}
          offsetMs={offsetMs}
          onTouch={on.onTouch}
          onMore={on.onMore}
          onHang={on.onHang}
          onAmend={on.onAmend}
        />
      </Flex>
      <LastLine
        last={last && saidNow(ride, entries, last)}
        undone={undone && saidNow(ride, entries, undone.entry)}
        exerciseName={exerciseName}
        onUndo={on.onUndo}
        onSlip={on.onSlip}
        maySpeak={packet.maySpeak}
        onSpeak={on.onSpeak}
        canSlip={
          lastAsk !== undefined &&
          !ride.marks.some((m) => m.said.kind === 'slip' && m.said.exchange === lastAsk)
        }
        onSee={on.onSeen}
        onTouches={on.onTouches}
        onPutBack={on.onPutBack}
        onNote={on.onNote}
      />
    </Flex>
  )
}

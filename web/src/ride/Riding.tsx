import { Box, chakra, Flex, useMediaQuery } from '@chakra-ui/react'
import { useCallback, useLayoutEffect, useMemo, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { limitsOf } from '../look'
import { tallyKey, Times } from '../record'
import type { Kind, Response, Segment, Strength } from '../record'
import { WrongDrawer } from '../safety'
import type { Seen } from '../see'
import type { StoredPacket, Said } from '../store'
import { ACROSS } from '../theme'
import { useHand, useAwake, useSteady } from '../ui'
import {
  AnyPad,
  MomentKeys,
  ReinTime,
  LastLine,
  Recent,
  SegmentBar,
  saidNow,
  PendingTouches,
  useKeys,
  useSegment,
} from '../capture'
import { OpenDrawer } from './OpenDrawer'
import type { Open } from './OpenDrawer'
import { PlanLine } from './PlanLine'
import { positionIn, turnsOf } from './planned'
import { detach, lastStanding } from '../recorder'
import { RidingHead } from './RidingHead'
import { NudgeOrRest } from './NudgeOrRest'
import { turnFromMs, useNudge } from './useNudge'
import type { Recorder, TakeBack } from '../recorder'

interface RidingProps {
  kept: StoredPacket
  recorder: Recorder
  segment: Segment
}

/** The pad and what stands round it. What runs by itself draws itself; a touch draws here only what it changed. */
export function Riding({ kept, recorder, segment }: RidingProps) {
  const { t } = useTranslation()
  const { entries, ride, say, takeBack } = recorder
  useAwake()
  const { lesson, rungs, usual, plan: planned } = kept.packet
  // as the log has it: times of its entries and of now must be corrected alike, also when the packet came again
  const times = useMemo(() => new Times(entries), [entries])
  const offsetMs = times.offsetMs(recorder) ?? kept.offsetMs
  const [undone, setUndone] = useState<TakeBack>()
  const [open, setOpen] = useState<Open>()
  const [touched] = useState(() => new PendingTouches())
  useLayoutEffect(() => touched.settle((id) => entries.some((e) => e.id === id)), [touched, entries])
  const isLeftHand = useHand()[0] === 'left'
  const last = lastStanding(entries, ride.voided, recorder.device)

  // what is told is put together from parts here; the store writes only what its kind may say
  const tell = (kind: Kind, payload: object) => {
    setUndone(undefined)
    return say({ kind, payload } as Said)
  }
  const rest = ride.rests.at(-1)
  const isResting = rest?.endMs === null
  const { change, current } = useSegment(kept.packet, segment, isResting, (said) =>
    tell(said.kind, said.payload),
  )
  const nudge = useNudge(ride, segment, offsetMs, planned)
  const seen = ride.looks.at(-1)?.seen
  const turns = useMemo(() => turnsOf(planned.plan, limitsOf(seen)), [planned.plan, seen])
  const hang = async (kind: Kind, payload: object) => tell(kind, { segment: await current(), ...payload })
  const touch = (strength: Strength, response: Response) => {
    const written = hang('exchange', { strength, response })
    touched.add(tallyKey(segment), strength, response, written)
    return written
  }
  const see = async (what: Seen) => {
    const { kind, ...said } = what
    // ticks come one after the other
    if (kind !== 'watched') setOpen(undefined)
    await (kind === 'release' || kind === 'watched' ? tell(kind, said) : hang(kind, said))
  }
  // written at the touch, with its time; the sheet only says more of it
  const more = async (strength: Strength, response: Response) => {
    const ask = { strength, response }
    const { id, payload } = await touch(strength, response)
    setOpen({ what: 'ask', id, segment: String(payload.segment), ask })
  }
  const undo = async () => {
    const taken = await takeBack()
    if (taken) setUndone(taken)
  }
  const toggle = (what: 'seen' | 'figure' | 'touches') =>
    setOpen((now) => (now?.what === what ? undefined : { what }))
  const onTouch = useSteady((...at: Parameters<typeof touch>) => detach(touch(...at)))
  const onMore = useSteady((...at: Parameters<typeof more>) => detach(more(...at)))
  const onChange = useSteady(change)
  const onFigure = useCallback(() => setOpen({ what: 'figure' }), [])
  const onSeen = useCallback(() => setOpen({ what: 'seen' }), [])
  const onTouches = useCallback(() => setOpen({ what: 'touches' }), [])
  const onUndo = useSteady(() => detach(undo()))
  const onRest = useSteady(() => detach(tell('rest', {})))
  const onPraise = useSteady(() => detach(hang('praise', {})))
  const onCorrection = useSteady((made: boolean) => detach(hang('correction', { made })))
  const onPutBack = useSteady(() => undone && detach(tell('void', { target: undone.by })))
  const onWrong = useCallback(() => setOpen({ what: 'wrong' }), [])
  const onEnd = useSteady(() => detach(tell('lesson_ended', {})))
  useKeys(touched, {
    onTouch,
    onMore,
    onRein: (rein) => change({ rein }),
    onUndo,
    onSee: () => toggle('seen'),
    onTouches: () => toggle('touches'),
    onFigure: () => toggle('figure'),
    onPraise,
    onCorrected: () => onCorrection(true),
    onWrong,
    isElsewhere: open !== undefined,
  })
  const names = useMemo(() => new Map(rungs.map((r) => [r.exercise, r.name])), [rungs])
  const exerciseName = useCallback((exercise: string) => names.get(exercise) ?? exercise, [names])
  const says = { nudge, rules: planned.nudges, restFromMs: isResting ? rest.atMs : null, offsetMs }
  const [pad, keys] = isLeftHand ? ['2', '1'] : ['1', '2']
  const isCovered = open !== undefined && open.what !== 'wrong'
  // not drawn where there is no room for it, not only hidden
  const [isWide = false] = useMediaQuery(['(min-width: 62rem)'], { ssr: false })

  return (
    <Field
      data-riding
      gridTemplateColumns={{
        base: 'minmax(0, 1fr)',
        lg: isLeftHand ? 'minmax(0, 5fr) minmax(0, 7fr)' : 'minmax(0, 7fr) minmax(0, 5fr)',
      }}
      css={{ [ACROSS]: { gridTemplateColumns: 'minmax(0, 1fr) minmax(0, 1fr)' } }}
    >
      <Box gridColumn="1 / -1" css={{ [ACROSS]: { gridColumn: keys } }}>
        <RidingHead
          lesson={lesson}
          outbox={recorder.outbox}
          isLost={recorder.lost !== undefined}
          startedAtMs={ride.startedAtMs}
          hereFromMs={isResting ? null : segment.atMs}
          onEnd={onEnd}
          onWrong={onWrong}
          {...says}
        />
      </Box>
      {open?.what === 'wrong' && (
        <WrongDrawer
          onClose={() => setOpen(undefined)}
          onChoose={(sign) => {
            setOpen(undefined)
            detach(tell('stop_sign', { sign, side: 'NONE' }))
          }}
        />
      )}
      {open && open.what !== 'wrong' && (
        <Box
          gridColumn={{ lg: keys }}
          gridRow={{ base: '2 / 5', lg: '2 / 6' }}
          minHeight="0"
          css={{ [ACROSS]: { gridColumn: keys, gridRow: '2 / 7', minHeight: '620px' } }}
        >
          <OpenDrawer
            open={open}
            kept={kept}
            recorder={recorder}
            segment={segment}
            exerciseName={exerciseName}
            onSee={(what) => detach(see(what))}
            onFigure={change}
            onOpen={setOpen}
            onTell={tell}
          />
        </Box>
      )}
      <Box
        gridColumn={{ lg: keys }}
        gridRow={{ lg: '2' }}
        // on a phone it stands on the keys of the reins
        display={{ base: 'none', lg: isCovered ? 'none' : 'block' }}
      >
        <ReinTime ridden={ride.reinMs} now={segment} offsetMs={offsetMs} />
      </Box>
      <Box
        gridColumn={{ lg: keys }}
        gridRow={{ lg: '3' }}
        display={{ base: 'none', lg: isCovered ? 'none' : 'block' }}
      >
        <NudgeOrRest {...says} />
      </Box>
      <Flex
        gridColumn={{ lg: pad }}
        gridRow={{ lg: '2 / 6' }}
        // on a low screen the page scrolls: no key gets smaller than a thumb, and nothing lies over another
        minHeight={{ base: 'auto', lg: '0' }}
        display={{ base: isCovered ? 'none' : 'flex', lg: 'flex' }}
        css={{
          [ACROSS]: {
            display: 'flex',
            gridColumn: pad,
            gridRow: '1 / 7',
            // it stays where the thumb knows it
            position: 'sticky',
            top: '1',
            height: 'calc(100dvh - 8px)',
            minHeight: '366px',
          },
        }}
      >
        <AnyPad
          usual={usual}
          ride={ride}
          segment={segment}
          touched={touched}
          offsetMs={offsetMs}
          onTouch={onTouch}
          onMore={onMore}
          onHang={(kind, payload) => detach(hang(kind, payload))}
          onAmend={(target, payload) => detach(tell('amend', { target, payload }))}
        />
      </Flex>
      <Box
        gridColumn={{ lg: keys }}
        gridRow={{ lg: '5' }}
        display={isCovered ? 'none' : 'flex'}
        flexDirection="column"
        gap={{ base: '2', lg: '4' }}
        css={{ [ACROSS]: { gridColumn: keys, gridRow: '3', gap: '1' } }}
      >
        <MomentKeys onPraise={onPraise} onCorrection={onCorrection} onRest={onRest} isResting={isResting} />
        <LastLine
          last={last && saidNow(ride, entries, last)}
          undone={undone && saidNow(ride, entries, undone.entry)}
          exerciseName={exerciseName}
          onUndo={onUndo}
          onSee={onSeen}
          onTouches={onTouches}
          onPutBack={onPutBack}
          onNote={(text) => detach(tell('note', { text }))}
        />
      </Box>
      <Flex
        gridColumn={{ lg: keys }}
        gridRow={{ lg: '4' }}
        direction="column"
        gap={{ base: '2', lg: '4' }}
        minHeight="0"
        display={isCovered ? 'none' : 'flex'}
        css={{ [ACROSS]: { gridColumn: keys, gridRow: '2', gap: '1' } }}
      >
        {turns.length > 0 && (
          <PlanLine
            plan={planned.plan}
            turns={turns}
            at={positionIn(turns, ride.segments)}
            turnFromMs={turnFromMs(ride)}
            offsetMs={offsetMs}
            mounted={segment.mounted}
            rungs={rungs}
            onChange={onChange}
          />
        )}
        <SegmentBar
          rungs={rungs}
          now={segment}
          plan={planned.plan}
          ridden={ride.reinMs}
          offsetMs={offsetMs}
          onChange={onChange}
          onFigure={onFigure}
        />
        {isWide && (
          <Box flex="1" minHeight="0" overflow="hidden">
            <Recent entries={entries} ride={ride} exerciseName={exerciseName} />
          </Box>
        )}
        <chakra.p fontSize="sm" color="quiet" display={{ base: 'none', lg: 'block' }}>
          <b>{t('ride.shortcuts')}</b> {t('ride.keys')}
        </chakra.p>
      </Flex>
    </Field>
  )
}

const Field = chakra('main', {
  base: {
    display: 'grid',
    height: '100dvh',
    minHeight: '640px',
    maxWidth: '1320px',
    marginX: 'auto',
    padding: { base: '2.5', lg: '6' },
    gap: { base: '2', lg: '4' },
    columnGap: { lg: '10' },
    gridTemplateRows: { base: 'auto 1fr auto auto', lg: 'auto auto auto 1fr auto' },
    [ACROSS]: {
      height: 'auto',
      minHeight: '100dvh',
      padding: '1',
      gap: '1.5',
      gridTemplateRows: 'repeat(5, auto) 1fr',
    },
  },
})

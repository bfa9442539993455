import { SeePanel } from '../see'
import type { NewMark } from '../see'
import { momentsOf } from '../record'
import type { Kind, Segment } from '../record'
import type { StoredPacket } from '../store'
import { useText } from '../text'
import { Button } from '../ui'
import { AskDrawer, asRidden, FigureDrawer, padOf, SegmentDrawer, TallyDrawer, Touches } from '../capture'
import type { Ask, RiddenSegment } from '../capture'
import { detach } from '../recorder'
import type { Recorder } from '../recorder'
import { GroundNow } from './GroundNow'
import { SensorDrawer } from './SensorHere'

/** What stands over the controls for a moment. */
export type Open =
  | { what: 'seen' | 'figure' | 'touches' | 'sensor' }
  /** The red key: what is wrong. It covers everything, and is drawn by whoever opened it. */
  | { what: 'wrong' }
  /** More of an ask that is written already. */
  | { what: 'ask'; id: string; segment: string; ask: Ask }
  | { what: 'segment'; id: string }
  /** A turn's answers counted afterwards. */
  | { what: 'tally'; segment: string }

interface OpenDrawerProps {
  open: Exclude<Open, { what: 'wrong' }>
  kept: StoredPacket
  recorder: Recorder
  segment: Segment
  exerciseName: (exercise: string) => string
  onSee: (seen: NewMark) => void
  onFigure: (change: Partial<RiddenSegment>) => void
  onOpen: (open: Open | undefined) => void
  onTell: (kind: Kind, payload: object) => Promise<unknown>
}

/** The drawer that is open. */
export function OpenDrawer({ open, kept, recorder, segment, exerciseName, ...on }: OpenDrawerProps) {
  const { ride } = recorder
  const { t } = useText()
  const close = () => on.onOpen(undefined)
  switch (open.what) {
    case 'seen':
      return (
        <SeePanel
          marks={ride.marks}
          lastAsk={ride.exchanges.at(-1)?.id}
          segment={segment}
          watch={kept.packet.watch}
          before={kept.packet.seenBefore}
          aim={kept.packet.known.head}
          unwanted={kept.packet.known.unwanted}
          slack={kept.packet.settled.slack}
          onSay={on.onSee}
          onClose={close}
        >
          <Button onClick={() => on.onOpen({ what: 'sensor' })}>{t('sensor.title')}</Button>
        </SeePanel>
      )
    case 'sensor':
      return <SensorDrawer kept={kept} recorder={recorder} onClose={close} />
    case 'figure':
      return (
        <FigureDrawer known={kept.packet} now={segment} onChange={on.onFigure} onClose={close}>
          <GroundNow packet={kept.packet} segment={segment} />
        </FigureDrawer>
      )
    case 'touches':
      return (
        <Touches
          recorder={recorder}
          exerciseName={exerciseName}
          watch={kept.packet.watch}
          watchWeeks={kept.packet.watchWeeks}
          onTakeBack={(target) => detach(on.onTell('void', { target }))}
          onWatch={(said) => detach(on.onTell('watch', said))}
          onChange={({ id }) => {
            const ask = ride.exchanges.find((x) => x.id === id)
            on.onOpen(ask ? { what: 'ask', id, segment: ask.segment, ask } : { what: 'segment', id })
          }}
          onClose={close}
        />
      )
    case 'ask': {
      const { id, ask } = open
      const of = ride.segments.find((s) => s.id === open.segment) ?? segment
      return (
        <AskDrawer
          ask={ask}
          usual={of.aids ?? []}
          canRelease={!ride.marks.some((m) => m.said.kind === 'release' && m.said.exchange === id)}
          onClose={close}
          onKeep={(said, release) => {
            close()
            const moments = momentsOf(ride.exchanges.find((x) => x.id === id) ?? {})
            const payload = { segment: open.segment, ...said, ...moments }
            if (!isSameAsk(said, ask)) detach(on.onTell('amend', { target: id, payload }))
            if (release) detach(on.onTell('release', { exchange: id, release }))
          }}
        />
      )
    }
    case 'tally': {
      const turn = ride.segments.find((s) => s.id === open.segment) ?? segment
      return (
        <TallyDrawer
          turn={`${t(`rein.${turn.rein}`)}, ${exerciseName(turn.exercise)}`}
          hasStrength={padOf(kept.packet, turn) === 'STRENGTH'}
          onClose={close}
          onKeep={(counted) => {
            close()
            detach(on.onTell('tally', { segment: open.segment, ...counted }))
          }}
        />
      )
    }
    case 'segment': {
      const ridden = ride.segments.find((s) => s.id === open.id)
      if (!ridden) return null
      return (
        <SegmentDrawer
          known={kept.packet}
          ridden={asRidden(ridden)}
          onClose={close}
          onKeep={(figure) => {
            close()
            const payload = { ...figure, ...momentsOf(ridden) }
            detach(on.onTell('amend', { target: open.id, payload }))
          }}
        />
      )
    }
  }
}

function isSameAsk(a: Ask, b: Ask): boolean {
  const words = ({ strength, response, first, aids, order }: Ask) =>
    JSON.stringify([strength, response, first, aids, order])
  return words(a) === words(b)
}

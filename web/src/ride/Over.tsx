import { SeePanel } from '../see'
import type { Seen } from '../see'
import type { Kind, Segment } from '../record'
import type { KeptPacket } from '../store'
import { AskSheet } from './AskSheet'
import type { Ask } from './AskSheet'
import { asRidden } from './choose'
import type { Ridden } from './choose'
import { FigureSheet } from './FigureSheet'
import { quietly } from './quietly'
import { SegmentSheet } from './SegmentSheet'
import { Touches } from './Touches'
import type { Recorder } from './useRide'

/** What stands over the controls for a moment. */
export type Open =
  | { what: 'seen' | 'figure' | 'touches' }
  /** The red key: what is wrong. It covers everything, and is drawn by whoever opened it. */
  | { what: 'wrong' }
  /** More of an ask that is written already. */
  | { what: 'ask'; id: string; segment: string; ask: Ask }
  | { what: 'segment'; id: string }

interface OverProps {
  open: Exclude<Open, { what: 'wrong' }>
  kept: KeptPacket
  recorder: Recorder
  segment: Segment
  exerciseName: (exercise: string) => string
  onSee: (seen: Seen) => void
  onFigure: (change: Partial<Ridden>) => void
  onOpen: (open: Open | undefined) => void
  onTell: (kind: Kind, payload: object) => Promise<unknown>
}

/** The sheet that is open. */
export function Over({ open, kept, recorder, segment, exerciseName, ...on }: OverProps) {
  const { ride } = recorder
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
          onSay={on.onSee}
          onClose={close}
        />
      )
    case 'figure':
      return <FigureSheet now={segment} onChange={on.onFigure} onClose={close} />
    case 'touches':
      return (
        <Touches
          recorder={recorder}
          exerciseName={exerciseName}
          watch={kept.packet.watch}
          watchWeeks={kept.packet.watchWeeks}
          onTakeBack={(target) => quietly(on.onTell('void', { target }))}
          onWatch={(said) => quietly(on.onTell('watch', said))}
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
        <AskSheet
          ask={ask}
          usual={of.aids ?? []}
          canRelease={!ride.marks.some((m) => m.said.kind === 'release' && m.said.exchange === id)}
          onClose={close}
          onKeep={(said, release) => {
            close()
            const payload = { segment: open.segment, ...said }
            if (!isSameAsk(said, ask)) quietly(on.onTell('amend', { target: id, payload }))
            if (release) quietly(on.onTell('release', { exchange: id, release }))
          }}
        />
      )
    }
    case 'segment': {
      const ridden = ride.segments.find((s) => s.id === open.id)
      if (!ridden) return null
      return (
        <SegmentSheet
          known={kept.packet}
          ridden={asRidden(ridden)}
          onClose={close}
          onKeep={(payload) => {
            close()
            quietly(on.onTell('amend', { target: open.id, payload }))
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

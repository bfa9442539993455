import type { Packet } from '../api'
import { padKey } from '../record'
import type { Kind, LineDetail, Response, Ride, Segment, Strength } from '../record'
import { PolesPad, PositionPad } from './AnswerPad'
import { ChoicePad } from './ChoicePad'
import { padOf } from './choose'
import type { RungsAndAids } from './choose'
import { LinePad } from './LinePad'
import { Pad } from './Pad'
import type { PendingTouches } from './pendingTouches'

interface AnyPadProps {
  known: RungsAndAids
  /** What is done when the horse lands on the wrong lead. */
  landingLead: Packet['settled']['landingLead']
  /** Strides that suit this horse on the line that stands; undefined where none does. */
  suited?: number
  ride: Ride
  segment: Segment
  touched: PendingTouches
  offsetMs: number
  onTouch: (strength: Strength, response: Response) => void
  onMore: (strength: Strength, response: Response) => void
  /** Writes an entry that hangs on the segment ridden now. */
  onHang: (kind: Kind, payload: object) => void
  onAmend: (target: string, payload: object) => void
}

/** The pad that fits what is ridden: strengths, choices, poles, lines, or the rider's position. */
export function AnyPad({ known, landingLead, suited, ride, segment, touched, offsetMs, ...on }: AnyPadProps) {
  const pad = padOf(known, segment)
  if (pad === 'STRENGTH') {
    return (
      <Pad
        side={segment.rein === 'NONE' ? null : segment.rein}
        counts={ride.pads.find((c) => padKey(c) === padKey(segment))?.counts}
        on={padKey(segment)}
        touched={touched}
        onTouch={on.onTouch}
        onMore={on.onMore}
      />
    )
  }
  const here = new Set(ride.segments.filter((s) => padKey(s) === padKey(segment)).map((s) => s.id))
  const marks = ride.marks.filter((m) => 'segment' in m.said && here.has(m.said.segment))
  if (pad === 'CHOICE') {
    return (
      <ChoicePad
        marks={marks}
        offsetMs={offsetMs}
        onChoice={(choice, returnS) =>
          on.onHang('choice', { choice, ...(returnS !== undefined && { returnS }) })
        }
        onReward={() => on.onHang('reward', {})}
      />
    )
  }
  if (pad === 'POLES') {
    return <PolesPad marks={marks} onAnswer={(answer) => on.onHang('poles', { answer })} />
  }
  if (pad === 'POSITION') {
    return <PositionPad marks={marks} onAnswer={(answer) => on.onHang('position', { answer })} />
  }
  return (
    <LinePad
      landingLead={landingLead}
      suited={suited}
      lines={marks.filter((m) => m.said.kind === 'line')}
      onLine={(line) => on.onHang('line', line)}
      onAmend={(line, detail: LineDetail) => {
        const { kind: _, ...said } = { ...line.said, ...detail }
        on.onAmend(line.id, said)
      }}
    />
  )
}

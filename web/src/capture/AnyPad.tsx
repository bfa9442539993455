import type { Usual } from '../api'
import { tallyKey } from '../record'
import type { Kind, LineDetail, Response, Ride, Segment, Strength } from '../record'
import { ChoicePad } from './ChoicePad'
import { LinePad } from './LinePad'
import { Pad } from './Pad'
import type { PendingTouches } from './pendingTouches'

interface AnyPadProps {
  usual: Usual[]
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

/** The pad that fits what is ridden: strengths, choices, or lines. */
export function AnyPad({ usual, ride, segment, touched, offsetMs, ...on }: AnyPadProps) {
  const pad = usual.find((u) => u.exercise === segment.exercise)?.pad ?? 'STRENGTH'
  if (pad === 'STRENGTH') {
    return (
      <Pad
        side={segment.rein === 'NONE' ? null : segment.rein}
        counts={ride.tallies.find((c) => tallyKey(c) === tallyKey(segment))?.counts}
        on={tallyKey(segment)}
        touched={touched}
        onTouch={on.onTouch}
        onMore={on.onMore}
      />
    )
  }
  const here = new Set(ride.segments.filter((s) => tallyKey(s) === tallyKey(segment)).map((s) => s.id))
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
  return (
    <LinePad
      lines={marks.filter((m) => m.said.kind === 'line')}
      onLine={(line) => on.onHang('line', line)}
      onAmend={(line, detail: LineDetail) => {
        const { kind: _, ...said } = { ...line.said, ...detail }
        on.onAmend(line.id, said)
      }}
    />
  )
}

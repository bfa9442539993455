import type { Usual } from '../api'
import type { LineDetail, Response, Ride, Segment, Strength, Tally } from '../record'
import { ChoicePad } from './ChoicePad'
import { LinePad } from './LinePad'
import { Pad } from './Pad'

interface AnyPadProps {
  usual: Usual[]
  ride: Ride
  segment: Segment
  armed: Strength | null
  nowMs: number
  onTouch: (strength: Strength, response: Response) => void
  onMore: (strength: Strength, response: Response) => void
  /** Writes an entry that hangs on the segment ridden now. */
  onHang: (kind: string, payload: object) => void
  onAmend: (target: string, payload: object) => void
}

/** The pad that fits what is ridden: strengths, choices, or lines. */
export function AnyPad({ usual, ride, segment, armed, nowMs, ...on }: AnyPadProps) {
  const pad = usual.find((u) => u.exercise === segment.exercise)?.pad ?? 'STRENGTH'
  if (pad === 'STRENGTH') {
    return (
      <Pad
        side={segment.rein === 'NONE' ? null : segment.rein}
        counts={ride.tallies.find((c) => isOf(c, segment))?.counts}
        armed={armed}
        onTouch={on.onTouch}
        onMore={on.onMore}
      />
    )
  }
  const here = new Set(ride.segments.filter((s) => isOf(s, segment)).map((s) => s.id))
  const marks = ride.marks.filter((m) => 'segment' in m.said && here.has(m.said.segment))
  if (pad === 'CHOICE') {
    return (
      <ChoicePad
        marks={marks}
        nowMs={nowMs}
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

function isOf(one: Omit<Tally, 'counts'>, other: Omit<Tally, 'counts'>): boolean {
  return (
    one.exercise === other.exercise &&
    one.gait === other.gait &&
    one.place === other.place &&
    one.rein === other.rein &&
    one.mounted === other.mounted
  )
}

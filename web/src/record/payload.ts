import { HANGS_ON, LATEST, SHAPES } from './generated/kinds'
import type { Counts, Kind, MarkKind, Moment, Payloads } from './generated/kinds'
import { isPlain } from './plain'
import { readShape } from './shape'

/** What an entry of this kind says, once it has been understood. */
export type PayloadOf<K extends Kind> = { kind: K } & Payloads[K]

/** What an entry says, once its kind and version have been understood. */
export type Payload = { [K in Kind]: PayloadOf<K> }[Kind]

/** Something seen or done beside the asks. */
export type Mark = { [K in MarkKind]: PayloadOf<K> }[MarkKind]

/** What counts for this. */
export type Counting<C extends keyof Counts> = { [K in Counts[C]]: PayloadOf<K> }[Counts[C]]

/** What may be noted of a segment beside what is ridden. */
export type Figure = Pick<Payloads['segment'], 'circleM' | 'bend' | 'aids'>

/** What may be noted of an ask beside strength and answer. */
export type AskDetail = Pick<Payloads['exchange'], 'first' | 'aids' | 'order'>

/** What may be noted of a line of poles or fences beside the strides ridden. */
export type LineDetail = Omit<Payloads['line'], 'segment' | 'ridden'>

export const MARK_KINDS = Object.keys(HANGS_ON) as MarkKind[]

/** The payload of an entry of this kind and version; undefined when it is not understood. The twin of the server's. */
export function readPayload(kind: string, v: number, p: Record<string, unknown>): Payload | undefined {
  const shape = SHAPES[kind]?.[v]
  if (!shape || !isPlain(p)) return undefined
  const said = readShape(p, shape.of ?? shape)
  return said && ({ kind, ...(shape.as ? { [shape.as]: said } : said) } as unknown as Payload)
}

/** Whether entries of this kind may say when it was on a second time base. */
export function takesMoment(kind: Kind): boolean {
  return SHAPES[kind]?.[LATEST[kind]]?.may?.when !== undefined
}

/** What was read from a clip: it stays when something else of the entry is changed. */
export function momentsOf({ asked, reinforced, error, when }: Moments): Moments {
  return {
    ...(asked && { asked }),
    ...(reinforced && { reinforced }),
    ...(error && { error }),
    ...(when && { when }),
  }
}

/** The moments an entry may have on a second time base. */
export interface Moments {
  asked?: Moment
  reinforced?: Moment
  error?: Moment
  when?: Moment
}

/** The entry a mark hangs on: a segment, or the exchange of a release; undefined when it is the lesson's. */
export function hangsOn(mark: Mark): string | undefined {
  return 'segment' in mark ? mark.segment : 'exchange' in mark ? mark.exchange : undefined
}

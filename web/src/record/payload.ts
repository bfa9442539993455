import { readAids } from './aid'
import type { Aid } from './aid'
import { readLook } from './look'
import type { FirstLook } from './look'
import { readMark } from './mark'
import type { Mark } from './mark'
import { isId, isName, isOne, isWhole, oneOf, readDetail, within } from './value'
import { BENDS, GAITS, MOUNTED, ORDERS, PLACES, REINS, RESPONSES, STRENGTHS } from './words'
import type { Bend, Gait, Mounted, Order, Place, Rein, Response, Strength } from './words'

/** What an entry says, once its kind and version have been understood. */
export type Payload =
  | { kind: 'lesson_started' }
  | { kind: 'lesson_ended' }
  | { kind: 'clock'; offsetMs: number }
  | ({ kind: 'segment'; exercise: string; gait: Gait; place: Place; rein: Rein; mounted: Mounted } & Figure)
  | ({ kind: 'exchange'; segment: string; strength: Strength; response: Response } & AskDetail)
  | { kind: 'first_look'; seen: FirstLook }
  | { kind: 'rest' }
  | { kind: 'note'; text: string }
  | Mark
  | { kind: 'void'; target: string }
  | { kind: 'amend'; target: string; payload: Record<string, unknown> }

/** What may be noted of a segment beside what is ridden. */
export interface Figure {
  /** The circle's diameter. */
  circleM?: number
  bend?: Bend
  /** What is usually asked with here, with sides resolved. */
  aids?: Aid[]
}

/** What may be noted of an ask beside strength and answer. */
export interface AskDetail {
  /** The strength first asked at, at most that of the answer. */
  first?: Strength
  /** What was asked with, where it was not the segment's usual. */
  aids?: Aid[]
  order?: Order
}

/** Circles believed, by diameter in metres. */
const CIRCLE_M = { least: 6, most: 40 }
const FIGURE = { circleM: within(CIRCLE_M), bend: oneOf(BENDS), aids: isAids }
const ASK = { first: oneOf(STRENGTHS), aids: isAids, order: oneOf(ORDERS) }

export const NOTE_MAX_LENGTH = 2000
const OFFSET_MAX_MS = 315_360_000_000
/** Something other than blanks; spelled out, since Java and JavaScript do not agree on what is blank. */
const WRITTEN = /[^ \t\r\n]/

/** The payload of an entry of this kind and version; undefined when it is not understood. The twin of the server's. */
export function readPayload(kind: string, v: number, p: Record<string, unknown>): Payload | undefined {
  if (v !== 1) return undefined
  switch (kind) {
    case 'lesson_started':
    case 'lesson_ended':
    case 'rest':
      return { kind }
    case 'first_look': {
      const seen = readLook(p)
      return seen && { kind, seen }
    }
    case 'clock':
      return isWhole(p.offsetMs) && Math.abs(p.offsetMs) <= OFFSET_MAX_MS
        ? { kind, offsetMs: p.offsetMs }
        : undefined
    case 'segment':
      return readSegment(p)
    case 'exchange':
      return readExchange(p)
    case 'note':
      return typeof p.text === 'string' && WRITTEN.test(p.text) && p.text.length <= NOTE_MAX_LENGTH
        ? { kind, text: p.text }
        : undefined
    case 'void':
      return isId(p.target) ? { kind, target: p.target } : undefined
    case 'amend':
      return isId(p.target) && isObject(p.payload)
        ? { kind, target: p.target, payload: p.payload }
        : undefined
    default:
      return readMark(kind, p)
  }
}

function readSegment(p: Record<string, unknown>): Payload | undefined {
  const { exercise, gait, place, rein, mounted } = p
  const figure = readDetail<Figure>(p, FIGURE)
  return figure &&
    isName(exercise) &&
    isOne(GAITS, gait) &&
    isOne(PLACES, place) &&
    isOne(REINS, rein) &&
    isOne(MOUNTED, mounted)
    ? { kind: 'segment', exercise, gait, place, rein, mounted, ...withAids(figure) }
    : undefined
}

function readExchange(p: Record<string, unknown>): Payload | undefined {
  const { segment, strength, response } = p
  const detail = readDetail<AskDetail>(p, ASK)
  return detail &&
    isId(segment) &&
    isOne(STRENGTHS, strength) &&
    isOne(RESPONSES, response) &&
    (detail.first ?? 1) <= strength
    ? { kind: 'exchange', segment, strength, response, ...withAids(detail) }
    : undefined
}

/** Aids as they are known here: fields they do not have are passed over. */
function withAids<T extends { aids?: Aid[] }>(detail: T): T {
  return detail.aids ? { ...detail, aids: readAids(detail.aids) } : detail
}

function isAids(value: unknown): value is Aid[] {
  return readAids(value) !== undefined
}

function isObject(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value)
}

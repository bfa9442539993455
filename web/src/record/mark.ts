import { isId, isName, isOne, isWithin, oneOf, readDetail, within } from './value'
import {
  CHOICES,
  FELT,
  FOOTINGS,
  HOLD_UNITS,
  LEAD_CHANGES,
  RAILS,
  RELEASES,
  SIDES,
  SPEEDS,
  STOP_SIGNS,
  TAKE_OFFS,
} from './words'
import type {
  Choice,
  Felt,
  Footing,
  HoldUnit,
  LeadChange,
  Rail,
  Release,
  Side,
  Speed,
  StopSign,
  TakeOff,
} from './words'

/** Something seen or done beside the asks. */
export type Mark =
  | { kind: 'fault' | 'sign'; segment: string; name: string; side: Side }
  | { kind: 'correction'; segment: string; made: boolean }
  | { kind: 'release'; exchange: string; release: Release }
  | { kind: 'contact'; segment: string; side: Side; felt: Felt }
  | { kind: 'held'; segment: string; unit: HoldUnit; amount: number }
  | { kind: 'head'; segment: string; cm: number }
  | { kind: 'choice'; segment: string; choice: Choice; returnS?: number }
  | { kind: 'stop_sign'; sign: StopSign; side: Side }
  | { kind: 'reward' | 'praise'; segment: string }
  | ({ kind: 'line'; segment: string; ridden: number } & LineDetail)
  | ({ kind: 'conditions' } & Noted)
  | { kind: 'effort'; horse: Effort; rider?: Effort }
  | ({ kind: 'watch' } & OnWatch)
  | { kind: 'watched'; watch: string; seen: boolean }

/** What is looked for again for some weeks. */
export interface OnWatch {
  of: 'fault' | 'sign'
  name: string
  side: Side
  weeks: number
}

/** Ground and weather, as far as noted. */
export interface Noted {
  footing?: Footing
  temperatureC?: number
  humidityPct?: number
}

/** What may be noted of a line of poles or fences beside the strides ridden. */
export interface LineDetail {
  planned?: number | undefined
  takeOff?: TakeOff | undefined
  lead?: 'LEFT' | 'RIGHT' | undefined
  straight?: boolean | undefined
  rail?: Rail | undefined
  change?: LeadChange | undefined
  speed?: Speed | undefined
}

export type Effort = (typeof EFFORTS)[number]

/** The kinds of entry that are marks. */
export const MARK_KINDS = [
  'fault',
  'sign',
  'correction',
  'release',
  'contact',
  'held',
  'head',
  'choice',
  'reward',
  'line',
  'praise',
  'conditions',
  'effort',
  'watch',
  'watched',
  'stop_sign',
] as const satisfies Mark['kind'][]

/** Degrees Celsius and percent that are believed. */
export const TEMPERATURE_C = { least: -40, most: 60 }
export const HUMIDITY_PCT = { least: 0, most: 100 }
/** Efforts, from rest to as much as it can. */
export const EFFORTS = [0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10] as const
const HOLDS = { least: 1, most: 10_000 }
/** Ears against withers that are believed, in centimetres. */
const HEAD_CM = { least: -90, most: 120 }
const WEEKS = { least: 1, most: 26 }
const AWAY_S = { least: 0, most: 3_600 }
export const STRIDES = { least: 1, most: 30 }

const LINE = {
  planned: within(STRIDES),
  takeOff: oneOf(TAKE_OFFS),
  lead: oneOf(['LEFT', 'RIGHT'] as const),
  straight: (value: unknown): value is boolean => typeof value === 'boolean',
  rail: oneOf(RAILS),
  change: oneOf(LEAD_CHANGES),
  speed: oneOf(SPEEDS),
}
const CONDITIONS = {
  footing: oneOf(FOOTINGS),
  temperatureC: within(TEMPERATURE_C),
  humidityPct: within(HUMIDITY_PCT),
}

/** The mark of this kind; undefined when a field is missing or out of its bounds. The twin of the server's. */
export function readMark(kind: string, p: Record<string, unknown>): Mark | undefined {
  switch (kind) {
    case 'fault':
    case 'sign':
      return isId(p.segment) && isName(p.name) && isOne(SIDES, p.side)
        ? { kind, segment: p.segment, name: p.name, side: p.side }
        : undefined
    case 'correction':
      return isId(p.segment) && typeof p.made === 'boolean'
        ? { kind, segment: p.segment, made: p.made }
        : undefined
    case 'release':
      return isId(p.exchange) && isOne(RELEASES, p.release)
        ? { kind, exchange: p.exchange, release: p.release }
        : undefined
    case 'contact':
      return isId(p.segment) && isOne(SIDES, p.side) && p.side !== 'NONE' && isOne(FELT, p.felt)
        ? { kind, segment: p.segment, side: p.side, felt: p.felt }
        : undefined
    case 'held':
      return isId(p.segment) && isOne(HOLD_UNITS, p.unit) && isWithin(p.amount, HOLDS)
        ? { kind, segment: p.segment, unit: p.unit, amount: p.amount }
        : undefined
    case 'head':
      return isId(p.segment) && isWithin(p.cm, HEAD_CM) ? { kind, segment: p.segment, cm: p.cm } : undefined
    case 'choice': {
      const detail = readDetail<{ returnS: number }>(p, { returnS: within(AWAY_S) })
      return detail && isId(p.segment) && isOne(CHOICES, p.choice)
        ? { kind, segment: p.segment, choice: p.choice, ...detail }
        : undefined
    }
    case 'stop_sign':
      return isOne(STOP_SIGNS, p.sign) && isOne(SIDES, p.side)
        ? { kind, sign: p.sign, side: p.side }
        : undefined
    case 'praise':
    case 'reward':
      return isId(p.segment) ? { kind, segment: p.segment } : undefined
    case 'line': {
      const detail = readDetail<LineDetail>(p, LINE)
      return detail && isId(p.segment) && isWithin(p.ridden, STRIDES)
        ? { kind, segment: p.segment, ridden: p.ridden, ...detail }
        : undefined
    }
    case 'conditions': {
      const noted = readDetail<Noted>(p, CONDITIONS)
      return noted && Object.keys(noted).length > 0 ? { kind, ...noted } : undefined
    }
    case 'effort': {
      const rider = readDetail<{ rider: Effort }>(p, { rider: oneOf(EFFORTS) })
      return rider && isOne(EFFORTS, p.horse) ? { kind, horse: p.horse, ...rider } : undefined
    }
    case 'watch':
      return isOne(['fault', 'sign'] as const, p.of) &&
        isName(p.name) &&
        isOne(SIDES, p.side) &&
        isWithin(p.weeks, WEEKS)
        ? { kind, of: p.of, name: p.name, side: p.side, weeks: p.weeks }
        : undefined
    case 'watched':
      return isId(p.watch) && typeof p.seen === 'boolean' ? { kind, watch: p.watch, seen: p.seen } : undefined
    default:
      return undefined
  }
}

/** The entry a mark hangs on: a segment, or the exchange of a release; undefined when it is the lesson's. */
export function hangsOn(mark: Mark): string | undefined {
  return 'segment' in mark ? mark.segment : 'exchange' in mark ? mark.exchange : undefined
}

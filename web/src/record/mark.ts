import { isId, isName, isOne, isWhole } from './value'
import { FELT, FOOTINGS, HOLD_UNITS, RELEASES, SIDES } from './words'
import type { Felt, Footing, HoldUnit, Release, Side } from './words'

/** Something seen or done beside the asks. */
export type Mark =
  | { kind: 'fault' | 'sign'; segment: string; name: string; side: Side }
  | { kind: 'correction'; segment: string; made: boolean }
  | { kind: 'release'; exchange: string; release: Release }
  | { kind: 'contact'; segment: string; side: Side; felt: Felt }
  | { kind: 'held'; segment: string; unit: HoldUnit; amount: number }
  | { kind: 'praise'; segment: string }
  | { kind: 'conditions'; footing?: Footing; temperatureC?: number; humidityPct?: number }
  | { kind: 'effort'; horse: Effort; rider?: Effort }

export type Effort = (typeof EFFORTS)[number]

/** The kinds of entry that are marks. */
export const MARK_KINDS = [
  'fault',
  'sign',
  'correction',
  'release',
  'contact',
  'held',
  'praise',
  'conditions',
  'effort',
] as const satisfies Mark['kind'][]

/** Degrees Celsius and percent that are believed. */
export const TEMPERATURE_C = { least: -40, most: 60 }
export const HUMIDITY_PCT = { least: 0, most: 100 }
/** Efforts, from rest to as much as it can. */
export const EFFORTS = [0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10] as const
const LONGEST_HOLD = 10_000

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
      return isId(p.segment) &&
        isOne(HOLD_UNITS, p.unit) &&
        isWithin(p.amount, { least: 1, most: LONGEST_HOLD })
        ? { kind, segment: p.segment, unit: p.unit, amount: p.amount }
        : undefined
    case 'praise':
      return isId(p.segment) ? { kind, segment: p.segment } : undefined
    case 'conditions':
      return readConditions(p)
    case 'effort':
      return isOne(EFFORTS, p.horse) && (isLeftOut(p.rider) || isOne(EFFORTS, p.rider))
        ? { kind, horse: p.horse, ...(isOne(EFFORTS, p.rider) && { rider: p.rider }) }
        : undefined
    default:
      return undefined
  }
}

function readConditions(p: Record<string, unknown>): Mark | undefined {
  const { footing, temperatureC, humidityPct } = p
  const fits =
    (isLeftOut(footing) || isOne(FOOTINGS, footing)) &&
    isLeftOutOr(temperatureC, TEMPERATURE_C) &&
    isLeftOutOr(humidityPct, HUMIDITY_PCT)
  const noted = {
    ...(isOne(FOOTINGS, footing) && { footing }),
    ...(isWhole(temperatureC) && { temperatureC }),
    ...(isWhole(humidityPct) && { humidityPct }),
  }
  return fits && Object.keys(noted).length > 0 ? { kind: 'conditions', ...noted } : undefined
}

/** The entry a mark hangs on: a segment, or the exchange of a release; undefined when it is the lesson's. */
export function hangsOn(mark: Mark): string | undefined {
  return 'segment' in mark ? mark.segment : 'exchange' in mark ? mark.exchange : undefined
}

interface Bounds {
  least: number
  most: number
}

function isWithin(value: unknown, { least, most }: Bounds): value is number {
  return isWhole(value) && value >= least && value <= most
}

function isLeftOut(value: unknown): boolean {
  return value === undefined || value === null
}

function isLeftOutOr(value: unknown, bounds: Bounds): boolean {
  return isLeftOut(value) || isWithin(value, bounds)
}

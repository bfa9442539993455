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
  | { kind: 'effort'; horse: number; rider?: number }

const COLDEST_C = -40
const HOTTEST_C = 60
const LONGEST_HOLD = 10_000
const HARDEST = 10

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
      return isId(p.segment) && isOne(HOLD_UNITS, p.unit) && isWithin(p.amount, 1, LONGEST_HOLD)
        ? { kind, segment: p.segment, unit: p.unit, amount: p.amount }
        : undefined
    case 'praise':
      return isId(p.segment) ? { kind, segment: p.segment } : undefined
    case 'conditions':
      return readConditions(p)
    case 'effort':
      return isWithin(p.horse, 0, HARDEST) && isLeftOutOr(p.rider, 0, HARDEST)
        ? { kind, horse: p.horse, ...(isWhole(p.rider) && { rider: p.rider }) }
        : undefined
    default:
      return undefined
  }
}

function readConditions(p: Record<string, unknown>): Mark | undefined {
  const { footing, temperatureC, humidityPct } = p
  const fits =
    (isLeftOut(footing) || isOne(FOOTINGS, footing)) &&
    isLeftOutOr(temperatureC, COLDEST_C, HOTTEST_C) &&
    isLeftOutOr(humidityPct, 0, 100)
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

function isWithin(value: unknown, least: number, most: number): value is number {
  return isWhole(value) && value >= least && value <= most
}

function isLeftOut(value: unknown): boolean {
  return value === undefined || value === null
}

function isLeftOutOr(value: unknown, least: number, most: number): boolean {
  return isLeftOut(value) || isWithin(value, least, most)
}

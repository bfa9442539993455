import type { SpotOnGround, WantedGround, WantedThing } from '../api'
import { blank } from './things'

/** A spot that was set out, and where it stood then: moved since, it is to be set out again. */
export interface Tick {
  x: number
  y: number
}

/**
 * What is being set up on this device: it stays when the page is left, and its tapes can be read with no network. It names nobody:
 * pairs by their id alone.
 */
export interface Draft {
  arena: string
  pairs: string[]
  /** For which lessons it is set up. */
  lessons: string[]
  pace: WantedGround['pace']
  variant: WantedGround['variant']
  things: WantedThing[]
  ticks: Record<string, Tick>
  /** As they were last measured. */
  sheet: { thing: string; spots: SpotOnGround[] }[]
  /** The set-up of the yard it was taken from. */
  layout: { id: string; version: number } | null
}

export const EMPTY: Draft = {
  arena: '',
  pairs: [],
  lessons: [],
  pace: 'TROT',
  variant: 'WORKING',
  things: [],
  ticks: {},
  sheet: [],
  layout: null,
}

const keyOf = (person: string) => `strophos.ground.${person}`

export function readDraft(person: string): Draft {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(keyOf(person)) ?? 'null')
    if (!isDraft(kept)) return EMPTY
    // a thing kept by an earlier version names fewer kinds
    return { ...EMPTY, ...kept, things: (kept.things ?? []).map((one) => ({ ...blank(one.id), ...one })) }
  } catch {
    return EMPTY
  }
}

/** What an earlier version or somebody else left there may be anything. */
function isDraft(kept: unknown): kept is Partial<Draft> {
  if (typeof kept !== 'object' || kept === null) return false
  const { arena, pairs, things, sheet, ticks } = kept as Record<string, unknown>
  return (
    typeof arena === 'string' &&
    Array.isArray(pairs) &&
    pairs.every((p) => typeof p === 'string') &&
    isListOf(things, 'id') &&
    isListOf(sheet, 'thing') &&
    typeof ticks === 'object' &&
    ticks !== null
  )
}

const isListOf = (list: unknown, key: string) =>
  Array.isArray(list) && list.every((one: unknown) => typeof one === 'object' && one !== null && key in one)

export function keepDraft(person: string, draft: Draft) {
  try {
    localStorage.setItem(keyOf(person), JSON.stringify(draft))
  } catch {
    // a device without room keeps what is on the screen
  }
}

export const tickOf = (thing: string, spot: SpotOnGround) => `${thing}/${spot.kind}/${spot.number}`

/** Whether a spot was set out and has not been moved since, by more than a tape can tell. */
export function stands(tick: Tick | undefined, spot: SpotOnGround): 'SET' | 'MOVED' | 'OPEN' {
  if (!tick) return 'OPEN'
  return Math.hypot(tick.x - spot.x, tick.y - spot.y) < 0.02 ? 'SET' : 'MOVED'
}

import type { Entry } from './entry'
import type { Side, Soundness, StopSign } from './generated/words'
import type { Counting, Payload } from './payload'

/** From the so many-th on, stumbling on the flat is an uneven step; tripping over a pole is a touch and none. */
const STUMBLES = 2
const STUMBLE = 'stumbles'

const BY_NAME = new Map<string, StopSign>([
  ['uneven-step', 'UNLEVEL'],
  ['bucks', 'BUCKS'],
  ['rears', 'REARS'],
  ['bolts', 'BOLTS'],
  ['kicks', 'KICKS_AT_LEG'],
])

/** A stop sign of a log. */
export interface StopSignSeen {
  /** The entry it is taken back by. */
  id: string
  /** The entry that says it: the same, or the amendment that put it there. */
  saidBy: string
  atMs: number
  author: string
  sign: StopSign
  side: Side
}

/** An entry that was heard, as it says or said it. */
export interface HeardEntry {
  entry: Entry
  by: Entry
  byMs: number
  payload: Payload
}

/** The stop signs of a log's entries, in order. The twin of the server's. */
export function stopSignsOf(log: readonly HeardEntry[]): StopSignSeen[] {
  let stumbles = 0
  return log.flatMap(({ entry, by, byMs, payload }) => {
    const isOneTooMany = isStumble(payload) && ++stumbles === STUMBLES
    const sign = isOneTooMany ? 'UNLEVEL' : signOf(payload)
    return sign
      ? [{ id: entry.id, saidBy: by.id, atMs: byMs, author: by.author, sign, side: sideOf(payload) }]
      : []
  })
}

/** Whether this says, or helps to say, that the work must end. */
export function isHeard(payload: Payload): boolean {
  return isStumble(payload) || signOf(payload) !== undefined
}

function isStumble(payload: Payload): boolean {
  return payload.kind === 'sign' && payload.name === STUMBLE
}

/** What each kind that counts as a stop sign says of it: one that is forgotten here does not compile. */
const AS_SIGN: {
  [K in Counting<'stop'>['kind']]: (said: Extract<Payload, { kind: K }>) => StopSign | undefined
} = {
  stop_sign: ({ sign }) => sign,
  first_look: ({ seen }) => ofLook(seen.soundness),
  sign: ({ name }) => BY_NAME.get(name),
}

function signOf(payload: Payload): StopSign | undefined {
  const as = (AS_SIGN as Record<string, ((said: Payload) => StopSign | undefined) | undefined>)[payload.kind]
  return as?.(payload)
}

function ofLook(seen: Soundness | undefined): StopSign | undefined {
  return seen === undefined || seen === 'SOUND' ? undefined : seen
}

function sideOf(payload: Payload): Side {
  return payload.kind === 'stop_sign' || payload.kind === 'sign' ? payload.side : 'NONE'
}

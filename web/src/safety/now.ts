import type { Contact, HorseView, SafetyView } from '../api'
import type { StopSign } from '../record'
import { CALLED, kindOf } from './signs'
import type { SignKind } from './signs'

/** A stop sign that only this device knows of yet. */
export interface HereSign {
  id: string
  pair: string
  /** Empty where an older application did not say. */
  horse: string
  name: string
  sign: StopSign
  atMs: number
}

/** A horse that is not simply ridden, as this device knows it. */
export interface HorseNow {
  horse: string
  name: string
  pairs: string[]
  isPaused: boolean
  isDayOver: boolean
  /** What the server knows of it; undefined while only this device has seen something. */
  view?: HorseView
  /** Seen here and not told by the server yet. */
  here: HereSign[]
}

/** Which horse is meant: by itself, or by one of its pairs where an older application did not know it. */
export interface HorseKey {
  horse?: string | undefined
  pair?: string | undefined
}

/** The server's word and what this device has seen since: a sign seen here pauses here at once. */
export function horsesNow(
  view: SafetyView,
  here: HereSign[],
  isToday: (atMs: number) => boolean,
): HorseNow[] {
  const all: HorseNow[] = view.horses.map((v) => ({
    horse: v.horse,
    name: v.name,
    pairs: v.pairs,
    isPaused: v.isPaused,
    isDayOver: v.isDayOver,
    view: v,
    here: [],
  }))
  for (const sign of here) {
    const kind = kindOf(sign.sign)
    const pauses = kind === 'PAIN'
    const endsDay = (kind === 'BEHAVIOUR' || kind === 'FALL') && isToday(sign.atMs)
    if (!pauses && !endsDay) continue
    const known = all.find((h) => isMeant(h, sign))
    const horse = known ?? {
      horse: sign.horse,
      name: sign.name,
      pairs: [],
      isPaused: false,
      isDayOver: false,
      here: [],
    }
    horse.isPaused ||= pauses
    horse.isDayOver ||= endsDay
    horse.here.push(sign)
    if (!horse.pairs.includes(sign.pair)) horse.pairs = [...horse.pairs, sign.pair]
    if (!known) all.push(horse)
  }
  return all
}

export function isMeant(now: HorseNow, { horse, pair }: HorseKey): boolean {
  return (!!horse && now.horse === horse) || (!!pair && now.pairs.includes(pair))
}

/** Whom to call about this, the horse's own numbers before the yard's. */
export function toCall(contacts: Contact[], kind: SignKind, horse: string | undefined): Contact[] {
  const order = (c: Contact) => {
    const at = CALLED[kind].indexOf(c.kind)
    return at < 0 ? CALLED[kind].length : at
  }
  return contacts
    .filter((c) => (c.horse === null || c.horse === horse) && CALLED[kind].includes(c.kind))
    .sort((a, b) => order(a) - order(b) || Number(a.horse === null) - Number(b.horse === null))
}

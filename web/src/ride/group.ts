import { asAsked, asRidden, changed, firstRidden, uncounted } from '../capture'
import { limitsOf } from '../look'
import { fold } from '../record'
import type { Rein, Ride, Segment } from '../record'
import type { Beside } from '../recorder'
import { endsWork } from '../safety'
import type { HorseNow } from '../safety'
import type { NewEntry, StoredEntry, StoredPacket } from '../store'
import { riddenIn, turnsOf } from './planned'

/** How another lesson of the group stands: the rein it is on while it is ridden. */
export type GroupState = Rein | 'RESTING' | 'OVER' | 'OUT' | 'WAITING'

/** Something forbids to ride this horse on: a sign of this lesson, a pause, or today's look. */
export function isOut(ride: Ride, now: HorseNow | undefined): boolean {
  return (
    ride.stopSigns.some((s) => endsWork(s.sign)) ||
    now?.isPaused === true ||
    now?.isDayOver === true ||
    limitsOf(ride.looks.at(-1)?.seen).includes('NOTHING_RIDDEN')
  )
}

export function stateOf(ride: Ride, now: HorseNow | undefined): GroupState {
  if (isOut(ride, now)) return 'OUT'
  if (ride.endedAtMs !== null) return 'OVER'
  const segment = ride.segments.at(-1)
  if (ride.startedAtMs === null || !segment) return 'WAITING'
  return ride.rests.at(-1)?.endMs === null ? 'RESTING' : segment.rein
}

/** What the log of a lesson says when it begins: the first turn of its plan, or what was ridden in it last. */
export function begun({ packet }: StoredPacket, ride: Ride, rein?: Rein): NewEntry[] {
  const first = turnsOf(packet.plan.plan, limitsOf(ride.looks.at(-1)?.seen))[0]
  const planned = first ? asAsked(packet, riddenIn(first, 'RIDER')) : firstRidden(packet)
  const last = asRidden(ride.segments.at(-1) ?? planned)
  // on one ground all go the same way round
  const ridden = rein && last.rein !== 'NONE' ? changed(packet, last, { rein }) : last
  return [
    { kind: 'lesson_started', payload: {} },
    { kind: 'segment', payload: { ...ridden } },
  ]
}

/** What another lesson's log says when all go onto this rein; undefined where it is not ridden, rests, or is on it already. */
export function turned(
  other: Beside,
  now: HorseNow | undefined,
  rein: 'LEFT' | 'RIGHT',
): NewEntry | undefined {
  const state = stateOf(other.ride, now)
  const segment = other.ride.segments.at(-1)
  if (!segment || (state !== 'LEFT' && state !== 'RIGHT') || state === rein) return undefined
  return { kind: 'segment', payload: { ...changed(other.kept.packet, asRidden(segment), { rein }) } }
}

/** The turn that was over with this entry, where it is worth counting afterwards. */
export function overWith(other: Beside, entry: StoredEntry): Segment | undefined {
  const ride = fold([...other.entries, entry])
  const now = ride.segments.at(-1)
  return now && uncounted(ride, now)
}

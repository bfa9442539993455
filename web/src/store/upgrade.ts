import type { Transaction } from 'dexie'
import type { Cards, Ground, HomeworkStep, Packet } from '../api'
import { STANDARD_HEAT } from '../nudge'
import type { HeatRules } from '../nudge'
import type { HeardSign, StoredEntry, StoredPacket } from './device'

/** A packet as older applications kept it. */
interface OldPacket {
  packet: {
    lesson?: { horseId?: string }
    plan?: { heat?: HeatRules; nudges?: { stuckWrong?: number; whenStuck?: string } }
  }
}

/** Cards as older applications kept them. */
interface OldCards {
  cards: {
    pairs?: {
      horseId?: string
      cards?: { isPaused?: boolean; stop?: string | null; pausedPractices?: string[] }[]
    }[]
  }
}

/** What an application before horses could be paused kept: nothing of horses, heat, and what stops homework. */
export async function completeForPauses(tx: Transaction): Promise<void> {
  await tx.table<OldPacket>('packets').toCollection().modify(completePacket)
  await tx.table<OldCards>('cards').toCollection().modify(completeCards)
  await hearWaiting(tx)
}

function completePacket({ packet: { lesson, plan } }: OldPacket): void {
  if (lesson) lesson.horseId ??= ''
  if (!plan) return
  plan.heat ??= STANDARD_HEAT
  if (plan.nudges) {
    plan.nudges.stuckWrong ??= 3
    plan.nudges.whenStuck ??= 'END_ON_KNOWN'
  }
}

function completeCards({ cards: { pairs } }: OldCards): void {
  pairs?.forEach((pair) => {
    pair.horseId ??= ''
    pair.cards?.forEach((card) => {
      card.stop ??= card.isPaused ? 'SIGN_OPEN' : null
      card.pausedPractices ??= []
    })
  })
}

/** Pain in a look that could not be sent yet pauses the horse on this device from now on. */
async function hearWaiting(tx: Transaction): Promise<void> {
  const waiting = await tx.table<StoredEntry>('entries').where({ passage: 'waiting' }).toArray()
  // put right or taken back here: nobody else can have
  const undone = new Set(waiting.map((e) => e.payload.target))
  const packets = await tx.table<StoredPacket>('packets').toArray()
  const heard = waiting.flatMap((e): HeardSign[] => {
    const sign = PAIN.find((p) => p === e.payload.soundness)
    const of = packets.find((p) => p.lesson === e.lesson)?.packet.lesson
    return e.kind === 'first_look' && sign && of && !undone.has(e.id)
      ? [{ id: e.id, lesson: e.lesson, pair: of.pair, horse: of.horseId, name: of.horse, sign, atMs: e.atMs }]
      : []
  })
  await tx.table<HeardSign>('heard').bulkPut(heard)
}

const PAIN = ['UNLEVEL', 'REFUSES_ONE_SIDE', 'PAIN_SIGNS'] as const

/** A packet as an application of before kept it. */
export interface OlderPacket {
  packet: Partial<Packet>
}

/** What a packet of before schools could be borrowed says of one: nothing that is shown. */
export const NO_SCHOOL: Packet['school'] = {
  school: 'CLASSICAL',
  ladder: [],
  notAllowed: '',
  why: '',
  pads: {},
  correction: 'WHEN_CLEAR',
  whenStuck: 'END_ON_KNOWN',
}

/** What an application before schools could be borrowed kept: nothing of the other schools, nor of what is settled. */
export function completeForSchools({ packet }: OlderPacket): void {
  packet.school = { ...NO_SCHOOL, ...packet.school }
  packet.schools ??= []
  packet.settled ??= { slack: 'RELEASE', landingLead: 'LEFT_ALONE', bit: null, correction: 'WHEN_CLEAR' }
  packet.corrections ??= {}
  packet.ownPads ??= {}
  // is only read where it is settled what the pair wears, which such a packet never says
  packet.headgear?.all.forEach((h: Partial<Packet['headgear']['all'][number]>) => (h.bit ??= 'SNAFFLE'))
  if (packet.known) packet.known.ownGait ??= null
  if (packet.lesson) packet.lesson.borrowed ??= null
}

/** What an application before group lessons kept: each lesson by itself. */
export function completeForGroups({ packet }: OlderPacket): void {
  if (packet.lesson) packet.lesson.group ??= null
}

/** What an application before a lesson had its ground kept: nothing stands, and nothing is said of it. */
export function completeForGround({ packet }: OlderPacket): void {
  packet.ground ??= { stands: null, onCones: [], coneParts: [] }
  packet.plan?.plan.blocks.forEach(({ ground }: { ground: Partial<Ground> }) => (ground.forHorse ??= null))
}

/** What an application before reins were measured kept: a pair without a band. */
export function completeForBand({ packet }: OlderPacket): void {
  packet.band ??= null
}

/** What an application before stretches were asked by a cue kept: a pair whose book is not at hand. */
export function completeForCues({ packet }: OlderPacket): void {
  packet.cues ??= []
}

/** What an application before stills were kept knew: nobody has said that they may be. */
export function completeForStills({ packet }: OlderPacket): void {
  packet.mayKeepStills ??= false
}

/** Cards an application kept before exercises said what a video of them shows. */
export function completeCardsForShots({ cards: { pairs } }: { cards: Partial<Cards> }): void {
  pairs?.forEach(({ cards }) =>
    cards.forEach(({ steps }) => steps.forEach((step: Partial<HomeworkStep>) => (step.film ??= []))),
  )
}

export function completeCardsForGround({ cards: { pairs } }: { cards: Partial<Cards> }): void {
  pairs?.forEach(({ cards }) =>
    cards.forEach(({ steps }) => steps.forEach((step: Partial<HomeworkStep>) => (step.ground ??= null))),
  )
}

import Dexie from 'dexie'
import type { EntityTable, Table } from 'dexie'
import { v7 } from 'uuid'
import type { Cards, HorsePhoto, Me, NewPair, NewPractice, NewStopSign, Packet, SafetyView } from '../api'
import type { Entry, StopSign } from '../record'
import {
  completeCardsForGround,
  completeCardsForShots,
  completeForBand,
  completeForCues,
  completeForGround,
  completeForGroups,
  completeForPauses,
  completeForSchools,
  completeForStills,
  NO_SCHOOL,
} from './upgrade'
import type { OlderPacket } from './upgrade'

/** Where an entry stands on its way to the server. */
export type Passage = 'waiting' | 'stored' | 'odd' | 'refused'

export interface StoredEntry extends Entry {
  passage: Passage
  /** Why the server refused it. */
  code?: string
}

export interface StoredPacket {
  lesson: string
  packet: Packet
  /** The server's clock less this device's, when the packet came. */
  offsetMs: number
  /** Where to go on reading what arrived in the lesson. */
  arrival: number
  /** 1 for a lesson made without a network, until the server has it. */
  toAdd?: 0 | 1
  /** The pair of such a lesson, where it was made with it. */
  newPair?: NewPair
}

/** What the first lesson of a new pair needs, school by school. */
export interface StoredBlank {
  school: NewPair['school']
  packet: Packet
  offsetMs: number
  /** When it was fetched, by this device's clock. */
  fetchedMs: number
}

/** A report on its way to the server. */
export interface StoredPractice extends NewPractice {
  passage: Passage
  code?: string
}

/** What stood in the way of riding, as it came last. */
export interface StoredSafety {
  name: 'safety'
  safety: SafetyView
}

/** A stop sign seen in a lesson on this device, until the server has told how its horse stands since. */
export interface HeardSign {
  /** Of the entry that says it. */
  id: string
  lesson: string
  pair: string
  horse: string
  name: string
  sign: StopSign
  atMs: number
}

/** A stop sign a rider saw, on its way to the server. */
export interface StoredSign extends NewStopSign {
  horse: string
  name: string
  passage: Passage
  code?: string
  /** Said by mistake: it is sent all the same, and then taken back there. */
  takenBack?: boolean
}

/** The sound of a spoken note, or a still of a clip: here until the server has it; its entry names the digest. */
export interface StoredAttachment {
  sha256: string
  lesson: string
  content: Uint8Array<ArrayBuffer>
  type: string
  passage: 'waiting' | 'refused'
  code?: string
}

/** A photo of a look, here until the server has it. */
export interface StoredPhoto {
  id: string
  sha256: string
  lesson: string
  pair: string
  view: HorsePhoto['view']
  /** The yard's day. */
  takenOn: string
  content: Uint8Array<ArrayBuffer>
  passage: Passage
  code?: string
}

/** A recording of both reins that was begun on this device, here until the server has all of it. */
export interface StoredRecording {
  id: string
  lesson: string
  /** By the server's clock. */
  startedAt: string
  rateHz: number
  name: string
  /** While it runs its last sign of life by this device's clock; a tab that was killed gives none. */
  lastMs: number
  /** Samples a rein, known once it has ended. */
  samples: number
  /** Minutes that the server has. */
  sent: number
  passage: 'running' | 'waiting' | 'refused'
  code?: string
}

/** Some seconds of a recording: the left rein's samples, then the right one's. */
export interface StoredPiece {
  recording: string
  place: number
  left: Int16Array<ArrayBuffer>
  right: Int16Array<ArrayBuffer>
}

/** An earlier photo of a pair's horse, to be laid over the next. */
export interface StoredGhost {
  pair: string
  sha256: string
  view: HorsePhoto['view']
  takenOn: string
  content: Uint8Array<ArrayBuffer>
}

/** The cards as they came last. */
export interface StoredCards {
  name: 'cards'
  cards: Cards
  /** The server's clock less this device's, when the cards came. */
  offsetMs: number
}

/** A practice under way: it survives a closed tab. */
export interface RunningTimer {
  assignment: string
  startedMs: number
  /** Paused since; null while it runs. */
  pausedMs: number | null
  /** Time in pauses that have ended. */
  restedMs: number
}

interface Counter {
  name: 'writer'
  device: string
  seq: number
  lastMs: number
}

/** What one person has on this device. Nobody else signed in here opens it, and signing out does not empty it. */
export type Shelf = Dexie & {
  entries: EntityTable<StoredEntry, 'id'>
  packets: EntityTable<StoredPacket, 'lesson'>
  counters: EntityTable<Counter, 'name'>
  practices: EntityTable<StoredPractice, 'id'>
  cards: EntityTable<StoredCards, 'name'>
  timers: EntityTable<RunningTimer, 'assignment'>
  safety: EntityTable<StoredSafety, 'name'>
  heard: EntityTable<HeardSign, 'id'>
  signs: EntityTable<StoredSign, 'id'>
  sounds: EntityTable<StoredAttachment, 'sha256'>
  stills: EntityTable<StoredAttachment, 'sha256'>
  photos: EntityTable<StoredPhoto, 'id'>
  ghosts: Table<StoredGhost, [string, string]>
  blanks: EntityTable<StoredBlank, 'school'>
  recordings: EntityTable<StoredRecording, 'id'>
  pieces: Table<StoredPiece, [string, number]>
}

const shelves = new Map<string, Shelf>()

export function shelfOf(person: string): Shelf {
  const open = shelves.get(person)
  if (open) return open
  const shelf = new Dexie(`strophos-${person}`, { chromeTransactionDurability: 'strict' }) as Shelf
  shelf.version(1).stores({ entries: 'id, lesson, passage', packets: 'lesson', counters: 'name' })
  shelf.version(2).stores({ practices: 'id, passage, assignment', cards: 'name', timers: 'assignment' })
  // packets kept by an application that did not know how exercises are usually asked
  shelf.version(3).upgrade((tx) =>
    tx
      .table<{ packet: Partial<Packet> }>('packets')
      .toCollection()
      .modify((kept) => {
        kept.packet.usual ??= []
      }),
  )
  shelf
    .version(4)
    .stores({ entries: 'id, lesson, passage, [lesson+kind]' })
    .upgrade((tx) =>
      tx
        .table<{ arrival?: number; packet: Partial<Packet> }>('packets')
        .toCollection()
        .modify((kept) => {
          kept.arrival ??= 0
          kept.packet.watch ??= []
          kept.packet.watchWeeks ??= 0
        }),
    )
  shelf
    .version(5)
    .stores({ packets: 'lesson, toAdd' })
    .upgrade((tx) =>
      tx
        .table<{ packet: Partial<Packet> }>('packets')
        .toCollection()
        .modify((kept) => {
          kept.packet.seenBefore ??= []
        }),
    )
  // horses can be paused
  shelf
    .version(6)
    .stores({ safety: 'name', heard: 'id, lesson', signs: 'id, passage' })
    .upgrade(completeForPauses)
  // notes can be spoken, exercises have pads of their own, and one fault a key
  shelf
    .version(7)
    .stores({ sounds: 'sha256, lesson, passage' })
    .upgrade((tx) =>
      tx
        .table<{ packet: Partial<Packet> }>('packets')
        .toCollection()
        .modify(({ packet }) => {
          packet.maySpeak ??= false
          packet.usual?.forEach((u: Partial<Packet['usual'][number]>) => (u.padKind ??= u.pad))
          if (packet.plan) packet.plan.latch ??= null
        }),
    )
  // a pair can begin without a network, and a lesson says what is known of its horse
  shelf
    .version(8)
    .stores({ blanks: 'school' })
    .upgrade((tx) =>
      tx
        .table<{ packet: Partial<Packet> }>('packets')
        .toCollection()
        .modify(({ packet }) => {
          packet.headgear ??= { now: null, all: [] }
          packet.known ??= { fears: null, sightAndHearing: null, ownGait: null, head: null, unwanted: [] }
          packet.school ??= NO_SCHOOL
          packet.watch?.forEach((w: Partial<Packet['watch'][number]>) => (w.station ??= null))
        }),
    )
  // a segment may borrow a school, and a pair has settings
  shelf.version(9).upgrade(async (tx) => {
    await tx.table<OlderPacket>('packets').toCollection().modify(completeForSchools)
    await tx.table<OlderPacket>('blanks').toCollection().modify(completeForSchools)
  })
  // lessons can be ridden together, and a look has photos
  shelf
    .version(10)
    .stores({ photos: 'id, lesson, passage', ghosts: '[pair+sha256], pair' })
    .upgrade(async (tx) => {
      await tx.table<OlderPacket>('packets').toCollection().modify(completeForGroups)
      await tx.table<OlderPacket>('blanks').toCollection().modify(completeForGroups)
    })
  // a lesson has its ground, and an exercise says what it is for this horse
  shelf.version(11).upgrade(async (tx) => {
    await tx.table<OlderPacket>('packets').toCollection().modify(completeForGround)
    await tx.table<OlderPacket>('blanks').toCollection().modify(completeForGround)
    await tx.table<{ cards: Partial<Cards> }>('cards').toCollection().modify(completeCardsForGround)
  })
  // both reins can be measured while riding, and a pair has its band
  shelf
    .version(12)
    .stores({ recordings: 'id, lesson, passage', pieces: '[recording+place], recording' })
    .upgrade(async (tx) => {
      await tx.table<OlderPacket>('packets').toCollection().modify(completeForBand)
      await tx.table<OlderPacket>('blanks').toCollection().modify(completeForBand)
    })
  // a stretch is asked by a cue of the pair's book
  shelf.version(13).upgrade(async (tx) => {
    await tx.table<OlderPacket>('packets').toCollection().modify(completeForCues)
    await tx.table<OlderPacket>('blanks').toCollection().modify(completeForCues)
  })
  // frames of clips are kept as pictures
  shelf
    .version(14)
    .stores({ stills: 'sha256, lesson, passage' })
    .upgrade(async (tx) => {
      await tx.table<OlderPacket>('packets').toCollection().modify(completeForStills)
      await tx.table<OlderPacket>('blanks').toCollection().modify(completeForStills)
      await tx.table<{ cards: Partial<Cards> }>('cards').toCollection().modify(completeCardsForShots)
    })
  shelves.set(person, shelf)
  return shelf
}

export async function counterOf(shelf: Shelf): Promise<Counter> {
  return (await shelf.counters.get('writer')) ?? { name: 'writer', device: v7(), seq: 0, lastMs: 0 }
}

interface LastSession {
  name: 'me'
  me: Me
}

const door = new Dexie('strophos-door') as Dexie & { sessions: EntityTable<LastSession, 'name'> }
door.version(1).stores({ sessions: 'name' })

/** Who was signed in here last: they can ride on without a network. */
export async function lastSignedIn(): Promise<Me | null> {
  return (await door.sessions.get('me'))?.me ?? null
}

const leaving = new Set<() => void>()

/** Tells when whoever was signed in here leaves. */
export function onLeaving(listener: () => void): () => void {
  leaving.add(listener)
  return () => leaving.delete(listener)
}

export async function rememberSignedIn(me: Me | null): Promise<void> {
  if (!me) leaving.forEach((listener) => listener())
  if (me) await door.sessions.put({ name: 'me', me })
  else await door.sessions.clear()
}

import Dexie from 'dexie'
import { shelfOf } from './device'
import type { StoredPacket, Shelf } from './device'

const OPEN = new Set(['waiting', 'refused'])
const SHELF = /^strophos-([0-9a-f-]{36})$/

/**
 * Leaves on this device only what the server does not have yet, and no name of a person or horse: whoever opens it next finds nobody
 * here, but for a pair that began without a network and is not sent yet. Needs no network. The device's count stays, so that what is written later goes on from it.
 */
export async function sweep(shelf: Shelf): Promise<void> {
  await shelf.transaction('rw', shelf.tables, async () => {
    await Promise.all([
      shelf.entries.filter(isKnown).delete(),
      shelf.practices.filter(isKnown).delete(),
      shelf.signs.filter(isKnown).delete(),
      shelf.cards.clear(),
      shelf.safety.clear(),
      shelf.heard.clear(),
      shelf.blanks.clear(),
      shelf.photos.filter(isKnown).delete(),
      shelf.ghosts.clear(),
      shelf.packets.filter(({ toAdd }) => !toAdd).delete(),
    ])
    await shelf.signs.toCollection().modify({ name: '' })
    await shelf.packets.toCollection().modify((kept) => {
      kept.packet = bare(kept.packet)
    })
  })
}

/** The same for everybody who was ever signed in here. */
export async function sweepAll(): Promise<void> {
  const people = (await Dexie.getDatabaseNames()).flatMap((name) => SHELF.exec(name)?.[1] ?? [])
  for (const person of people) await sweep(shelfOf(person))
}

function isKnown({ passage }: { passage: string }): boolean {
  return !OPEN.has(passage)
}

/** What puts a lesson in that was made here: when, how long, and which pair by its id. */
function bare(packet: StoredPacket['packet']): StoredPacket['packet'] {
  return {
    ...packet,
    lesson: { ...packet.lesson, horse: '', rider: '', group: null },
    rungs: [],
    usual: [],
    entries: [],
    looksBefore: [],
    watch: [],
    seenBefore: [],
  }
}

import { useQueryClient } from '@tanstack/react-query'
import { useLiveQuery } from 'dexie-react-hooks'
import { useCallback, useEffect, useMemo, useState } from 'react'
import { fold } from '../record'
import type { Ride } from '../record'
import { useMe } from '../session'
import { append, fetchAhead, shelfOf } from '../store'
import type { NewEntry, Outbox, StoredEntry, StoredPacket } from '../store'
import { detach } from './detach'
import { packetKey } from './usePacket'

/** Another lesson of the same group, as far as this device has it. */
export interface Beside {
  lesson: string
  horse: string
  horseId: string
  pair: string
  kept: StoredPacket
  entries: StoredEntry[]
  ride: Ride
}

interface Together {
  /** In the group's order; those alone that can be ridden without a network. */
  others: Beside[]
  /** Those of the group that can be had are here. */
  isReady: boolean
  /** The same as the store has them at this moment: what was just said, or what is not drawn yet, counts. */
  readOthers: () => Promise<Beside[]>
  /** Writes into the logs of all others of the group: one ground, one weather. */
  sayInAll: (said: NewEntry) => void
  /** Writes into the log of another lesson of the group. */
  sayIn: (lesson: string, said: NewEntry) => Promise<StoredEntry>
}

const NOBODY: string[] = []

/** The other lessons of this one's group, each with a log of its own. Fetched here, so that each can be ridden without a network. */
export function useTogether(kept: StoredPacket, outbox: Outbox): Together {
  const { person } = useMe()
  const shelf = shelfOf(person)
  const client = useQueryClient()
  const { group } = kept.packet.lesson
  const ids = useMemo(
    () => group?.lessons.map((l) => l.lesson).filter((id) => id !== kept.lesson) ?? NOBODY,
    [group, kept.lesson],
  )
  const [ready, setReady] = useState<string[]>(NOBODY)
  useEffect(() => {
    let isOver = false
    const fetchAll = async () => {
      if (ids.length > 0) await fetchAhead(shelf, ids)
      if (!isOver) setReady(ids)
    }
    detach(fetchAll())
    return () => {
      isOver = true
    }
  }, [shelf, ids])
  const packets = useLiveQuery(() => shelf.packets.bulkGet(ids), [shelf, ids])
  const logs = useLiveQuery(() => shelf.entries.where('lesson').anyOf(ids).toArray(), [shelf, ids])
  useEffect(() => {
    // whoever goes there must not wait for a network that may be too slow
    packets?.forEach((p) => {
      if (p && client.getQueryData(packetKey(person, p.lesson)) === undefined)
        client.setQueryData(packetKey(person, p.lesson), p)
    })
  }, [client, packets, person])
  const others = useMemo(() => (packets && logs ? beside(packets, logs) : []), [packets, logs])
  const readOthers = useCallback(
    async () =>
      beside(await shelf.packets.bulkGet(ids), await shelf.entries.where('lesson').anyOf(ids).toArray()),
    [shelf, ids],
  )
  const sayIn = useCallback(
    async (lesson: string, said: NewEntry) => {
      try {
        return await append(shelf, lesson, person, said)
      } finally {
        void outbox.send()
      }
    },
    [shelf, person, outbox],
  )
  const sayInAll = (said: NewEntry) =>
    detach(readOthers().then((all) => Promise.all(all.map((o) => sayIn(o.lesson, said)))))
  return { others, isReady: ready === ids, readOthers, sayIn, sayInAll }
}

function beside(packets: (StoredPacket | undefined)[], logs: StoredEntry[]): Beside[] {
  return packets.flatMap((p): Beside[] => {
    if (!p) return []
    const { id, horse, horseId, pair } = p.packet.lesson
    const entries = logs.filter((e) => e.lesson === id)
    return [{ lesson: id, horse, horseId, pair, kept: p, entries, ride: fold(entries) }]
  })
}

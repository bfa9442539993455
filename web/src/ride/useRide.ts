import { useLiveQuery } from 'dexie-react-hooks'
import { useCallback, useEffect, useMemo, useState, useSyncExternalStore } from 'react'
import { fold } from '../record'
import type { Ride } from '../record'
import { useMe } from '../session'
import { append, counterOf, Outbox, shelfOf } from '../store'
import type { KeptEntry, OutboxState, Said } from '../store'

export interface Recorder {
  ride: Ride
  entries: KeptEntry[]
  /** This device's id; its own entries can be taken back here. */
  device: string
  say: (said: Said) => Promise<KeptEntry>
  outbox: { state: OutboxState; waiting: number; refused: KeptEntry[] }
}

/** A lesson's log on this device, folded, with a way to add to it. Undefined until the store has answered. */
export function useRide(lesson: string): Recorder | undefined {
  const { person } = useMe()
  const shelf = shelfOf(person)
  const outbox = useOutbox(person)
  const state = useSyncExternalStore(outbox.subscribe, outbox.current)
  const entries = useLiveQuery(() => shelf.entries.where({ lesson }).toArray(), [shelf, lesson])
  const device = useLiveQuery(() => counterOf(shelf).then((c) => c.device), [shelf])
  const waiting = useLiveQuery(() => shelf.entries.where({ passage: 'waiting' }).count(), [shelf]) ?? 0
  const ride = useMemo(() => (entries ? fold(entries) : undefined), [entries])
  const say = useCallback(
    async (said: Said) => {
      const entry = await append(shelf, lesson, person, said)
      void outbox.send()
      return entry
    },
    [shelf, lesson, person, outbox],
  )
  if (!ride || !entries || device === undefined) return undefined
  const refused = entries.filter((e) => e.passage === 'refused')
  return { ride, entries, device, say, outbox: { state, waiting, refused } }
}

function useOutbox(person: string): Outbox {
  const [outbox] = useState(() => new Outbox(shelfOf(person)))
  useEffect(() => {
    const send = () => void outbox.send()
    send()
    window.addEventListener('online', send)
    return () => {
      window.removeEventListener('online', send)
      outbox.stop()
    }
  }, [outbox])
  return outbox
}

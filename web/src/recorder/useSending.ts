import { useLiveQuery } from 'dexie-react-hooks'
import { useSyncExternalStore } from 'react'
import { useMe } from '../session'
import { shelfOf } from '../store'
import type { StoredEntry, Outbox, OutboxState } from '../store'

const NONE: StoredEntry[] = []

export interface Sending {
  state: OutboxState
  /** Entries and recordings not yet answered for by the server, of all lessons on this device; undefined until the store has been read. */
  waiting: number | undefined
  /** Of this lesson, which the server would not take. */
  refused: StoredEntry[]
}

/** How this device's entries stand on their way to the server. */
export function useSending(outbox: Outbox, lesson: string): Sending {
  const shelf = shelfOf(useMe().person)
  const state = useSyncExternalStore(outbox.subscribe, outbox.current)
  const waiting = useLiveQuery(async () => {
    const [entries, recordings] = await Promise.all([
      shelf.entries.where({ passage: 'waiting' }).count(),
      shelf.recordings.where({ passage: 'waiting' }).count(),
    ])
    return entries + recordings
  }, [shelf])
  const refused =
    useLiveQuery(
      () =>
        shelf.entries
          .where({ passage: 'refused' })
          .filter((e) => e.lesson === lesson)
          .toArray(),
      [shelf, lesson],
    ) ?? NONE
  return { state, waiting, refused }
}

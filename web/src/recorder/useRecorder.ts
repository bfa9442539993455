import { useLiveQuery } from 'dexie-react-hooks'
import { useCallback, useMemo, useRef, useState } from 'react'
import { useNews } from '../live'
import { fold, GrowingFold } from '../record'
import type { Ride } from '../record'
import { useMe } from '../session'
import { append, counterOf, keepAttachment, readOn, shelfOf, useOutbox, waitingEntries } from '../store'
import type { StoredEntry, Outbox, NewEntry } from '../store'
import { useLog } from './useLog'
import { lastStanding } from './lastStanding'
import type { Spoken } from './speak'

export interface Recorder {
  ride: Ride
  entries: StoredEntry[]
  /** This device's id; its own entries can be taken back here. */
  device: string
  /** Who is signed in here, and writes. */
  author: string
  say: (said: NewEntry) => Promise<StoredEntry>
  /** Keeps a spoken note: first its sound, then the entry that names it. `felt`: it is the rider saying what was felt. */
  speak: (spoken: Spoken, felt?: boolean) => Promise<StoredEntry>
  /** Keeps the sound of what is spoken with an entry, or a still, until it is sent; its digest is what the entry names. */
  beside: (rack: 'sounds' | 'stills', one: Pick<Spoken, 'content' | 'type'>) => Promise<string>
  /** Takes back the last thing said here that still stands. */
  takeBack: () => Promise<TakeBack | undefined>
  outbox: Outbox
  /** The last touch could not be kept on this device; undefined when it was. */
  lost: NewEntry | undefined
}

/** What was taken back, and the void that did it: voiding that puts it back. */
export interface TakeBack {
  entry: StoredEntry
  by: string
}

/** A lesson's log on this device, folded, with a way to add to it. Undefined until the store has answered. */
export function useRecorder(lesson: string): Recorder | undefined {
  const { person } = useMe()
  const shelf = shelfOf(person)
  const outbox = useOutbox(() => waitingEntries(shelf))
  const [entries, show] = useLog(shelf, lesson)
  const device = useLiveQuery(() => counterOf(shelf).then((c) => c.device), [shelf])
  const [folding] = useState(() => new GrowingFold())
  const ride = useMemo(() => entries && folding.of(entries), [folding, entries])
  useNews((changed) => {
    // what another device wrote; without a network it comes with the next news
    if (changed === null || changed.lesson === lesson) readOn(shelf, lesson).catch(() => undefined)
  })
  const [lost, setLost] = useState<NewEntry>()
  const say = useCallback(
    async (said: NewEntry) => {
      try {
        const entry = await append(shelf, lesson, person, said)
        show(entry)
        setLost(undefined)
        return entry
      } catch (e) {
        setLost(said)
        throw e
      } finally {
        // what was sent makes room on a full device
        void outbox.send()
      }
    },
    [shelf, lesson, person, outbox, show],
  )
  const beside = useCallback<Recorder['beside']>(
    (rack, one) => keepAttachment(shelf, rack, lesson, one),
    [shelf, lesson],
  )
  const speak = useCallback(
    async ({ durationMs, ...sound }: Spoken, felt?: boolean) => {
      const sha256 = await beside('sounds', sound)
      return say({ kind: 'voice', payload: { sha256, durationMs, ...(felt && { felt }) } })
    },
    [beside, say],
  )
  const turn = useRef<Promise<unknown>>(Promise.resolve())
  const takeBack = useCallback(() => {
    // one after the other, each read from the store: two quick presses must not take the same thing back twice
    const next = turn.current.then(async () => {
      const log = await shelf.entries.where({ lesson }).toArray()
      const { device: here } = await counterOf(shelf)
      const entry = lastStanding(log, fold(log).voided, here)
      return entry && { entry, by: (await say({ kind: 'void', payload: { target: entry.id } })).id }
    })
    turn.current = next.catch(() => undefined)
    return next
  }, [shelf, lesson, say])
  return useMemo(
    () =>
      ride && entries && device !== undefined
        ? { ride, entries, device, author: person, say, speak, beside, takeBack, outbox, lost }
        : undefined,
    [ride, entries, device, person, say, speak, beside, takeBack, outbox, lost],
  )
}

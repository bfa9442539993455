import { useQueryClient } from '@tanstack/react-query'
import { useLiveQuery } from 'dexie-react-hooks'
import { useEffect, useRef } from 'react'
import { queries } from '../api'
import { useMe } from '../session'
import { shelfOf, useOutbox, waitingEntries } from '../store'

/** Recordings of this lesson that were measured on this device and wait to be sent; what is shown of it is read again as each arrives. */
export function useOnItsWay(lesson: string): number {
  const shelf = shelfOf(useMe().person)
  const known = useQueryClient()
  useOutbox(() => waitingEntries(shelf))
  const waiting = useLiveQuery(
    () =>
      shelf.recordings
        .where({ lesson })
        .filter(({ passage }) => passage === 'waiting')
        .count(),
    [shelf, lesson],
    0,
  )
  const before = useRef(0)
  useEffect(() => {
    if (waiting < before.current) void known.invalidateQueries(queries.contact(lesson))
    before.current = waiting
  }, [waiting, known, lesson])
  return waiting
}

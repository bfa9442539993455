import { liveQuery } from 'dexie'
import { startTransition, useCallback, useEffect, useRef, useState } from 'react'
import type { StoredEntry, Shelf } from '../store'

/**
 * A lesson's log as it lies on this device, each entry read once: a touch in a log of thousands must not read thousands.
 * Whoever wrote one puts it in at once; what others write comes by itself. Undefined until the store has answered. How an
 * entry stands on its way to the server is not followed here.
 */
export function useLog(
  shelf: Shelf,
  lesson: string,
): [StoredEntry[] | undefined, (entry: StoredEntry) => void] {
  const [entries, setEntries] = useState<StoredEntry[]>()
  const known = useRef(new Map<string, StoredEntry>())
  // the finger goes before the telling: what is drawn of the log gives way to the next touch
  const show = useCallback(() => startTransition(() => setEntries([...known.current.values()])), [])
  useEffect(() => {
    const log = (known.current = new Map<string, StoredEntry>())
    const catchUp = async () => {
      const ids = await shelf.entries.where({ lesson }).primaryKeys()
      const fresh = await shelf.entries.bulkGet(ids.filter((id) => !log.has(id)))
      if (known.current !== log) return
      // what was forgotten on this device goes from the screen as well
      if (ids.length < log.size) {
        const here = new Set(ids)
        log.forEach((_, id) => here.has(id) || log.delete(id))
      }
      fresh.forEach((e) => e && log.set(e.id, e))
      show()
    }
    // a log only grows: what this screen wrote itself is known already when its number changes
    const size = liveQuery(() => shelf.entries.where({ lesson }).count())
    let isRead = false
    const reading = size.subscribe((count) => {
      if (isRead && count === log.size) return
      isRead = true
      void catchUp()
    })
    return () => reading.unsubscribe()
  }, [shelf, lesson, show])
  const add = useCallback(
    (entry: StoredEntry) => {
      known.current.set(entry.id, entry)
      show()
    },
    [show],
  )
  return [entries, add]
}

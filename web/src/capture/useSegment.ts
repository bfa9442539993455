import { useEffect, useRef } from 'react'
import type { Segment } from '../record'
import type { StoredEntry, NewEntry } from '../store'
import { asRidden, changed, isSame } from './choose'
import type { RungsAndAids, RiddenSegment } from './choose'

interface Pending {
  ridden: RiddenSegment
  written: Promise<StoredEntry>
  id?: string
}

/**
 * The segment that counts now, also in the moment before it is painted: a touch right after a change of rein belongs to
 * the new rein, and two changes in one breath add up. While resting, the first touch begins the segment again.
 */
export function useSegment(
  known: RungsAndAids,
  segment: Segment,
  isResting: boolean,
  say: (said: NewEntry) => Promise<StoredEntry>,
) {
  const pending = useRef<Pending | null>(null)
  useEffect(() => {
    if (pending.current?.id === segment.id) pending.current = null
  }, [segment.id])

  const change = (what: Partial<RiddenSegment>) => {
    const now = pending.current?.ridden ?? segment
    // the next stretch begins somewhere else
    const before = { ...asRidden(now), from: undefined }
    const ridden = changed(known, before, what)
    if (isSame(ridden, before) && (!isResting || pending.current)) return
    const next: Pending = { ridden, written: say({ kind: 'segment', payload: { ...ridden } }) }
    pending.current = next
    next.written.then(
      (entry) => {
        next.id = entry.id
      },
      // not kept: what was ridden before goes on
      () => {
        if (pending.current === next) pending.current = null
      },
    )
  }

  /** The id to write an exchange under. */
  const current = async () => {
    if (isResting) change({})
    return pending.current ? (await pending.current.written).id : segment.id
  }

  return { change, current }
}

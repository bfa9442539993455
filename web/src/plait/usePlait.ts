import { useMemo, useState } from 'react'
import type { PlaitOfLesson } from '../api'
import { useSteady } from '../ui'
import type { EntryAt } from './EntryPanel'
import { keyOf } from './inWords'
import { meetingOf } from './meeting'
import { closer, nextOf, showing, whole } from '../timeline'
import type { Stretch } from '../timeline'

type Plait = NonNullable<PlaitOfLesson['plait']>

/** What was touched last: the entry, and which of its events. */
type EventPick = EntryAt & { kind: string }

const NOTHING: ReadonlySet<number> = new Set()

/** Where an event lies now; one whose answer was changed is still the same entry. */
function placeNow({ events, said, kinds }: Plait, { said: { id }, kind }: EventPick) {
  const places = events.flatMap((e, i) => (said[e.entry]?.id === id ? [{ i, of: kinds[e.kind] }] : []))
  return (places.find(({ of }) => of && keyOf(of) === kind) ?? places.at(-1))?.i
}

/**
 * What is looked at of a plait: the stretch, two kinds of event, and one event. What is chosen is known by what it is, since places
 * change when an answer is changed.
 *
 * @param part that can be seen; left out for all
 */
export function usePlait(plait: Plait, part?: Stretch) {
  const entire = useMemo(() => whole(plait.lengthMs), [plait])
  const all = part ?? entire
  const [stretch, setStretch] = useState(all)
  const [keys, setKeys] = useState<string[]>([])
  const [touched, setTouched] = useState<EventPick>()
  const chosen = useMemo(
    () => keys.map((key) => plait.kinds.findIndex((k) => keyOf(k) === key)).filter((k) => k >= 0),
    [plait, keys],
  )
  const lit = useMemo(() => {
    const met = meetingOf(plait, chosen)
    return met ? new Set(met.events) : NOTHING
  }, [plait, chosen])
  const selected = useMemo(() => (touched ? placeNow(plait, touched) : undefined), [plait, touched])
  const select = useSteady((event: number | undefined) => {
    const at = event === undefined ? undefined : plait.events[event]
    const said = at && plait.said[at.entry]
    const kind = at && plait.kinds[at.kind]
    if (at && said && kind) {
      setTouched({ said, atMs: at.fromMs, kind: keyOf(kind) })
      setStretch((now) => showing(now, all, at.fromMs))
    } else {
      setTouched(undefined)
    }
  })
  const next = useSteady((by: 1 | -1) => {
    const event = nextOf(plait.events.length, lit, selected, by)
    if (event !== undefined) select(event)
  })
  const zoom = useSteady((factor: number) =>
    setStretch((now) => closer(now, all, factor, (now.fromMs + now.toMs) / 2)),
  )
  const seeAll = useSteady(() => setStretch(all))
  const tell = useSteady((told: EntryAt) => setTouched((now) => now && { ...now, ...told }))
  return {
    stretch,
    setStretch,
    chosen,
    choose: setKeys,
    lit,
    touched,
    tell,
    selected,
    select,
    next,
    zoom,
    seeAll,
  }
}

import type { WantedThing } from '../api'
import { usePast } from './usePast'

/** The things of a set-up, and every step back. */
export function useThings(first: WantedThing[]) {
  const { now: things, set, ...past } = usePast(first)
  return {
    ...past,
    things,
    set: (next: WantedThing[]) => set(next),
    add: (thing: WantedThing) => set([...things, thing]),
    change: (thing: WantedThing) => set(things.map((t) => (t.id === thing.id ? thing : t))),
    remove: (id: string) => set(things.filter((t) => t.id !== id)),
  }
}

import { padKey } from '../record'
import type { Ride, Segment } from '../record'

/** With fewer touches a turn that is over is worth a tally. */
const ENOUGH_TOUCHES = 3
/** A shorter turn was a slip of the thumb, or a way through. */
const LONG_ENOUGH_MS = 30_000

/**
 * The turn that has just ended, by its segment, where it is worth counting afterwards: ridden for half a minute or more, hardly touched in,
 * not tallied yet. Undefined while the same is ridden on.
 */
export function uncounted(ride: Ride, now: Segment): Segment | undefined {
  const before = ride.segments.findLast((s) => s.endMs !== null && s.endMs <= now.atMs && s.id !== now.id)
  if (!before || before.endMs === null || before.endMs - before.atMs < LONG_ENOUGH_MS) return undefined
  if (padKey(before) === padKey(now)) return undefined
  const touches =
    ride.exchanges.filter((x) => x.segment === before.id).length +
    ride.marks.filter(({ said }) => ANSWERS.has(said.kind) && 'segment' in said && said.segment === before.id)
      .length
  const isTallied = ride.marks.some(({ said }) => said.kind === 'tally' && said.segment === before.id)
  return touches < ENOUGH_TOUCHES && !isTallied ? before : undefined
}

const ANSWERS = new Set<string>(['choice', 'poles', 'position', 'line'])

/** Whether the fault with a key of its own is on: switched on, and no ask has carried it since. */
export function isLatched(ride: Ride, latch: { name: string; side: string }): boolean {
  const last = ride.marks.findLast(
    ({ said }) => said.kind === 'latch' && said.name === latch.name && said.side === latch.side,
  )
  if (last?.said.kind !== 'latch' || !last.said.on) return false
  return !ride.exchanges.some((x) => x.atMs >= last.atMs)
}

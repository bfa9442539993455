import type { Step } from '../api'
import { MARK_KINDS } from '../record'
import type { Gait, Mounted, Place, Rein } from '../record'
import type { KeptEntry } from '../store'

/** What is being ridden: the payload of a segment. */
export interface Ridden {
  exercise: string
  gait: Gait
  place: Place
  rein: Rein
  mounted: Mounted
}

/** An exercise that can be chosen, with the gaits it has rungs in. */
export interface Choice {
  exercise: string
  shortName: string
  state: Step['state']
}

const ORDER: Step['state'][] = ['IN_WORK', 'OPEN', 'PASSED', 'RESTING', 'PAUSED', 'CLOSED']

/** The exercises of a pair's stair, those in work first; each once, in the state of its liveliest rung. */
export function choicesOf(rungs: Step[]): Choice[] {
  const sorted = [...rungs].sort((a, b) => ORDER.indexOf(a.state) - ORDER.indexOf(b.state))
  const first = new Map<string, Choice>()
  for (const { exercise, shortName, state } of sorted) {
    if (!first.has(exercise)) first.set(exercise, { exercise, shortName, state })
  }
  return [...first.values()]
}

/** The rung of an exercise that is worked on now; its gait and place are set with the exercise. */
export function rungOf(rungs: Step[], exercise: string): Step | undefined {
  return [...rungs]
    .sort((a, b) => ORDER.indexOf(a.state) - ORDER.indexOf(b.state))
    .find((r) => r.exercise === exercise)
}

/** Where a lesson begins: on the first rung in work, on the left rein, under the pair's own rider. */
export function firstRidden(rungs: Step[]): Ridden {
  const rung = choicesOf(rungs)
    .map((c) => rungOf(rungs, c.exercise))
    .find((r) => r !== undefined)
  if (!rung) throw new Error('A packet without rungs: the catalogue must not be empty.')
  return { exercise: rung.exercise, gait: rung.gait, place: rung.place, rein: 'LEFT', mounted: 'RIDER' }
}

/** What goes on when one thing changes; a new exercise brings its own gait and place. */
export function changed(rungs: Step[], now: Ridden, change: Partial<Ridden>): Ridden {
  const { exercise, gait, place, rein, mounted } = now
  const rung = change.exercise ? rungOf(rungs, change.exercise) : undefined
  return { exercise, gait: rung?.gait ?? gait, place: rung?.place ?? place, rein, mounted, ...change }
}

/** Marks of the moment, in the order they are shown. */
export const SEEN_KINDS = MARK_KINDS.filter((k) => k !== 'conditions' && k !== 'effort')
const UNDOABLE = new Set<string>(['exchange', 'note', 'segment', 'rest', 'effort', ...SEEN_KINDS])

/** The last thing written here that still stands and can be taken back; the first segment stays. */
export function lastStanding(entries: KeptEntry[], voided: string[], device: string): KeptEntry | undefined {
  const gone = new Set(voided)
  const own = entries
    .filter((e) => e.device === device && UNDOABLE.has(e.kind) && !gone.has(e.id))
    .sort((a, b) => a.seq - b.seq)
  const last = own.at(-1)
  return last?.kind === 'segment' && own.filter((e) => e.kind === 'segment').length === 1 ? undefined : last
}

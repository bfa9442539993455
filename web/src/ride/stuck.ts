import type { Plan } from '../api'
import type { Response, Ride } from '../record'

const TIRED = new Set(['tired', 'breath-not-settled'])

/** A tired sign, or a breath that did not settle: seen in this lesson. */
export function isTired(ride: Ride): boolean {
  return ride.marks.some(({ said }) => said.kind === 'sign' && TIRED.has(said.name))
}

/** When the lesson last went back a step: onto the way back of what was ridden before. Null while it did not. */
export function stepBackMs(ride: Ride, plan: Plan): number | null {
  const back = new Map(plan.blocks.flatMap((b) => (b.wayBack ? [[b.of.rung, b.wayBack.rung]] : [])))
  const rungs = ride.segments.map((s) => `${s.exercise}.${s.gait}.${s.place}`.toLowerCase())
  for (let i = rungs.length - 1; i > 0; i--) {
    const before = rungs[i - 1]
    if (before !== undefined && before !== rungs[i] && back.get(before) === rungs[i]) {
      return ride.segments[i]?.atMs ?? null
    }
  }
  return null
}

/** Answers under the pair's own rider since then, and whether it was frightened. */
export function sinceStepBack(ride: Ride, plan: Plan): { sinceStepBack: Response[]; isFrightened: boolean } {
  const from = stepBackMs(ride, plan)
  if (from === null) return { sinceStepBack: [], isFrightened: false }
  const own = new Set(ride.segments.filter((s) => s.mounted === 'RIDER').map((s) => s.id))
  return {
    sinceStepBack: ride.exchanges.filter((x) => x.atMs >= from && own.has(x.segment)).map((x) => x.response),
    isFrightened: ride.marks.some(
      ({ atMs, said }) =>
        atMs >= from &&
        ((said.kind === 'choice' && said.choice === 'FRIGHT') ||
          (said.kind === 'sign' && said.name === 'jumps-away')),
    ),
  }
}

import type { NamedRung, Packet, Plan } from '../api'
import type { Limit } from '../look'
import type { Segment, Side } from '../record'
import { isOneSide } from '../ui'
import type { RiddenSegment } from '../capture'

/** The gaits that a look's limit forbids. */
const FORBIDDEN: Record<Limit, readonly string[]> = {
  NOTHING_RIDDEN: [],
  WALK_ONLY: ['TROT', 'CANTER'],
  NO_CANTER: ['CANTER'],
}

/** One turn of the plan. */
export interface PlannedTurn {
  block: number
  of: NamedRung
  rein: 'LEFT' | 'RIGHT'
  seconds: number
  /** The circle's diameter, as planned for this horse. */
  circleM: number | null
  /** The side to work, where the exercise leaves it open; what was kept by an older version does not say it. */
  side: Side | undefined
}

/** The plan as one row of turns, without those that today's look forbids: it may be newer than the plan. */
export function turnsOf(plan: Plan, limits: Limit[] = []): PlannedTurn[] {
  if (limits.includes('NOTHING_RIDDEN')) return []
  return plan.blocks.flatMap((b, block) =>
    limits.some((limit) => FORBIDDEN[limit].includes(b.of.gait))
      ? []
      : b.turns.map((turn) => ({
          block,
          of: b.of,
          rein: turn.rein === 'RIGHT' ? ('RIGHT' as const) : ('LEFT' as const),
          seconds: turn.seconds,
          circleM: b.circleM,
          side: b.side,
        })),
  )
}

function isOf(turn: PlannedTurn, s: RiddenSegment): boolean {
  return (
    turn.of.exercise === s.exercise &&
    turn.of.gait === s.gait &&
    turn.of.place === s.place &&
    turn.rein === s.rein
  )
}

/**
 * Where in the plan a ride is: the last turn begun, −1 before any. Read from the log alone, so that it is the same after
 * a reload. Segments beside the plan leave it where it was; one that jumps ahead takes it along, never back.
 */
export function positionIn(turns: PlannedTurn[], segments: Segment[]): number {
  let at = -1
  for (const s of segments) {
    const next = turns.findIndex((turn, i) => i > at && isOf(turn, s))
    if (next >= 0 && !isMoreOfTheSame(turns[at], turns[next])) at = next
  }
  return at
}

/** One more change of rein on the same exercise is not the place where the plan comes back to it, past another one. */
function isMoreOfTheSame(now: PlannedTurn | undefined, next: PlannedTurn | undefined): boolean {
  return now !== undefined && next?.of.rung === now.of.rung && next.block > now.block + 1
}

/** The plan measures here, before another exercise. */
export function isProbe(plan: Plan, turns: PlannedTurn[], at: number): boolean {
  const turn = turns[at]
  return turn !== undefined && plan.blocks[turn.block]?.role === 'PROBE'
}

/** What is ridden in a turn, by whoever rides now. */
export function riddenIn(turn: PlannedTurn, mounted: RiddenSegment['mounted']): RiddenSegment {
  const { exercise, gait, place } = turn.of
  return {
    exercise,
    gait,
    place,
    rein: turn.rein,
    mounted,
    ...(turn.circleM !== null && { circleM: turn.circleM }),
    ...(isOneSide(turn.side) && { side: turn.side }),
  }
}

/** Strides that suit this horse on the first line of fences that stands; undefined where none does, or it is a bounce. */
export function stridesSuited({ stands }: Packet['ground']): number | undefined {
  const gaps = stands?.measured.things.flatMap((thing) => thing.fences?.gaps ?? []) ?? []
  return gaps.flatMap((gap) => gap.horses).find((h) => h.nearest > 0)?.nearest
}

import type { Packet, RungForRide, Usual } from '../api'
import type { Aid, Bend, CorrectionPolicy, Gait, Mounted, Place, Rein, School, WorkedSide } from '../record'
import type { OneSide } from '../ui'

/** What is being ridden: the payload of a segment. */
export interface RiddenSegment {
  exercise: string
  gait: Gait
  place: Place
  rein: Rein
  mounted: Mounted
  circleM?: number | undefined
  bend?: Bend | undefined
  aids?: Aid[] | undefined
  /** The side of the horse that is worked, where the exercise leaves it open and it was said. */
  side?: OneSide | undefined
  /** How it is asked, where that is borrowed from another school than the lesson's. */
  school?: School | undefined
  /** What is done about an error, where that is said apart from exercise and school. */
  correction?: CorrectionPolicy | undefined
  /** The cue of the pair's book it is asked by. */
  cue?: string | undefined
  /** The letter on the track at which it was begun. */
  from?: string | undefined
}

/** What may be ridden, and how it is usually asked. */
export interface RungsAndAids {
  rungs: RungForRide[]
  usual: Usual[]
  schools: Packet['schools']
  /** What exercises have by themselves where the lesson's school touches them in otherwise. */
  ownPads: Packet['ownPads']
  /** Of the yard's own strands, by their ids; a packet that an earlier version fetched has none. */
  strandNames?: Record<string, string>
}

/** An exercise that can be chosen, with the gaits it has rungs in. */
export interface Choosable {
  exercise: string
  strand: string
  shortName: string
  state: RungForRide['state']
}

const ORDER: RungForRide['state'][] = ['IN_WORK', 'OPEN', 'PASSED', 'PLACED', 'RESTING', 'PAUSED', 'CLOSED']
const WHOLE_CIRCLE_M = 20
/** A smaller one is turned in steps, as between two cones: it is no circle that a record could name. */
const LEAST_CIRCLE_M = 6

/** The exercises of a pair's stair, those in work first; each once, in the state of its liveliest rung. */
export function choicesOf(rungs: RungForRide[]): Choosable[] {
  const sorted = [...rungs].sort((a, b) => ORDER.indexOf(a.state) - ORDER.indexOf(b.state))
  const first = new Map<string, Choosable>()
  for (const { exercise, strand, shortName, state } of sorted) {
    if (!first.has(exercise)) first.set(exercise, { exercise, strand, shortName, state })
  }
  return [...first.values()]
}

/** The rung of an exercise that is worked on now; its gait and place are set with the exercise. */
export function rungOf(rungs: RungForRide[], exercise: string): RungForRide | undefined {
  return [...rungs]
    .sort((a, b) => ORDER.indexOf(a.state) - ORDER.indexOf(b.state))
    .find((r) => r.exercise === exercise)
}

/** The side of the horse an exercise works; of one that is not among them, the inner one, as of most. */
export function worksOf(rungs: RungForRide[], exercise: string): WorkedSide {
  return rungs.find((r) => r.exercise === exercise)?.works ?? 'INSIDE'
}

/** Where a lesson begins: on the first rung in work, on the left rein, under the pair's own rider. */
export function firstRidden(known: RungsAndAids): RiddenSegment {
  const rung = choicesOf(known.rungs)
    .map((c) => rungOf(known.rungs, c.exercise))
    .find((r) => r !== undefined)
  if (!rung) throw new Error('A packet without rungs: the catalogue must not be empty.')
  const { exercise, gait, place } = rung
  return asAsked(known, { exercise, gait, place, rein: 'LEFT', mounted: 'RIDER' })
}

/**
 * What goes on when one thing changes; a new exercise brings its own gait, place and circle, and no bend yet. A school that
 * is borrowed stays until it is given back. Where it was begun is said of one stretch: who begins the next one leaves it out.
 */
export function changed(
  known: RungsAndAids,
  now: RiddenSegment,
  change: Partial<RiddenSegment>,
): RiddenSegment {
  const { exercise, gait, place, rein, mounted, circleM, bend, side, school, correction, cue, from } = now
  const isNew = change.exercise !== undefined && change.exercise !== exercise
  const rung = isNew && change.exercise ? rungOf(known.rungs, change.exercise) : undefined
  return asAsked(known, {
    exercise,
    gait: rung?.gait ?? gait,
    place: rung?.place ?? place,
    rein,
    mounted,
    ...(school && { school }),
    ...(isNew ? {} : { circleM, bend, side, ...(correction && { correction }) }),
    // a cue is given in its gait
    ...(cue && !isNew && (change.gait ?? gait) === gait && { cue }),
    ...(from && !isNew && { from }),
    ...change,
  })
}

/** With the circle it needs and the aids it is usually asked with on this rein. */
export function asAsked({ rungs, usual }: RungsAndAids, ridden: RiddenSegment): RiddenSegment {
  const own = usual.find((u) => u.exercise === ridden.exercise)
  const { aids: _, circleM, side, ...rest } = ridden
  const aids = usualAids(own, ridden.rein)
  const across = circleM ?? own?.circleM ?? WHOLE_CIRCLE_M
  return {
    ...rest,
    ...(ridden.place === 'CIRCLE' && across >= LEAST_CIRCLE_M && { circleM: across }),
    ...(aids.length > 0 && { aids }),
    ...(side && worksOf(rungs, ridden.exercise) === 'CHOSEN' && { side }),
  }
}

function usualAids(own: Usual | undefined, rein: Rein): Aid[] {
  const of = own && { LEFT: own.left, RIGHT: own.right, NONE: own.none }[rein]
  return (of ?? []).map(({ means, side, manner, foot }) => ({
    means,
    side,
    ...(manner && { manner }),
    ...(foot && { foot }),
  }))
}

/** Only what is ridden, of a segment. */
export function asRidden({
  exercise,
  gait,
  place,
  rein,
  mounted,
  circleM,
  bend,
  aids,
  side,
  school,
  correction,
  cue,
  from,
}: RiddenSegment): RiddenSegment {
  return { exercise, gait, place, rein, mounted, circleM, bend, aids, side, school, correction, cue, from }
}

/** How what is ridden is touched in: as the school it is asked by has it; an exercise the packet does not know, by strength. */
export function padOf(
  { usual, schools, ownPads }: Pick<RungsAndAids, 'usual' | 'schools' | 'ownPads'>,
  { exercise, school }: Pick<RiddenSegment, 'exercise' | 'school'>,
): Usual['padKind'] {
  const asTaught = usual.find((u) => u.exercise === exercise)?.padKind ?? 'STRENGTH'
  const borrowed = school && schools.find((s) => s.school === school)
  const own = ownPads[exercise] ?? asTaught
  return borrowed ? (borrowed.pads[own] ?? own) : asTaught
}

/** Whether two say the same. */
export function isSame(a: RiddenSegment, b: RiddenSegment): boolean {
  return JSON.stringify(asRidden(a)) === JSON.stringify(asRidden(b))
}

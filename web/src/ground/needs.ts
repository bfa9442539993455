import type { GroundArena, GroundRoom, PlannedLesson, WantedNeed } from '../api'
import { thingOf } from './ofExercise'

/** What a lesson rides on the ground by its plan, and when; the track is always there. */
export function needsOf(
  { plan, lesson }: PlannedLesson,
  idOf: () => string,
  room: GroundRoom,
  arena: GroundArena,
): WantedNeed[] {
  let fromS = plan.beforeS
  return plan.blocks.flatMap((block) => {
    const lastsS = block.workS + block.restS
    const beganS = fromS
    fromS += lastsS
    const pace = room.gaits.find((g) => g.pace === block.of.gait)?.pace
    const thing =
      block.ground.kind === 'TRACK'
        ? undefined
        : thingOf(block.ground.kind, block.circleM, idOf(), room, arena)
    return thing && pace && lastsS > 0 ? [{ thing, pair: lesson.pair, pace, fromS: beganS, lastsS }] : []
  })
}

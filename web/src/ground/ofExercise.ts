import type { Ground, GroundArena, GroundRoom, WantedThing } from '../api'
import { blank, newThing, usualFigure } from './things'

export type ExerciseGround = Ground['kind']

const FORMS: Partial<Record<ExerciseGround, GroundRoom['forms'][number]['form']>> = {
  TRACK: 'TRACK',
  CIRCLE: 'CIRCLE',
  SERPENTINE: 'SERPENTINE',
  FIGURE_EIGHT: 'FIGURE_EIGHT',
  CHANGE_IN_CIRCLE: 'CHANGE_IN_CIRCLE',
  SPIRAL: 'SPIRAL',
  TWO_CONES: 'TWO_CONES',
  LOOP: 'LOOP',
  DIAGONAL: 'DIAGONAL',
  LEG_YIELD: 'ZIGZAG',
}

/** What an exercise is ridden on, as it is mostly set up; undefined where nothing is. */
export function thingOf(
  kind: ExerciseGround,
  circleM: number | null,
  id: string,
  room: GroundRoom,
  arena: GroundArena,
): WantedThing | undefined {
  if (kind === 'POLE_LINE') return newThing('row', id, room, arena)
  if (kind === 'POLE_FAN') return newThing('fan', id, room, arena)
  if (kind === 'FENCE_LINE' || kind === 'COURSE') return newThing('fences', id, room, arena)
  const form = room.forms.find((f) => f.form === FORMS[kind])
  if (!form) return undefined
  const figure = usualFigure(form, room, 'LEFT')
  return {
    ...blank(id),
    figure: kind === 'CIRCLE' && circleM !== null ? { ...figure, sizeM: circleM } : figure,
  }
}

/** What a set-up can be begun with from elsewhere. */
export const EXERCISE_GROUNDS = Object.keys(FORMS).concat('POLE_LINE', 'POLE_FAN', 'FENCE_LINE', 'COURSE')

export function isExerciseGround(kind: string | null): kind is ExerciseGround {
  return kind !== null && EXERCISE_GROUNDS.includes(kind)
}

import type { OwnForm, OwnWork } from '../api'
import { blankForm, newOwnId } from './ownForm'

/** A stage of a programme: an exercise that is there already, or one that is made with it. */
export interface Stage {
  id: string
  form: OwnForm
  isNew: boolean
}

/** Days at a stage before the next, where nobody says otherwise: a week. Common practice, no source. */
const DAYS = 7

export function blankStage(stopIf: string[]): Stage {
  return {
    id: newOwnId(),
    form: { ...blankForm(stopIf), gate: { easyRunning: 2, minDays: DAYS } },
    isNew: true,
  }
}

/** The exercise of this id as a stage; none where it is not there. */
export function thereStage(own: OwnWork, id: string): Stage[] {
  const exercise = own.exercises.find((e) => e.id === id)
  return exercise ? [{ id, form: exercise.exercise, isNew: false }] : []
}

/** With the one at this place moved up or down by one; at the end of the row it stays. */
export function moved(stages: Stage[], at: number, by: -1 | 1): Stage[] {
  const to = at + by
  const one = stages[at]
  const other = stages[to]
  if (!one || !other) return stages
  return stages.map((s, i) => (i === at ? other : i === to ? one : s))
}

import { v7 } from 'uuid'
import type { Exercise, OwnForm } from '../api'

export const GAITS = ['HALT', 'WALK', 'TROT', 'CANTER'] as const
export const PLACES = [
  'RAIL',
  'CIRCLE',
  'ACROSS',
  'SPOT',
  'POLES',
  'FENCES',
  'TRAIL',
  'HILL',
  'STALL',
  'TRAILER',
] as const
export const UNITS = ['MINUTES', 'REPEATS', 'CIRCLES'] as const

/** About how long one of them takes, in minutes, where nobody says otherwise. Common practice, no source. */
const MINUTES_EACH = { MINUTES: 1, REPEATS: 0.5, CIRCLES: 1 } as const

/** The longest that still fits a key of Ride. */
export const SHORT = 18

/** Ids are made here, so that a save that is sent twice makes one exercise. */
export function newOwnId(): string {
  return `own-${v7()}`
}

/** What a coach begins with: the usual stop sign is there already, and nothing is left to choose but what is its own. */
export function blankForm(stopIf: string[]): OwnForm {
  return {
    name: '',
    shortName: null,
    from: null,
    strand: null,
    steps: [{ gait: 'WALK', place: 'RAIL' }],
    needs: [],
    works: 'INSIDE',
    people: 'NOBODY',
    isHard: false,
    dose: { least: 5, most: 5, unit: 'MINUTES', minutesEach: 1 },
    gate: { easyRunning: 2, minDays: 5 },
    instruction: '',
    feel: '',
    goesWrong: '',
    secondBest: '',
    stopIf,
    cautions: [],
  }
}

/** A shipped exercise to be changed: what it has for safety stays with it on the server, whatever is written here. */
export function copyOf(e: Exercise, name: string): OwnForm {
  return {
    ...blankForm(e.stopIf.slice(0, 8)),
    name: name.slice(0, 60),
    from: e.id,
    steps: e.rungs.slice(0, 8).map(({ gait, place }) => ({ gait, place })),
    works: e.works,
    people: e.people,
    isHard: e.isHard,
    dose: e.dose,
    gate: null,
    instruction: e.instruction,
    feel: e.feel.slice(0, 200),
    goesWrong: e.goesWrong.slice(0, 200),
    secondBest: e.secondBest.slice(0, 200),
  }
}

/** The gaits that are ridden, each at the one place of the form. */
export function withGait(form: OwnForm, gait: string): OwnForm {
  const { place } = form.steps[0] ?? { place: 'RAIL' }
  const gaits = form.steps.map((s) => s.gait)
  const next = gaits.includes(gait) ? gaits.filter((g) => g !== gait) : [...gaits, gait]
  // at least one is ridden
  if (next.length === 0) return form
  return { ...form, steps: inOrder(next).map((g) => ({ gait: g, place })) }
}

function inOrder(gaits: string[]): string[] {
  const known: readonly string[] = GAITS
  return [...new Set(gaits)].sort((a, b) => known.indexOf(a) - known.indexOf(b))
}

export function withPlace(form: OwnForm, place: string): OwnForm {
  return { ...form, steps: inOrder(form.steps.map((s) => s.gait)).map((gait) => ({ gait, place })) }
}

/** So many of them, on each rein. */
export function withAmount(form: OwnForm, amount: number): OwnForm {
  const n = Math.max(1, Math.min(60, Math.round(amount)))
  return { ...form, dose: { ...form.dose, least: n, most: n } }
}

export function withUnit(form: OwnForm, unit: (typeof UNITS)[number]): OwnForm {
  return { ...form, dose: { ...form.dose, unit, minutesEach: MINUTES_EACH[unit] } }
}

/** What is still missing before it can be saved, as the keys of its texts. */
export function missingIn(form: OwnForm): ('name' | 'feel' | 'stopIf')[] {
  return [
    ...(form.name.trim() === '' ? (['name'] as const) : []),
    ...(form.feel.trim() === '' ? (['feel'] as const) : []),
    ...(form.stopIf.length === 0 ? (['stopIf'] as const) : []),
  ]
}

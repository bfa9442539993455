import type { ExerciseItem } from '../api'

/** What is looked for; an empty word or null asks for anything. */
export interface Search {
  word: string
  strand: string | null
  gait: string | null
  school: ExerciseItem['schools'][number] | null
  purpose: ExerciseItem['purpose'][number] | null
  people: ExerciseItem['people'] | null
  /** An item that is used, or that nothing is. */
  kit: string | null
  /** Only what the yard made, also what was put away. */
  isOwn: boolean
}

/** Stands for what is ridden without any kit. */
export const NO_KIT = '-'

export const ANYTHING: Search = {
  word: '',
  strand: null,
  gait: null,
  school: null,
  purpose: null,
  people: null,
  kit: null,
  isOwn: false,
}

/** Whether an exercise is like this; each word that was typed begins a word of its name or of its strand's. */
export function isWanted(exercise: ExerciseItem, strandName: string, wanted: Search): boolean {
  const said = wordsOf(`${exercise.name} ${strandName}`)
  return (
    wordsOf(wanted.word).every((typed) => said.some((word) => word.startsWith(typed))) &&
    (wanted.strand === null || exercise.strand === wanted.strand) &&
    (wanted.gait === null || exercise.gaits.includes(wanted.gait)) &&
    (wanted.school === null || exercise.schools.includes(wanted.school)) &&
    (wanted.purpose === null || exercise.purpose.includes(wanted.purpose)) &&
    (wanted.people === null || exercise.people === wanted.people) &&
    (wanted.kit === null ||
      (wanted.kit === NO_KIT ? exercise.kit.length === 0 : exercise.kit.includes(wanted.kit))) &&
    // what was put away is taught by no school, and looked for among one's own alone
    (wanted.isOwn ? exercise.isOwn : exercise.schools.length > 0)
  )
}

function wordsOf(text: string): string[] {
  return text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean)
}

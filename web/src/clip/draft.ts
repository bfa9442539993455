import type { Landing } from '../record'

const keyOf = (person: string, clip: string) => `strophos.footfalls.${person}.${clip}`

/** Landings that were marked and not kept yet, so that a page that goes takes none of them with it. */
export function draftOf(person: string, clip: string): Landing[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(keyOf(person, clip)) ?? '[]')
    return Array.isArray(kept) ? kept.filter(isLanding) : []
  } catch {
    return []
  }
}

export function keepDraft(person: string, clip: string, landings: readonly Landing[]): void {
  try {
    if (landings.length === 0) localStorage.removeItem(keyOf(person, clip))
    else localStorage.setItem(keyOf(person, clip), JSON.stringify(landings))
  } catch {
    // a full device: they stand in the page all the same
  }
}

const FEET: readonly unknown[] = ['LEFT_HIND', 'RIGHT_HIND', 'LEFT_FORE', 'RIGHT_FORE']

function isLanding(of: unknown): of is Landing {
  if (typeof of !== 'object' || of === null || !('foot' in of) || !('ms' in of)) return false
  return FEET.includes(of.foot) && Number.isInteger(of.ms)
}

import type { EarlierMark } from '../api'
import type { Mark, RideMark, Side } from '../record'

export interface Usual {
  kind: 'fault' | 'sign'
  name: string
  side: Side
}

/** What the pair is marked for most, in its last lessons and in this one, the most frequent first; of equals the later one. */
export function usualOf(
  before: EarlierMark[],
  marks: RideMark[],
  kind: 'fault' | 'sign',
  most: number,
): Usual[] {
  const counts = new Map<string, { usual: Usual; times: number; last: number }>()
  before.forEach(({ isSign, name, side, times }, at) => {
    if (isSign !== (kind === 'sign')) return
    counts.set(`${name}.${side}`, { usual: { kind, name, side }, times, last: -1 - at })
  })
  marks.forEach(({ said }, at) => {
    if (!isSeen(said) || said.kind !== kind) return
    const key = `${said.name}.${said.side}`
    const { name, side } = said
    counts.set(key, { usual: { kind, name, side }, times: (counts.get(key)?.times ?? 0) + 1, last: at })
  })
  return [...counts.values()]
    .sort((a, b) => b.times - a.times || b.last - a.last)
    .slice(0, most)
    .map((c) => c.usual)
}

function isSeen(mark: Mark): mark is Extract<Mark, { name: string }> {
  return mark.kind === 'fault' || mark.kind === 'sign'
}

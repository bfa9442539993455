import i18next from 'i18next'
import { describe, expect, test } from 'vitest'
import type { Mark, RideMark } from '../record'
import { HABITS, HORSE, RIDER, wordOf } from './words'
import { usualOf } from './usual'

const segment = '00000000-0000-7000-8000-000000000001'
let n = 0
const marked = (said: Mark): RideMark => ({ id: String(n++), atMs: n, author: 'a', said })
const fault = (name: string, side: 'LEFT' | 'RIGHT' | 'NONE' = 'NONE') =>
  marked({ kind: 'fault', segment, name, side })

describe('the usual ones', () => {
  test('stand by how often they were marked, each side apart', () => {
    const marks = [
      fault('heel-up', 'LEFT'),
      fault('leg-back', 'LEFT'),
      fault('leg-back', 'RIGHT'),
      fault('leg-back', 'LEFT'),
      marked({ kind: 'sign', segment, name: 'jaw-soft', side: 'NONE' }),
      marked({ kind: 'praise', segment }),
    ]
    expect(usualOf([], marks, 'fault', 2)).toEqual([
      { kind: 'fault', name: 'leg-back', side: 'LEFT' },
      { kind: 'fault', name: 'leg-back', side: 'RIGHT' },
    ])
    expect(usualOf([], marks, 'sign', 2)).toEqual([{ kind: 'sign', name: 'jaw-soft', side: 'NONE' }])
  })

  test('come from the last lessons, and from this one as it goes on', () => {
    const seen = (name: string, times: number, isSign = false) => ({
      isSign,
      name,
      side: 'NONE' as const,
      times,
    })
    const before = [seen('heel-up', 2), seen('jaw-soft', 2, true), seen('leg-back', 1), seen('looks-down', 1)]
    const names = (marks: RideMark[]) => usualOf(before, marks, 'fault', 3).map((u) => u.name)
    expect(names([])).toEqual(['heel-up', 'leg-back', 'looks-down'])
    expect(names([fault('looks-down'), fault('looks-down')])).toEqual(['looks-down', 'heel-up', 'leg-back'])
  })
})

describe('the lists', () => {
  const words = [...RIDER, ...HORSE].flatMap((r) => r.words).concat(HABITS)

  test('name everything once, in a name the record can keep', () => {
    expect(new Set(words.map((w) => w.name)).size).toBe(words.length)
    for (const { name } of words) expect(name).toMatch(/^[a-z][a-z0-9-]{0,63}$/)
  })

  test('have a word for everything in the language file', () => {
    for (const { name } of words) expect(i18next.exists(`seen.${name}`), name).toBe(true)
    for (const { region } of [...RIDER, ...HORSE])
      expect(i18next.exists(`region.${region}`), region).toBe(true)
  })

  test('know a word by its name', () => {
    expect(wordOf('leg-back')?.sided).toBe(true)
    expect(wordOf('jaw-soft')?.good).toBe(true)
    expect(wordOf('no-such-thing')).toBeUndefined()
  })
})

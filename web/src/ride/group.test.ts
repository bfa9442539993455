import { describe, expect, test } from 'vitest'
import { lesson, packet } from '../page.testing'
import { fold } from '../record'
import type { Beside } from '../recorder'
import type { HorseNow } from '../safety'
import type { StoredEntry } from '../store'
import { begun, overWith, stateOf, turned } from './group'

const id = (n: number) => `00000000-0000-7000-8000-${String(n).padStart(12, '0')}`

/** A lesson of the group whose log says this: a kind, its payload, and how many seconds after the one before. */
function beside(...said: [kind: string, payload: object, seconds: number][]): Beside {
  const of = lesson({ horse: 'Vesper' })
  let atMs = 0
  const entries = said.map(([kind, payload, seconds], i): StoredEntry => {
    atMs += seconds * 1000
    const rest = { lesson: of.id, device: id(801), author: id(900), v: 1, passage: 'stored' as const }
    return { id: id(i + 1), seq: i + 1, atMs, kind, payload: { ...payload }, ...rest }
  })
  const kept = { lesson: of.id, packet: packet(of), offsetMs: 0, arrival: 0 }
  return { ...of, lesson: of.id, kept, entries, ride: fold(entries) }
}

const on = (rein: string, more: object = {}) => ({
  exercise: 'counter-bend',
  gait: 'TROT',
  place: 'RAIL',
  rein,
  mounted: 'RIDER',
  ...more,
})
const START: [string, object, number] = ['lesson_started', {}, 0]
const PAUSED = { isPaused: true, isDayOver: false } as HorseNow

describe('how another pair of the group stands', () => {
  test.each([
    ['WAITING', beside()],
    ['LEFT', beside(START, ['segment', on('LEFT'), 1])],
    ['NONE', beside(START, ['segment', on('NONE', { place: 'SPOT' }), 1])],
    ['RESTING', beside(START, ['segment', on('LEFT'), 1], ['rest', {}, 60])],
    ['OVER', beside(START, ['segment', on('LEFT'), 1], ['lesson_ended', {}, 60])],
    ['OUT', beside(['first_look', { soundness: 'UNLEVEL' }, 0])],
    ['OUT', beside(START, ['segment', on('LEFT'), 1], ['stop_sign', { sign: 'UNLEVEL', side: 'NONE' }, 9])],
  ])('%s', (state, other) => {
    expect(stateOf(other.ride, undefined)).toBe(state)
    expect(stateOf(other.ride, PAUSED)).toBe('OUT')
  })
})

describe('one change of rein for all', () => {
  const ridden = beside(START, ['segment', on('LEFT', { circleM: 15, place: 'CIRCLE' }), 1])

  test('keeps what each rides but the rein', () => {
    expect(turned(ridden, undefined, 'RIGHT')).toMatchObject({
      kind: 'segment',
      payload: { exercise: 'counter-bend', gait: 'TROT', place: 'CIRCLE', circleM: 15, rein: 'RIGHT' },
    })
  })

  test.each([
    ['is on it already', beside(START, ['segment', on('RIGHT'), 1])],
    ['rests', beside(START, ['segment', on('LEFT'), 1], ['rest', {}, 60])],
    ['does something that has no rein', beside(START, ['segment', on('NONE', { place: 'SPOT' }), 1])],
    ['has not begun', beside()],
    ['has ended', beside(START, ['segment', on('LEFT'), 1], ['lesson_ended', {}, 60])],
  ])('leaves a pair alone that %s', (_, other) => {
    expect(turned(other, undefined, 'RIGHT')).toBeUndefined()
  })

  test('a horse that is paused is not turned', () => {
    expect(turned(ridden, PAUSED, 'RIGHT')).toBeUndefined()
  })

  test('ends a turn that is worth a tally where hardly anything was touched in', () => {
    const entry = (seconds: number): StoredEntry => {
      const [, first] = ridden.entries
      if (!first) throw new Error('No entry.')
      return { ...first, id: id(99), seq: 99, atMs: seconds * 1000, payload: on('RIGHT') }
    }
    expect(overWith(ridden, entry(60))?.id).toBe(id(2))
    expect(overWith(ridden, entry(20)), 'too short to count').toBeUndefined()
  })
})

test('all begin on the rein of the pair on the screen', () => {
  const rein = (words: ReturnType<typeof begun>) =>
    words.map((w) => (w.kind === 'segment' ? w.payload.rein : w.kind))
  const { kept, ride } = beside()
  expect(rein(begun(kept, ride))).toEqual(['lesson_started', 'LEFT'])
  expect(rein(begun(kept, ride, 'RIGHT'))).toEqual(['lesson_started', 'RIGHT'])
})

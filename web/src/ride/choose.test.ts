import { describe, expect, test } from 'vitest'
import type { Step } from '../api'
import type { Segment } from '../record'
import type { KeptEntry } from '../store'
import { changed, choicesOf, firstRidden, lastStanding } from './choose'

function step(exercise: string, gait: Step['gait'], place: Step['place'], state: Step['state']): Step {
  const side = { successes: 0, asks: 0, window: 10, needed: 8, lessonsHeld: 0, lessonsNeeded: 2 }
  return {
    rung: `${exercise}.${gait}.${place}`,
    strand: 'bend',
    exercise,
    name: exercise,
    shortName: exercise,
    gait,
    place,
    state,
    left: side,
    right: side,
    missing: [],
  }
}

const rungs = [
  step('counter-bend', 'WALK', 'RAIL', 'PASSED'),
  step('counter-bend', 'TROT', 'RAIL', 'CLOSED'),
  step('circle', 'WALK', 'CIRCLE', 'IN_WORK'),
]

const segment: Segment = {
  id: 's',
  atMs: 0,
  endMs: null,
  exercise: 'circle',
  gait: 'WALK',
  place: 'CIRCLE',
  rein: 'RIGHT',
  mounted: 'RIDER',
}

describe('choosing what is ridden', () => {
  test('offers what is in work first, each exercise once', () => {
    expect(choicesOf(rungs).map((c) => c.exercise)).toEqual(['circle', 'counter-bend'])
  })

  test('begins on the first rung in work under the rider', () => {
    expect(firstRidden(rungs)).toEqual({
      exercise: 'circle',
      gait: 'WALK',
      place: 'CIRCLE',
      rein: 'LEFT',
      mounted: 'RIDER',
    })
  })

  test('brings gait and place with another exercise, and keeps rein and rider', () => {
    const next = changed(rungs, { ...segment, gait: 'TROT' }, { exercise: 'counter-bend' })
    expect(next).toEqual({
      exercise: 'counter-bend',
      gait: 'WALK',
      place: 'RAIL',
      rein: 'RIGHT',
      mounted: 'RIDER',
    })
  })

  test('changes one thing alone otherwise', () => {
    expect(changed(rungs, segment, { rein: 'LEFT' })).toMatchObject({ exercise: 'circle', rein: 'LEFT' })
  })
})

describe('what can be taken back', () => {
  const entry = (id: string, kind: string, seq: number, device = 'here'): KeptEntry => ({
    id,
    lesson: 'l',
    device,
    author: 'a',
    seq,
    atMs: seq,
    kind,
    v: 1,
    payload: {},
    passage: 'stored',
  })

  test('is the last of this device that still stands', () => {
    const entries = [
      entry('s1', 'segment', 1),
      entry('x1', 'exchange', 2),
      entry('x2', 'exchange', 3),
      entry('v', 'void', 4),
      entry('other', 'exchange', 9, 'there'),
    ]
    expect(lastStanding(entries, ['x2'], 'here')?.id).toBe('x1')
  })

  test('is never the first segment: a ride without one could not be recorded', () => {
    expect(lastStanding([entry('s1', 'segment', 1)], [], 'here')).toBeUndefined()
    expect(lastStanding([entry('s1', 'segment', 1), entry('s2', 'segment', 2)], [], 'here')?.id).toBe('s2')
  })
})

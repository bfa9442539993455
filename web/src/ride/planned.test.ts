import { describe, expect, test } from 'vitest'
import type { NamedRung, Plan } from '../api'
import type { Segment } from '../record'
import { isProbe, positionIn, riddenIn, turnsOf } from './planned'

const rung = (exercise: string): NamedRung => ({
  rung: `${exercise}.walk.rail`,
  exercise,
  name: exercise,
  shortName: exercise,
  gait: 'WALK',
  place: 'RAIL',
})
const block = (exercise: string, turns: ('LEFT' | 'RIGHT')[]) => ({
  of: rung(exercise),
  turns: turns.map((rein) => ({ rein, seconds: 120 })),
})
const plan = {
  blocks: [block('a', ['LEFT', 'RIGHT']), block('b', ['RIGHT', 'LEFT', 'RIGHT', 'LEFT'])],
} as Plan
const turns = turnsOf(plan)
const segment = (exercise: string, rein: 'LEFT' | 'RIGHT'): Segment => ({
  id: '',
  atMs: 0,
  endMs: null,
  exercise,
  gait: 'WALK',
  place: 'RAIL',
  rein,
  mounted: 'RIDER',
})

describe('a look newer than the plan', () => {
  const [slow, other] = plan.blocks
  const faster = { blocks: [slow, { ...other, of: { ...rung('b'), gait: 'TROT' } }] } as Plan
  test('takes trot out where there is no halt', () => {
    expect(turnsOf(faster, ['WALK_ONLY']).map((turn) => turn.of.exercise)).toEqual(['a', 'a'])
    expect(turnsOf(plan, ['WALK_ONLY'])).toEqual(turns)
  })
  test('takes canter out where the halt is not good', () => {
    const cantered = { blocks: [slow, { ...other, of: { ...rung('b'), gait: 'CANTER' } }] } as Plan
    expect(turnsOf(cantered, ['NO_CANTER']).map((turn) => turn.of.exercise)).toEqual(['a', 'a'])
    expect(turnsOf(faster, ['NO_CANTER'])).toHaveLength(turns.length)
  })
  test('takes everything out where nothing is ridden', () =>
    expect(turnsOf(plan, ['NOTHING_RIDDEN'])).toEqual([]))
})

describe('a plan that comes back to an exercise', () => {
  const measured = {
    blocks: [
      { ...block('a', ['LEFT', 'RIGHT']), role: 'PROBE' },
      block('b', ['LEFT', 'RIGHT']),
      block('a', ['LEFT', 'RIGHT']),
    ],
  } as Plan
  const all = turnsOf(measured)
  const at = (...ridden: [string, 'LEFT' | 'RIGHT'][]) =>
    positionIn(
      all,
      ridden.map(([exercise, rein]) => segment(exercise, rein)),
    )
  test('one more change of rein stays where it is', () =>
    expect(at(['a', 'LEFT'], ['a', 'RIGHT'], ['a', 'LEFT'])).toBe(1))
  test('after the other exercise it goes on', () =>
    expect(at(['a', 'LEFT'], ['a', 'RIGHT'], ['a', 'LEFT'], ['b', 'LEFT'], ['a', 'LEFT'])).toBe(4))
  test('says where it measures', () =>
    expect(all.map((_, i) => isProbe(measured, all, i))).toEqual([true, true, false, false, false, false]))
  test('and nowhere before it is begun', () => expect(isProbe(measured, all, -1)).toBe(false))
})

describe('where in the plan a ride is', () => {
  test('before anything is ridden', () => expect(positionIn(turns, [])).toBe(-1))
  test('turn by turn', () => {
    expect(positionIn(turns, [segment('a', 'LEFT')])).toBe(0)
    expect(positionIn(turns, [segment('a', 'LEFT'), segment('a', 'RIGHT'), segment('b', 'RIGHT')])).toBe(2)
  })
  test('what is ridden beside the plan leaves it where it was', () => {
    expect(positionIn(turns, [segment('a', 'LEFT'), segment('c', 'LEFT')])).toBe(0)
  })
  test('a jump ahead takes it along, a step back does not take it back', () => {
    expect(positionIn(turns, [segment('b', 'LEFT')])).toBe(3)
    expect(positionIn(turns, [segment('b', 'LEFT'), segment('a', 'RIGHT')])).toBe(3)
  })
  test('the same turn twice is the next one of its kind', () => {
    expect(positionIn(turns, [segment('b', 'RIGHT'), segment('b', 'RIGHT')])).toBe(4)
  })
})

test('a turn is ridden by whoever is in the saddle', () => {
  expect(turns).toHaveLength(6)
  expect(turns.slice(2).every((turn) => turn.block === 1)).toBe(true)
  const first = turns[0]
  expect(first && riddenIn(first, 'COACH')).toEqual({
    exercise: 'a',
    gait: 'WALK',
    place: 'RAIL',
    rein: 'LEFT',
    mounted: 'COACH',
  })
})

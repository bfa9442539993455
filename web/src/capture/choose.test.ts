import { describe, expect, test } from 'vitest'
import type { Packet, RungForRide, Usual } from '../api'
import type { Segment } from '../record'
import { changed, choicesOf, firstRidden, padOf } from './choose'

function step(
  exercise: string,
  gait: RungForRide['gait'],
  place: RungForRide['place'],
  state: RungForRide['state'],
  works: RungForRide['works'] = 'INSIDE',
): RungForRide {
  const side = { successes: 0, asks: 0, tallied: 0 }
  return {
    rung: `${exercise}.${gait}.${place}`,
    strand: 'bend',
    exercise,
    name: exercise,
    shortName: exercise,
    gait,
    place,
    state,
    works,
    left: side,
    right: side,
  }
}

const rungs = [
  step('counter-bend', 'WALK', 'RAIL', 'PASSED'),
  step('counter-bend', 'TROT', 'RAIL', 'CLOSED'),
  step('circle', 'WALK', 'CIRCLE', 'IN_WORK'),
]

const inside = (side: 'LEFT' | 'RIGHT') => ({
  means: 'LEG' as const,
  side,
  manner: 'TAP' as const,
  foot: null,
})
const circle: Usual = {
  exercise: 'circle',
  pad: 'STRENGTH',
  padKind: 'STRENGTH',
  circleM: 15,
  left: [inside('LEFT')],
  right: [inside('RIGHT')],
  none: [],
}
const rewarded: Packet['schools'][number] = {
  school: 'REWARD_BASED',
  ladder: [],
  notAllowed: 'Never tied.',
  why: 'It learns to leave.',
  pads: { STRENGTH: 'CHOICE' },
  correction: 'IGNORE',
  whenStuck: 'END_ON_KNOWN',
}
const classical: Packet['schools'][number] = { ...rewarded, school: 'CLASSICAL', pads: {} }
const known = { rungs, usual: [circle], schools: [classical, rewarded], ownPads: {} }

const segment: Segment = {
  id: 's',
  atMs: 0,
  endMs: null,
  exercise: 'circle',
  gait: 'WALK',
  place: 'CIRCLE',
  rein: 'RIGHT',
  mounted: 'RIDER',
  circleM: 12,
}

describe('choosing what is ridden', () => {
  test('offers what is in work first, each exercise once', () => {
    expect(choicesOf(rungs).map((c) => c.exercise)).toEqual(['circle', 'counter-bend'])
  })

  test('begins on the first rung in work under the rider', () => {
    expect(firstRidden(known)).toEqual({
      exercise: 'circle',
      gait: 'WALK',
      place: 'CIRCLE',
      rein: 'LEFT',
      mounted: 'RIDER',
      circleM: 15,
      aids: [{ means: 'LEG', side: 'LEFT', manner: 'TAP' }],
    })
  })

  test('brings gait and place with another exercise, and keeps rein and rider', () => {
    const next = changed(known, { ...segment, gait: 'TROT' }, { exercise: 'counter-bend' })
    expect(next).toEqual({
      exercise: 'counter-bend',
      gait: 'WALK',
      place: 'RAIL',
      rein: 'RIGHT',
      mounted: 'RIDER',
    })
  })

  test('names no circle that is turned in steps, as round a cone', () => {
    const cones = { ...known, usual: [{ ...circle, circleM: 3 }] }
    expect(firstRidden(cones)).not.toHaveProperty('circleM')
    expect(firstRidden({ ...known, usual: [{ ...circle, circleM: null }] }).circleM).toBe(20)
  })

  test('changes one thing alone otherwise', () => {
    expect(changed(known, segment, { rein: 'LEFT' })).toMatchObject({ exercise: 'circle', rein: 'LEFT' })
  })

  test('keeps the circle and the bend while the exercise goes on', () => {
    const now = { ...segment, bend: 'COUNTER_BEND' as const }
    expect(changed(known, now, { rein: 'LEFT' })).toMatchObject({ circleM: 12, bend: 'COUNTER_BEND' })
    expect(changed(known, now, { place: 'RAIL', circleM: undefined })).not.toHaveProperty('circleM')
    expect(changed(known, now, { exercise: 'counter-bend' }).bend).toBeUndefined()
  })

  test('says a side where the exercise leaves it open, and nowhere else', () => {
    const open = { ...known, rungs: [...rungs, step('turn-away', 'WALK', 'RAIL', 'OPEN', 'CHOSEN')] }
    const away = changed(open, segment, { exercise: 'turn-away', side: 'LEFT' })
    expect(away.side).toBe('LEFT')
    expect(changed(open, away, { rein: 'LEFT' }).side).toBe('LEFT')
    expect(changed(open, away, { side: undefined })).not.toHaveProperty('side')
    expect(changed(open, away, { exercise: 'circle' })).not.toHaveProperty('side')
    expect(changed(open, segment, { side: 'LEFT' })).not.toHaveProperty('side')
  })

  test('is touched in as the school has it that is borrowed, until it is given back', () => {
    const borrowed = changed(known, segment, { school: 'REWARD_BASED', correction: 'AT_ONCE' })
    expect(padOf(known, borrowed)).toBe('CHOICE')
    const next = changed(known, borrowed, { exercise: 'counter-bend' })
    expect(next.school).toBe('REWARD_BASED')
    expect(next).not.toHaveProperty('correction')
    expect(changed(known, borrowed, { rein: 'LEFT' }).correction).toBe('AT_ONCE')
    expect(padOf(known, changed(known, borrowed, { school: undefined }))).toBe('STRENGTH')
    // of a pair that is taught by choices, an ask of another school has its strength again
    const own = {
      ...known,
      usual: [{ ...circle, padKind: 'CHOICE' as const }],
      ownPads: { circle: 'STRENGTH' as const },
    }
    expect(padOf(own, segment)).toBe('CHOICE')
    expect(padOf(own, { ...segment, school: 'CLASSICAL' })).toBe('STRENGTH')
    expect(padOf(known, { exercise: 'unknown' })).toBe('STRENGTH')
  })

  test('resolves the usual aids to the side they are given on', () => {
    expect(changed(known, segment, { rein: 'LEFT' }).aids).toEqual([
      { means: 'LEG', side: 'LEFT', manner: 'TAP' },
    ])
    expect(changed(known, segment, { gait: 'TROT' }).aids).toEqual([
      { means: 'LEG', side: 'RIGHT', manner: 'TAP' },
    ])
    expect(changed(known, segment, { exercise: 'counter-bend' })).not.toHaveProperty('aids')
  })
})

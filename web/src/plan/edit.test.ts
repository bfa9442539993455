import { describe, expect, test } from 'vitest'
import type { WantedBlock } from '../api'
import {
  leaning,
  fitted,
  lasting,
  lengthened,
  lockedAt,
  placed,
  stretchedTo,
  swapped,
  without,
  withNew,
} from './edit'
import { minutes } from './minutes'

const block = (rung: string, seconds: number): WantedBlock => ({
  rung,
  role: 'MAIN',
  seconds,
  longer: 'NONE',
  locked: null,
})
const plan = [block('a', 270), block('b', 600), block('c', 60)]

describe('a coach’s hand on the plan', () => {
  test('a minute longer goes to the next whole minute', () =>
    expect(lengthened(plan, 0, 1).map((b) => b.seconds)).toEqual([300, 600, 60]))
  test('a minute shorter goes to the one before, and never under one', () => {
    expect(lengthened(plan, 0, -1)[0]?.seconds).toBe(240)
    expect(lengthened(plan, 1, -1)[1]?.seconds).toBe(540)
    expect(lengthened(plan, 2, -1)[2]?.seconds).toBe(60)
  })
  test('never over an hour', () => expect(lengthened([block('a', 3600)], 0, 1)[0]?.seconds).toBe(3600))
  test('earlier and later, and back again', () => {
    expect(placed(plan, 0, 1).map((b) => b.rung)).toEqual(['b', 'a', 'c'])
    expect(placed(plan, 2, 0).map((b) => b.rung)).toEqual(['c', 'a', 'b'])
    expect(placed(placed(plan, 1, 2), 2, 1)).toEqual(plan)
    expect(placed(plan, 0, -1)).toBe(plan)
    expect(placed(plan, 2, 3)).toBe(plan)
  })
  test('a drawn edge goes by half minutes, within the bounds', () => {
    expect([284, 286, 3, 9000].map(stretchedTo)).toEqual([270, 300, 60, 3600])
    expect(lasting(plan, 1, 90).map((b) => b.seconds)).toEqual([270, 90, 60])
  })
  test('fitted, all shrink alike, but a locked one keeps its minutes', () => {
    const two = [block('a', 600), block('b', 600)]
    expect(fitted(two, 600).map((b) => b.seconds)).toEqual([300, 300])
    expect(fitted(lockedAt(two, 0), 900).map((b) => b.seconds)).toEqual([600, 300])
    expect(fitted(lockedAt(two, 0), 300).map((b) => b.seconds)).toEqual([600, 60])
    expect(lockedAt(lockedAt(two, 0), 0)).toEqual(two)
  })
  test('another exercise, another share, out, and a new one', () => {
    expect(swapped(plan, 1, 'x').map((b) => b.rung)).toEqual(['a', 'x', 'c'])
    expect(leaning(plan, 2, 'RIGHT')[2]?.longer).toBe('RIGHT')
    expect(without(plan, 0).map((b) => b.rung)).toEqual(['b', 'c'])
    expect(withNew(plan, 'd').map((b) => b.role)).toEqual(['MAIN', 'MAIN', 'MAIN', 'LAST'])
    expect(withNew([], 'd')[0]?.role).toBe('MAIN')
  })
})

test.each([
  [0, '0'],
  [30, '½'],
  [44, '½'],
  [45, '1'],
  [270, '4½'],
  [600, '10'],
])('%d seconds are %s minutes', (seconds, said) => expect(minutes(seconds)).toBe(said))

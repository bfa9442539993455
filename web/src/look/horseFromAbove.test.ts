import { describe, expect, test } from 'vitest'
import { BEND_PLACES } from '../record'
import { BODY, neckOf, WITHERS } from './horseFromAbove'

const numbers = (path: string) => (path.match(/-?\d+(\.\d+)?/g) ?? []).map(Number)
const distance = (a: { x: number; y: number }, b: { x: number; y: number }) =>
  Math.hypot(a.x - b.x, a.y - b.y)

describe('the horse from above', () => {
  test('is as long as it should be: 0.9 m of neck, 2.4 m from poll to dock', () => {
    const { poll } = neckOf('EVEN', 0)
    expect(distance(poll, WITHERS)).toBeCloseTo(90)
    expect(Math.max(...numbers(BODY)) - poll.y).toBeCloseTo(243, 0)
  })

  test.each(BEND_PLACES)('%s: a bend to the left mirrors one to the right', (place) => {
    const [left, right] = [neckOf(place, -40).poll, neckOf(place, 40).poll]
    expect(left.x + right.x).toBeCloseTo(2 * WITHERS.x)
    expect(left.y).toBeCloseTo(right.y)
    expect(left.deg).toBeCloseTo(-right.deg)
  })

  test('bends where it bends', () => {
    const half = (place: 'EVEN' | 'BASE_ONLY' | 'POLL_ONLY') => {
      const spine = numbers(neckOf(place, 40).spine)
      return (spine[16] ?? 0) - WITHERS.x
    }
    expect(half('POLL_ONLY')).toBe(0)
    expect(half('BASE_ONLY')).toBeCloseTo(45 * Math.sin((40 * Math.PI) / 180), 0)
    // an arc: half way along it stands a quarter as far aside as a straight line that heads where it ends
    expect(half('EVEN')).toBeGreaterThan(0)
    expect(half('EVEN')).toBeLessThan(half('BASE_ONLY') / 2)
    expect(neckOf('POLL_ONLY', 40).poll.deg).toBe(40)
  })
})

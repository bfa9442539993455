import { expect, test } from 'vitest'
import { closer, LEAST_MS, moved, msAt, nextOf, seen, showing, ticks, whole, xOf } from './stretch'

const HOUR = whole(3_600_000)

test('seen closer, the moment under the finger stays where it is', () => {
  const near = closer(HOUR, HOUR, 4, 900_000)
  expect(near.toMs - near.fromMs).toBe(900_000)
  expect(xOf(900_000, near, 1000)).toBeCloseTo(xOf(900_000, HOUR, 1000), 6)
  expect(msAt(250, near, 1000)).toBeCloseTo(900_000, 6)
})

test.each([
  ['no closer than ten seconds', 1e6, 1_800_000, LEAST_MS],
  ['no further than the lesson', 1e-6, 1_800_000, 3_600_000],
])('%s', (_, factor, at, long) => {
  const now = closer(HOUR, HOUR, factor, at)
  expect(now.toMs - now.fromMs).toBe(long)
})

test('it is moved no further than the lesson goes, and by just so much that a moment is seen', () => {
  const near = closer(HOUR, HOUR, 60, 0)
  expect(moved(near, HOUR, -1)).toEqual(near)
  expect(moved(near, HOUR, 1e9)).toEqual({ fromMs: 3_540_000, toMs: 3_600_000 })
  expect(showing(near, HOUR, 30_000)).toBe(near)
  expect(showing(near, HOUR, 600_000)).toEqual({ fromMs: 570_000, toMs: 630_000 })
})

test('what lasts reaches into the stretch from before', () => {
  const events = [
    { fromMs: 0, toMs: 50 },
    { fromMs: 10, toMs: 10 },
    { fromMs: 60, toMs: 60 },
  ]
  expect(seen(events, { fromMs: 20, toMs: 59 })).toEqual([0])
  expect(seen(events, { fromMs: 10, toMs: 60 })).toEqual([0, 1, 2])
})

test('the next one is the next that is lit, where some are', () => {
  expect(nextOf(3, new Set(), undefined, 1)).toBe(0)
  expect(nextOf(3, new Set(), 2, 1)).toBeUndefined()
  expect(nextOf(9, new Set([2, 7]), undefined, 1)).toBe(2)
  expect(nextOf(9, new Set([2, 7]), 2, 1)).toBe(7)
  expect(nextOf(9, new Set([2, 7]), 7, -1)).toBe(2)
  expect(nextOf(9, new Set([2, 7]), undefined, -1)).toBe(7)
})

test('times are written at round moments, no more than there is room for', () => {
  expect(ticks({ fromMs: 0, toMs: 3_600_000 }, 6)).toEqual([0, 1, 2, 3, 4, 5, 6].map((n) => n * 600_000))
  expect(ticks({ fromMs: 61_500, toMs: 71_500 }, 6)).toEqual([62, 64, 66, 68, 70].map((s) => s * 1000))
})

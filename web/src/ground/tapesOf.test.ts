import { expect, test } from 'vitest'
import { heldAt, pulledSpot } from './tapesOf'

const ARENA = { widthM: 20, lengthM: 40, letters: { F: { x: 20, y: 6 }, gate: { x: -1, y: 3 } } }

test('a tape is held at a letter, a landmark, a corner or the middle of a side', () => {
  expect(heldAt(ARENA, 'F')).toEqual({ x: 20, y: 6 })
  expect(heldAt(ARENA, 'gate')).toEqual({ x: -1, y: 3 })
  expect(heldAt(ARENA, 'CORNER_CM')).toEqual({ x: 20, y: 40 })
  expect(heldAt(ARENA, 'E')).toEqual({ x: 0, y: 20 })
  expect(heldAt(ARENA, 'nowhere')).toBeUndefined()
})

// by hand: from (10, 10) five metres across and up to (15, 14); to F 5 and 8, to the corner 15 and 14
test('what hangs on the hand is told by the same two tapes', () => {
  const spot = {
    kind: 'CONE' as const,
    number: 1,
    x: 10,
    y: 10,
    tapes: [
      { from: 'F', metres: 10.77, paces: 11.8 },
      { from: 'CORNER_AK', metres: 14.14, paces: 15.5 },
    ],
    which: { letter: 'C', isNearer: true },
  }
  const now = pulledSpot(spot, { dx: 5, dy: 4 }, ARENA, 0.5)
  expect(now.tapes[0]?.metres).toBeCloseTo(Math.hypot(5, 8), 9)
  expect(now.tapes[1]?.metres).toBeCloseTo(Math.hypot(15, 14), 9)
  expect(now.tapes[1]?.paces).toBeCloseTo(2 * Math.hypot(15, 14), 9)
  expect(now.which).toBeNull()
})

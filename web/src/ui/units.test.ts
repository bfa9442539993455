import { describe, expect, test } from 'vitest'
import { lengthTyped, lengthToType } from './units'

describe('feet and inches', () => {
  // 1 ft = 0.3048 m, 1 in = 0.0254 m (international yard and pound agreement, 1959)
  test.each([
    ['24', 7.3152],
    ['24 6', 7.4676],
    [`24' 6"`, 7.4676],
    ['24 ft 6 in', 7.4676],
    ['9.5', 2.8956],
    ['-3', -0.9144],
    ['0 4', 0.1016],
  ])('%s is %d m', (typed, metres) => {
    expect(lengthTyped('FEET', typed)).toBeCloseTo(metres, 4)
  })
  test.each(['', 'six', '1 2 3', '--4'])('%s is none', (typed) => {
    expect(lengthTyped('FEET', typed)).toBeNull()
  })
  test('what stands in a field is what was typed', () => {
    for (let quarters = 0; quarters < 4000; quarters += 7) {
      const metres = Math.round(quarters * 0.00635 * 1e4) / 1e4
      const typed = lengthTyped('FEET', lengthToType('FEET', metres))
      expect(typed).toBeCloseTo(metres, 3)
    }
  })
})

describe('metres', () => {
  test.each([
    ['7.32', 7.32],
    ['7,32', 7.32],
    ['7.32 m', 7.32],
    ['-1', -1],
  ])('%s is %d', (typed, metres) => {
    expect(lengthTyped('METRES', typed)).toBe(metres)
  })
  test.each(['', 'far', '7 ft'])('%s is none', (typed) => {
    expect(lengthTyped('METRES', typed)).toBeNull()
  })
  test('a number stands as it is', () => {
    expect(lengthToType('METRES', 21.95)).toBe('21.95')
  })
})

import { readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import { expect, test } from 'vitest'
import type { FrameShape } from '../record'
import { frameValues, isLength } from './frames'
import type { FrameMarks, FrameQuantity } from './frames'

type Pixel = [x: number, y: number]

interface Example {
  says: string
  shape: FrameShape
  points: Pixel[]
  withinPx: number
  facesRight?: boolean
  level?: [Pixel, Pixel]
  scale?: [Pixel, Pixel, number]
  tells: Partial<Record<FrameQuantity, [value: number, half: number]>>
}

const examples = JSON.parse(
  readFileSync(resolve(import.meta.dirname, '../../../examples/frame-measures.json'), 'utf8'),
) as Example[]

const point = ([x, y]: Pixel) => ({ x, y })

function marksOf({ shape, points, withinPx, facesRight, level, scale }: Example): FrameMarks {
  return {
    shape,
    points: points.map(point),
    withinPx,
    ...(facesRight !== undefined && { facesRight }),
    ...(level && { level: { from: point(level[0]), to: point(level[1]) } }),
    ...(scale && { scale: { from: point(scale[0]), to: point(scale[1]), lengthMm: scale[2] } }),
  }
}

test.each(examples)('$says', (example) => {
  const told = frameValues(marksOf(example))
  expect(told.map((v) => v.of)).toEqual(Object.keys(example.tells))
  for (const { of, value, half } of told) {
    const [expected, expectedHalf] = example.tells[of] ?? [NaN, NaN]
    expect(Math.abs(value - expected)).toBeLessThanOrEqual(isLength(of) ? 0.001 : 0.01)
    expect(Math.abs(half - expectedHalf)).toBeLessThanOrEqual(isLength(of) ? 0.0001 : 0.002)
  }
})

test('the points stand where they were set', () => {
  for (const marks of examples.map(marksOf)) {
    const before = structuredClone(marks)
    frameValues(marks)
    expect(marks).toEqual(before)
  }
})

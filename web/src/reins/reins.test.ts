import { readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import { describe, expect, test } from 'vitest'
import { chunk, readChunk } from './chunks'
import { heavyNow } from './heavyNow'
import { MovingHigh } from './movingHigh'
import { pulledRein } from './pulledRein'
import { GAP } from './samples'

const examples = <T>(name: string) =>
  JSON.parse(readFileSync(resolve(import.meta.dirname, `../../../examples/${name}`), 'utf8')) as T[]

interface Heavy {
  says: string
  overForS: number
  sinceToldS: number | null
  isHeavy: boolean
  isTold: boolean
}

interface Pull {
  says: string
  left: (number | null)[]
  right: (number | null)[]
  is: string
}

// read by core's tests as well
test.each(examples<Heavy>('heavy-now.json'))('$says', ({ overForS, sinceToldS, isHeavy, isTold }) => {
  expect(heavyNow(overForS, sinceToldS)).toEqual({ isHeavy, isTold })
})

test.each(examples<Pull>('pulled-rein.json'))('$says', ({ left, right, is }) => {
  const samples = (of: (number | null)[]) =>
    Int16Array.from(of.map((kg) => (kg === null ? GAP : Math.round(100 * kg))))
  expect(pulledRein(samples(left), samples(right))).toBe(is)
})

describe('the highest of the last readings', () => {
  const highest = (of: number[], window: number) => {
    const level = new MovingHigh(window)
    return of.map((s) => level.next(s))
  }

  test('is what looking at each window says', () => {
    // a fixed walk through the numbers, so that each run looks at the same
    const readings = Array.from({ length: 400 }, (_, i) => (i % 11 === 0 ? GAP : (i * 7919) % 613))
    for (const window of [1, 2, 7, 50]) {
      const looked = readings.map((_, i) => Math.max(...readings.slice(Math.max(0, i - window + 1), i + 1)))
      expect(highest(readings, window)).toEqual(looked)
    }
  })

  test('is a gap while nothing is measured', () => {
    expect(highest([GAP, 5, GAP, GAP, GAP, 3], 2)).toEqual([GAP, 5, 5, GAP, GAP, 3])
  })
})

test('a chunk is read as it was written', async () => {
  const left = Int16Array.from([0, -150, GAP, 30_000])
  const right = Int16Array.from([1, 2, 3, GAP])
  expect(await readChunk(await chunk(left, right))).toEqual({ left, right })
})

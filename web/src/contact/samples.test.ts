import { expect, test } from 'vitest'
import { chunkOf, GAP, minutesOf, readChunk } from '../reins'
import type { Dialect } from './dialect'
import { SampleReader, spread } from './samples'

const DIALECT: Dialect = {
  delimiter: ',',
  decimal: '.',
  firstRow: 0,
  time: 0,
  left: 1,
  right: 2,
  timeForm: 'SECONDS',
  unit: 'KG',
  rateHz: null,
}

function read(rows: string[][], dialect: Partial<Dialect> = {}) {
  const reader = new SampleReader({ ...DIALECT, ...dialect })
  rows.forEach((row, i) => reader.row(row, i + 1))
  return reader.finish()
}

const even = (many: number, hz: number, kg = '3.00') =>
  Array.from({ length: many }, (_, i) => [String(i / hz), kg, '2.5'])

test('evenly taken samples stay as they are', () => {
  const { samples, faulty, lines } = read(even(500, 50))
  expect(samples?.rateHz).toBe(50)
  expect(samples?.left.length).toBe(500)
  expect([...(samples?.left ?? [])].every((s) => s === 300)).toBe(true)
  expect(samples?.right[10]).toBe(250)
  expect(samples?.jitterMs).toBeCloseTo(0, 6)
  expect([faulty, lines]).toEqual([0, 500])
})

test.each([
  ['N', '29.41995', 300],
  ['LB', '6.61387', 300],
  ['G', '3000', 300],
  ['KG', 'NaN', GAP],
] as const)('in %s, %s is %i hundredths of a kilogram', (unit, cell, is) => {
  expect(read(even(100, 50, cell), { unit }).samples?.left[50]).toBe(is)
})

test('samples that come a little early or late are laid evenly, and how unevenly is said', () => {
  const rows = Array.from({ length: 400 }, (_, i) => [String(i / 50 + (i % 2 ? 0.004 : 0)), '3', '3'])
  const { samples } = read(rows)
  expect(samples?.rateHz).toBe(50)
  expect([...(samples?.left ?? [])].includes(GAP)).toBe(false)
  expect(samples?.jitterMs).toBeGreaterThan(3)
})

test('a rate that is not quite what it says fills no hole and leaves none', () => {
  const rows = Array.from({ length: 6000 }, (_, i) => [String(i / 99.7), '3', '3'])
  const samples = read(rows).samples
  expect(samples?.rateHz).toBe(100)
  expect([...(samples?.left ?? [])].includes(GAP)).toBe(false)
})

test('a stretch that was not measured stays a gap', () => {
  const rows = even(500, 50).filter((_, i) => i < 100 || i >= 200)
  const samples = read(rows).samples
  expect(samples?.left.length).toBe(500)
  expect([...(samples?.left ?? [])].filter((s) => s === GAP)).toHaveLength(100)
})

test('a clock of whole seconds is spread over its samples', () => {
  expect([...spread(Float64Array.from([7, 7, 7, 7, 8, 8, 9]))]).toEqual([7, 7.25, 7.5, 7.75, 8, 8.5, 9])
  const rows = Array.from({ length: 500 }, (_, i) => [
    `10:00:${String(Math.floor(i / 10)).padStart(2, '0')}`,
    '3',
    '3',
  ])
  const { samples } = read(rows, { timeForm: 'CLOCK' })
  expect(samples?.rateHz).toBe(10)
  expect(samples?.clockS).toBe(36_000)
})

test('sample numbers need a rate, and a lost one is a gap', () => {
  const rows = Array.from({ length: 300 }, (_, i) => [String(i < 100 ? i : i + 5), '3', '3'])
  expect(read(rows, { timeForm: 'SAMPLE' }).refusal).toBe('RATE_UNKNOWN')
  const samples = read(rows, { timeForm: 'SAMPLE', rateHz: 60 }).samples
  expect(samples?.rateHz).toBe(60)
  expect([...(samples?.left ?? [])].filter((s) => s === GAP)).toHaveLength(5)
})

test('each line that is left out is named, and nothing is taken when too many are', () => {
  const rows = even(500, 50)
  rows[9] = ['0.18', 'three', '3']
  rows[19] = ['0.38', '3']
  rows[29] = ['0.02', '3', '3']
  rows[39] = ['0.78', '301', '3']
  const few = read(rows)
  expect(few.faults).toEqual([
    { line: 10, fault: 'NOT_A_NUMBER' },
    { line: 20, fault: 'TOO_FEW' },
    { line: 30, fault: 'TIME_BACK' },
    { line: 40, fault: 'IMPOSSIBLE' },
  ])
  expect(few.samples?.left.length).toBe(500)
  const many = read(even(500, 50).map((row, i) => (i % 10 ? row : ['x', 'y', 'z'])))
  expect(many).toMatchObject({ refusal: 'TOO_MANY_FAULTS', samples: null, faulty: 50 })
})

test.each([
  ['NO_SAMPLES', []],
  ['RATE_OUTSIDE', even(100, 4)],
  ['RATE_OUTSIDE', even(1000, 500)],
  ['TIME_STANDS', Array.from({ length: 100 }, () => ['7', '3', '3'])],
  ['TOO_LONG', Array.from({ length: 8000 }, (_, i) => [String(i), '3', '3'])],
])('%s', (refusal, rows) => {
  expect(read(rows)).toMatchObject({ refusal, samples: null })
})

test('a minute goes out and comes back the same', async () => {
  const { samples } = read(even(3100, 50))
  if (!samples) throw new Error('refused')
  samples.left[7] = GAP
  expect(minutesOf(samples)).toBe(2)
  const first = await readChunk(await chunkOf(samples, 0))
  expect(first.left).toEqual(samples.left.slice(0, 3000))
  expect(first.right).toEqual(samples.right.slice(0, 3000))
  const second = await readChunk(await chunkOf(samples, 1))
  expect(second.left).toEqual(samples.left.slice(3000))
})

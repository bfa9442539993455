import { expect, test } from 'vitest'
import { guess, valueOf } from './dialect'

const rows = (heading: string[], line: (i: number) => string, many = 20) => [
  ...heading,
  ...Array.from({ length: many }, (_, i) => line(i)),
]

test.each([
  {
    name: 'seconds and kilograms, named, with commas',
    table: rows(['time (s),left (kg),right (kg)'], (i) => `${i / 100},3.${i},2.${i}`),
    is: {
      delimiter: ',',
      decimal: '.',
      firstRow: 1,
      time: 0,
      left: 1,
      right: 2,
      timeForm: 'SECONDS',
      unit: 'KG',
    },
  },
  {
    name: 'decimal commas and semicolons, newtons, the right rein first, a heading of three lines',
    table: rows(
      ['Messung vom Vormittag', '', 'Zeit_ms;rechts_N;links_N'],
      (i) => `${20 * i};31,${10 + i};29,${10 + i}`,
    ),
    is: {
      delimiter: ';',
      decimal: ',',
      firstRow: 3,
      time: 0,
      left: 2,
      right: 1,
      timeForm: 'MILLISECONDS',
      unit: 'N',
    },
  },
  {
    name: 'a clock, tabs and pounds',
    table: rows(['Time\tLeft lbs\tRight lbs'], (i) => `10:15:0${i % 10}.${i}\t6.1\t7.2`),
    is: {
      delimiter: '\t',
      decimal: '.',
      firstRow: 1,
      time: 0,
      left: 1,
      right: 2,
      timeForm: 'CLOCK',
      unit: 'LB',
    },
  },
  {
    name: 'sample numbers and one channel in grams',
    table: rows(['sample,left_g'], (i) => `${i},${3000 + i}`),
    is: {
      delimiter: ',',
      decimal: '.',
      firstRow: 1,
      time: 0,
      left: 1,
      right: null,
      timeForm: 'SAMPLE',
      unit: 'G',
    },
  },
  {
    name: 'no heading at all: what rises is the time, then left, then right',
    table: rows([], (i) => `${(i / 50).toFixed(2)};${3 + (i % 3)},5;${2 + (i % 2)},5`.replace('.', ',')),
    is: {
      delimiter: ';',
      decimal: ',',
      firstRow: 0,
      time: 0,
      left: 1,
      right: 2,
      timeForm: 'SECONDS',
      unit: 'KG',
    },
  },
  {
    name: 'no time either',
    table: rows(['left|right'], (i) => `${3 + (i % 3)}.5|${2 + (i % 2)}.5`),
    is: {
      delimiter: '|',
      decimal: '.',
      firstRow: 1,
      time: null,
      left: 0,
      right: 1,
      timeForm: 'NONE',
      unit: 'KG',
    },
  },
  {
    name: 'spaces, and a sample that is missing',
    table: rows(['t L R'], (i) => `${i / 10}   ${i === 3 ? 'NaN' : '3.1'}  2.9`),
    is: {
      delimiter: ' ',
      decimal: '.',
      firstRow: 1,
      time: 0,
      left: 1,
      right: 2,
      timeForm: 'SECONDS',
      unit: 'KG',
    },
  },
])('$name', ({ table, is }) => {
  expect(guess(table)?.dialect).toMatchObject(is)
})

test('what is assumed is said', () => {
  expect(guess(rows(['time (s),left (kg),right (kg)'], (i) => `${i},3.1,2.1`))?.reasons).toEqual([
    'TIME_NAMED',
    'SIDES_NAMED',
    'UNIT_NAMED',
  ])
  expect(guess(rows([], (i) => `${i / 10},3.1,2.1`))?.reasons).toEqual([
    'TIME_RISES',
    'SIDES_BY_ORDER',
    'UNIT_NOT_NAMED',
  ])
})

test.each([
  ['a letter', ['Dear Ottilie,', 'the mare was better today.', 'Noor']],
  ['nothing', []],
  ['a picture', ['\u0000\u0001PNG', '\u0002']],
])('finds no samples in %s', (_, table) => {
  expect(guess(table)).toBeUndefined()
})

test.each([
  ['3.5', 'SECONDS', '.', 3.5],
  ['3,5', 'SECONDS', ',', 3.5],
  ['3,5', 'SECONDS', '.', undefined],
  ['', 'SECONDS', '.', NaN],
  ['NaN', 'SECONDS', '.', NaN],
  ['1500', 'MILLISECONDS', '.', 1.5],
  ['10:15:30.25', 'CLOCK', '.', 36_930.25],
  ['10:15', 'CLOCK', '.', 36_900],
  ['25:15:30', 'CLOCK', '.', undefined],
  ['2026-11-24T10:15:30Z', 'CLOCK', '.', 1_795_515_330],
  ['1e999', 'SECONDS', '.', Infinity],
  ['three', 'SECONDS', '.', undefined],
] as const)('%s as %s with %s is %s', (cell, form, decimal, value) => {
  expect(valueOf(cell, form, decimal)).toEqual(value)
})

import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import { gunzipSync } from 'node:zlib'
import { describe, expect, test } from 'vitest'
import type { Entry } from './entry'
import { fold, GrowingFold } from './fold'
import type { Ride } from './ride'

interface Example {
  says: string
  entries: Entry[]
  ride: Ride
}

const root = resolve(import.meta.dirname, '../../..')
const folder = resolve(root, 'examples/fold')
const logs = resolve(root, 'core/target/fold-logs.ndjson')
const wild = resolve(root, 'core/target/wild-logs.ndjson')
const demo = resolve(root, 'examples/before/demo-rides.ndjson.gz')

function read(file: string): Example {
  return JSON.parse(readFileSync(resolve(folder, file), 'utf8')) as Example
}

describe('the hand-made examples, read by the server as well', () => {
  test.each(readdirSync(folder))('%s', (file) => {
    const { says, entries, ride } = read(file)
    expect(fold(entries), says).toEqual(ride)
  })
})

/** FoldedLog at each of its entries, as a screen does. */
function grownTo(entries: Entry[]): Ride {
  const growing = new GrowingFold()
  let ride = growing.of([])
  entries.forEach((_, i) => (ride = growing.of(entries.slice(0, i + 1))))
  return ride
}

describe('a log that grows', () => {
  test.each(readdirSync(folder))('%s tells the same, entry by entry', (file) => {
    const { says, entries } = read(file)
    const growing = new GrowingFold()
    entries.forEach((_, i) => {
      const log = entries.slice(0, i + 1)
      expect(growing.of(log), `${says}, the first ${i + 1}`).toEqual(fold(log))
    })
  })

  test('is folded anew when an entry is gone or another log is given', () => {
    const { entries } = read('one-lesson.json')
    const growing = new GrowingFold()
    growing.of(entries)
    expect(growing.of(entries.slice(0, -1))).toEqual(fold(entries.slice(0, -1)))
    expect(growing.of(entries.slice(1))).toEqual(fold(entries.slice(1)))
  })
})

describe('a thousand seeded logs written by the other language', () => {
  test('tell the same rides', () => {
    expect(existsSync(logs), `${logs} is written by the core's tests; run ./strophos test`).toBe(true)
    const lines = readFileSync(logs, 'utf8').trim().split('\n')
    expect(lines).toHaveLength(1000)
    lines.forEach((line, seed) => {
      const { entries, ride } = JSON.parse(line) as Example
      expect(fold(entries), `seed ${seed}`).toEqual(ride)
      expect(fold([...entries].reverse()), `seed ${seed}, backwards`).toEqual(ride)
      expect(fold([...entries, ...entries]), `seed ${seed}, doubled`).toEqual(ride)
      expect(grownTo(entries), `seed ${seed}, one by one`).toEqual(ride)
      expect(grownTo(entries.toReversed()), `seed ${seed}, one by one backwards`).toEqual(ride)
      expect(grownTo([...entries, ...entries]), `seed ${seed}, one by one twice`).toEqual(ride)
    })
  })
})

describe('fifteen hundred logs drawn from the schemas, one payload in four of them odd', () => {
  test('tell the same rides', () => {
    const lines = readFileSync(wild, 'utf8').trim().split('\n')
    expect(lines).toHaveLength(1500)
    lines.forEach((line, seed) => {
      const { entries, ride } = JSON.parse(line) as Example
      expect(fold(entries), `seed ${seed}`).toEqual(ride)
      expect(grownTo(entries), `seed ${seed}, one by one`).toEqual(ride)
    })
  })
})

test('the lessons of a demo tell what they told before the format became data', () => {
  const lines = gunzipSync(readFileSync(demo)).toString('utf8').trim().split('\n')
  expect(lines).toHaveLength(48)
  for (const line of lines) {
    const { entries, ride } = JSON.parse(line) as Example
    expect(fold(entries)).toEqual(ride)
  }
})

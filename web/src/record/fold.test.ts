import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import { describe, expect, test } from 'vitest'
import type { Entry } from './entry'
import { fold } from './fold'
import type { Ride } from './ride'

interface Example {
  says: string
  entries: Entry[]
  ride: Ride
}

const root = resolve(import.meta.dirname, '../../..')
const folder = resolve(root, 'examples/fold')
const logs = resolve(root, 'core/target/fold-logs.ndjson')

function read(file: string): Example {
  return JSON.parse(readFileSync(resolve(folder, file), 'utf8')) as Example
}

describe('the hand-made examples, read by the server as well', () => {
  test.each(readdirSync(folder))('%s', (file) => {
    const { says, entries, ride } = read(file)
    expect(fold(entries), says).toEqual(ride)
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
    })
  })
})

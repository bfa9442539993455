import { readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import { expect, test } from 'vitest'
import { nudgeAt } from './nudge'
import type { Nudge, NudgeRules, RideNowKey } from './nudge'

interface Example {
  says: string
  rules: NudgeRules
  now: RideNowKey
  nudge: Nudge | null
}

const file = resolve(import.meta.dirname, '../../../examples/nudge/nudges.json')
const examples = JSON.parse(readFileSync(file, 'utf8')) as Example[]

test.each(examples.map((e) => [e.says, e] as const))('%s', (_, { now, rules, nudge }) => {
  expect(nudgeAt(now, rules)).toBe(nudge)
})

test('the examples are there', () => expect(examples.length).toBeGreaterThan(20))

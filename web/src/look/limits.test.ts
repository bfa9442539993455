import { readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import { expect, test } from 'vitest'
import type { FirstLook } from '../record'
import { limitsOf } from './limits'

interface Example {
  says: string
  look: FirstLook
  limits: string[]
}

const file = resolve(import.meta.dirname, '../../../examples/look/limits.json')
const examples = JSON.parse(readFileSync(file, 'utf8')) as Example[]

test.each(examples.map((e) => [e.says, e] as const))('%s', (_, { look, limits }) => {
  expect(limitsOf(look)).toEqual(limits)
})

test('no look forbids nothing', () => expect(limitsOf(undefined)).toEqual([]))

import { readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import { expect, test } from 'vitest'
import type { Rein, Side } from './generated/words'
import { reinFor, workedSide } from './workedSide'
import type { WorkedSide } from './workedSide'

interface Example {
  works: WorkedSide
  rein: Rein
  said: Side
  side: Side
  why: string
}

const file = resolve(import.meta.dirname, '../../../examples/worked-sides.json')
const examples = JSON.parse(readFileSync(file, 'utf8')) as Example[]

test.each(examples)('$works on $rein: $why', ({ works, rein, said, side }) => {
  expect(workedSide(works, rein, said)).toBe(side)
  if (reinFor(works, side) !== 'NONE') expect(reinFor(works, side)).toBe(rein)
})

import { readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import { expect, test } from 'vitest'
import type { Ride } from '../record'
import { timingOf, timings } from './timings'
import type { Spread } from './timings'

type Example = Record<'waits' | 'answers' | 'releases' | 'toCorrect', number[] | undefined> & {
  says: string
  asks: Record<string, number | string>[]
  corrections: Record<string, number | boolean>[]
  prompt: number
  hurried: number
  long: number
}

const examples = JSON.parse(
  readFileSync(resolve(import.meta.dirname, '../../../examples/timings.json'), 'utf8'),
) as Example[]

const CLIP = 'clip'

function moments(of: Record<string, unknown>, ...names: string[]): object {
  return Object.fromEntries(names.filter((n) => n in of).map((n) => [n, { base: CLIP, ms: of[n] }]))
}

/** A ride with nothing in it but what the example says. */
function rideOf({ asks, corrections }: Example): Ride {
  const exchanges = asks.map((ask, i) => ({
    id: `ask ${i}`,
    segment: 's',
    response: ask.response,
    ...moments(ask, 'asked', 'reinforced', 'when'),
  }))
  const marks = [
    ...asks.flatMap((ask, i) =>
      'letGo' in ask ? [{ kind: 'release', exchange: `ask ${i}`, when: { base: CLIP, ms: ask.letGo } }] : [],
    ),
    ...corrections.map((c) => ({ kind: 'correction', made: c.made, ...moments(c, 'error', 'when') })),
  ].map((said, i) => ({ id: `mark ${i}`, said }))
  return { exchanges, marks } as unknown as Ride
}

test.each(examples)('$says', (example) => {
  const of = timings(timingOf(rideOf(example), (base) => base === CLIP))
  const told = (s: Spread | undefined) => s && [s.count, s.leastMs, s.middleMs, s.mostMs]
  expect(told(of.waits)).toEqual(example.waits)
  expect(told(of.answers)).toEqual(example.answers)
  expect(told(of.releases)).toEqual(example.releases)
  expect(told(of.toCorrect)).toEqual(example.toCorrect)
  expect([of.prompt, of.hurried, of.long]).toEqual([example.prompt, example.hurried, example.long])
})

test('moments of another clip are not read', () => {
  const [example] = examples
  if (!example) throw new Error('no example')
  expect(timingOf(rideOf(example), () => false).asks).toEqual([])
})

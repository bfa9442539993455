import { expect, test } from 'vitest'
import i18next from '../text'
import type { Text } from '../text'
import { doseSentence } from './dose'

const t = i18next.t as unknown as Text

test.each([
  [{ amount: 5, unit: 'MINUTES', secondsARein: 300, works: 'INSIDE' }, '5 minutes on each rein'],
  // without a rein half of it is counted for either: together they are the dose
  [{ amount: 5, unit: 'MINUTES', secondsARein: 150, works: 'NEITHER' }, '5 minutes'],
  [{ amount: 4, unit: 'REPEATS', secondsARein: 60, works: 'NEITHER' }, '4 times, about 2 min'],
  [{ amount: 1, unit: 'CIRCLES', secondsARein: 60 }, '1 circle on each rein, about 1 min'],
] as const)('%o is said as %s', (step, said) => {
  expect(doseSentence(t, step)).toBe(said)
})

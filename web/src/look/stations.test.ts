import { expect, test } from 'vitest'
import type { FirstLook } from '../record'
import { asLastTime, changed, isFinding, seenAt } from './stations'
import type { Ticked } from './stations'

// rules 1: a row fires at 2 or less, bend also where the sides differ or the place is not even (common practice, no source)
test.each<[FirstLook, Ticked, boolean]>([
  [{ halt: 2 }, 'haltAt', true],
  [{ halt: 3 }, 'haltAt', false],
  [{}, 'haltAt', false],
  [{ jawLeft: 3, jawRight: 2 }, 'jawAt', true],
  [{ bendLeft: 3, bendRight: 3 }, 'bendAt', false],
  [{ bendLeft: 4, bendRight: 3 }, 'bendAt', true],
  [{ bendLeft: 4 }, 'bendAt', false],
  [{ placeLeft: 'EVEN' }, 'bendAt', false],
  [{ placeLeft: 'POLL_ONLY' }, 'bendAt', true],
  [{ shoulder: 0 }, 'shouldersAt', false],
  [{ shoulder: -1 }, 'shouldersAt', true],
  [{ shoulderInside: true }, 'shouldersAt', true],
  [{ neckTwists: true }, 'shouldersAt', true],
  [{ neckTwists: false }, 'shouldersAt', false],
])('%j: %s is a finding: %s', (look, of, finding) => {
  expect(isFinding(look, of)).toBe(finding)
})

test('what is found again elsewhere is ticked there as well, and what is good again loses its ticks', () => {
  const once = changed({}, { leg: 1 }, 'inHand')
  expect(once).toEqual({ leg: 1, legAt: { inHand: true } })
  const twice = changed(once, { leg: 2 }, 'mounted')
  expect(twice.legAt).toEqual({ inHand: true, mounted: true })
  expect(seenAt(twice.legAt)).toBe(2)
  expect(changed(twice, { leg: 4 }, 'mounted')).toEqual({ leg: 4 })
  expect(changed(twice, { calm: 3 }, 'standing').legAt).toEqual(twice.legAt)
})

test('what is of the day alone is not taken over', () => {
  expect(
    asLastTime({ soundness: 'SOUND', riddenToday: 40, riddenYesterday: 20, calm: 3 }, 'standing'),
  ).toEqual({ calm: 3 })
})

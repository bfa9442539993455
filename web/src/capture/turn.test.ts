import { describe, expect, test } from 'vitest'
import { fold } from '../record'
import type { Entry } from '../record'
import { isLatched, uncounted } from './turn'

/** Writes a log short: a kind, its payload, and how many seconds after the one before. */
function ride(...said: [kind: string, payload: object, seconds: number][]) {
  let atMs = 0
  const id = (n: number) => `00000000-0000-7000-8000-${String(n).padStart(12, '0')}`
  const entries = said.map(([kind, payload, seconds], i): Entry => {
    atMs += seconds * 1000
    return {
      id: id(i + 1),
      lesson: id(700),
      device: id(801),
      author: id(900),
      seq: i + 1,
      atMs,
      kind,
      v: 1,
      payload: { ...payload },
    }
  })
  return fold(entries)
}

const segment = (rein: 'LEFT' | 'RIGHT', exercise = 'bend') => ({
  exercise,
  gait: 'WALK',
  place: 'RAIL',
  rein,
  mounted: 'RIDER',
})
const FIRST = '00000000-0000-7000-8000-000000000001'
const ask = { segment: FIRST, strength: 2, response: 'YES' }

describe('a turn worth counting afterwards', () => {
  const after = (...between: [string, object, number][]) => {
    const ridden = ride(['segment', segment('LEFT'), 0], ...between, ['segment', segment('RIGHT'), 40])
    const now = ridden.segments.at(-1)
    return now && uncounted(ridden, now)?.id
  }

  test('is one in which hardly anything was touched', () => {
    expect(after()).toBe(FIRST)
    expect(after(['exchange', ask, 1], ['exchange', ask, 1])).toBe(FIRST)
    expect(after(['exchange', ask, 1], ['exchange', ask, 1], ['exchange', ask, 1])).toBeUndefined()
    const poles = { segment: FIRST, answer: 'CLEAN' }
    expect(after(['poles', poles, 1], ['poles', poles, 1], ['poles', poles, 1])).toBeUndefined()
  })

  test('and not counted yet', () => {
    expect(after(['tally', { segment: FIRST, good: 5, others: 1 }, 1])).toBeUndefined()
  })

  test('and no slip of the thumb', () => {
    const short = ride(['segment', segment('LEFT'), 0], ['segment', segment('RIGHT'), 29])
    expect(short.segments[1] && uncounted(short, short.segments[1])).toBeUndefined()
    const same = ride(['segment', segment('LEFT'), 0], ['segment', segment('LEFT'), 60])
    expect(same.segments[1] && uncounted(same, same.segments[1])).toBeUndefined()
  })
})

describe('the fault with a key of its own', () => {
  const fault = { name: 'leg-back', side: 'RIGHT' }
  const latch = (on: boolean): [string, object, number] => ['latch', { segment: FIRST, ...fault, on }, 1]
  const is = (...said: [string, object, number][]) =>
    isLatched(ride(['segment', segment('LEFT'), 0], ...said), fault)

  test('is on until the next ask carries it, or the key is touched again', () => {
    expect(is()).toBe(false)
    expect(is(latch(true))).toBe(true)
    expect(is(latch(true), ['exchange', ask, 30])).toBe(false)
    expect(is(latch(true), latch(false))).toBe(false)
    expect(is(latch(true), ['exchange', ask, 1], latch(true))).toBe(true)
  })
})

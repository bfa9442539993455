import { describe, expect, test } from 'vitest'
import type { Plan } from '../api'
import type { Exchange, RideMark, Ride, Segment } from '../record'
import { fold } from '../record'
import { heatOf, notedIn } from '../capture'
import { STANDARD_HEAT } from '../nudge'
import { isTired, sinceStepBack } from './stuck'

const plan = {
  blocks: [
    { of: { rung: 'circle-bend.walk.circle' }, wayBack: { rung: 'inside-bend.walk.rail' } },
    { of: { rung: 'inside-bend.walk.rail' }, wayBack: null },
  ],
} as unknown as Plan

function segment(id: string, exercise: string, atMs: number, mounted: Segment['mounted'] = 'RIDER'): Segment {
  const place = exercise === 'circle-bend' ? 'CIRCLE' : 'RAIL'
  return { id, atMs, endMs: null, exercise, gait: 'WALK', place, rein: 'LEFT', mounted }
}

function ask(of: string, atMs: number, response: Exchange['response']): Exchange {
  return { id: `x${String(atMs)}`, atMs, segment: of, author: 'coach', strength: 2, response }
}

function mark(atMs: number, said: RideMark['said']): RideMark {
  return { id: `m${String(atMs)}`, atMs, author: 'coach', said }
}

const ride = (of: Partial<Ride>): Ride => ({ ...fold([]), ...of })

describe('since the step back', () => {
  const back = [segment('a', 'circle-bend', 0), segment('b', 'inside-bend', 10)]
  const asks = [ask('a', 5, 'WRONG'), ask('b', 11, 'WRONG'), ask('b', 12, 'TRY')]

  test('only the answers after it count', () => {
    expect(sinceStepBack(ride({ segments: back, exchanges: asks }), plan)).toEqual({
      sinceStepBack: ['WRONG', 'TRY'],
      isFrightened: false,
    })
  })
  test('there is none while the lesson only went on', () => {
    const on = [segment('a', 'inside-bend', 0), segment('b', 'circle-bend', 10)]
    expect(sinceStepBack(ride({ segments: on, exchanges: asks }), plan).sinceStepBack).toEqual([])
  })
  test('answers under the coach are not the pair’s', () => {
    const coached = [back[0] as Segment, segment('b', 'inside-bend', 10, 'COACH')]
    expect(sinceStepBack(ride({ segments: coached, exchanges: asks }), plan).sinceStepBack).toEqual([])
  })
  test('a fright since is remembered, one before is not', () => {
    const fright = (atMs: number) =>
      mark(atMs, { kind: 'sign', segment: 'b', name: 'jumps-away', side: 'NONE' })
    expect(sinceStepBack(ride({ segments: back, marks: [fright(12)] }), plan).isFrightened).toBe(true)
    expect(sinceStepBack(ride({ segments: back, marks: [fright(3)] }), plan).isFrightened).toBe(false)
  })
})

test('tired, or a breath that does not settle, is one sign', () => {
  for (const name of ['tired', 'breath-not-settled']) {
    expect(isTired(ride({ marks: [mark(1, { kind: 'sign', segment: 'a', name, side: 'NONE' })] }))).toBe(true)
  }
  expect(
    isTired(ride({ marks: [mark(1, { kind: 'sign', segment: 'a', name: 'dying', side: 'NONE' })] })),
  ).toBe(false)
})

test('of ground and weather the last word of each counts', () => {
  const marks = [
    mark(1, { kind: 'conditions', temperatureC: 32, footing: 'GOOD' }),
    mark(2, { kind: 'conditions', humidityPct: 65 }),
    mark(3, { kind: 'conditions', footing: 'DEEP' }),
  ]
  expect(notedIn(marks)).toEqual({ temperatureC: 32, humidityPct: 65, footing: 'DEEP' })
  expect(heatOf(marks, STANDARD_HEAT)).toBe('LIGHT_ONLY')
  expect(heatOf([], STANDARD_HEAT)).toBe('RIDE')
})

import { describe, expect, test } from 'vitest'
import type { Rest, Ride, Segment } from '../record'
import { spellMs, turnMs, workMs } from './useNudge'

const segment = (rein: 'LEFT' | 'RIGHT', atMs: number, endMs: number | null): Segment => ({
  id: String(atMs),
  atMs,
  endMs,
  exercise: 'a',
  gait: 'WALK',
  place: 'RAIL',
  rein,
  mounted: 'RIDER',
})
const ride = (segments: Segment[], rests: Rest[] = []): Ride => ({
  startedAtMs: 0,
  endedAtMs: null,
  segments,
  exchanges: [],
  notes: [],
  looks: [],
  rests,
  marks: [],
  stopSigns: [],
  reinMs: { LEFT: 0, RIGHT: 0, NONE: 0 },
  pads: [],
  loose: [],
  voided: [],
  odd: [],
})

describe('time on a rein', () => {
  test('begins with the change of rein, not with a change of exercise', () => {
    expect(
      turnMs(ride([segment('LEFT', 0, 60), segment('RIGHT', 60, 100), segment('RIGHT', 100, null)]), 250),
    ).toBe(190)
  })
  test('begins anew after a rest', () => {
    const rested = ride(
      [segment('LEFT', 0, 60), segment('LEFT', 90, null)],
      [{ id: 'r', atMs: 60, endMs: 90 }],
    )
    expect(turnMs(rested, 200)).toBe(110)
    expect(workMs(rested, 200)).toBe(170)
  })
  test('stands still while resting', () => {
    expect(turnMs(ride([segment('LEFT', 0, 60)], [{ id: 'r', atMs: 60, endMs: null }]), 500)).toBe(0)
    expect(workMs(ride([segment('LEFT', 0, 60)]), 500)).toBe(60)
  })
})

describe('the spell since the last rest', () => {
  test('adds up what was ridden since, on either rein', () => {
    const ridden = [
      segment('LEFT', 0, 60),
      segment('RIGHT', 60, 100),
      segment('LEFT', 150, 200),
      segment('RIGHT', 200, null),
    ]
    expect(spellMs(ride(ridden, [{ id: 'r', atMs: 100, endMs: 150 }]), 230)).toBe(80)
    expect(spellMs(ride(ridden), 230)).toBe(180)
  })

  test('is none while resting', () => {
    expect(spellMs(ride([segment('LEFT', 0, 60)], [{ id: 'r', atMs: 60, endMs: null }]), 500)).toBe(0)
  })
})

import { expect, test } from 'vitest'
import type { GroundArena, GroundRoom, PlanBlock, PlannedLesson } from '../api'
import { needsOf } from './needs'

const ARENA = { id: 'SMALL', widthM: 20, lengthM: 40, letters: {} } as unknown as GroundArena
const ROOM = {
  forms: [{ form: 'CIRCLE', usualAt: 'A', size: { usual: 20 }, count: { usual: 0 } }],
  gaits: [{ pace: 'WALK' }, { pace: 'TROT' }],
  narrowest: { usual: 10 },
  corner: { usual: 3 },
} as unknown as GroundRoom

const block = (kind: string, gait: string, workS: number, circleM: number | null = null) =>
  ({ of: { gait }, ground: { kind }, circleM, workS, restS: 30 }) as unknown as PlanBlock

test('what a plan rides on the ground, each at its time; the track is always there, and a gait of its own has no steps', () => {
  const planned = {
    lesson: { pair: 'skerry' },
    plan: {
      beforeS: 300,
      blocks: [
        block('TRACK', 'WALK', 270),
        block('CIRCLE', 'TROT', 120, 12),
        block('POLE_LINE', 'TOLT', 90),
        block('POLE_LINE', 'WALK', 150),
      ],
    },
  } as unknown as PlannedLesson
  let next = 0
  const needs = needsOf(planned, () => `thing ${String(++next)}`, ROOM, ARENA)
  expect(needs.map(({ pair, pace, fromS, lastsS }) => [pair, pace, fromS, lastsS])).toEqual([
    ['skerry', 'TROT', 600, 150],
    ['skerry', 'WALK', 870, 180],
  ])
  expect(needs[0]?.thing.figure?.sizeM).toBe(12)
  expect(needs[1]?.thing.row?.poles).toBe(4)
})

import { describe, expect, test } from 'vitest'
import { AWAY_MS, momentAt, ranMs } from './timer'
import type { Turn } from './timer'

const turns: Turn[] = [
  { rein: 'LEFT', seconds: 120 },
  { rein: 'RIGHT', seconds: 90 },
  { rein: 'LEFT', seconds: 30 },
]

describe('a practice timer', () => {
  test('waits until the phone is put away', () => {
    expect(momentAt(turns, 0)).toMatchObject({ awayMs: AWAY_MS, index: -1, isOver: false })
    expect(momentAt(turns, AWAY_MS - 1).awayMs).toBe(1)
  })
  test('begins the first turn on time', () =>
    expect(momentAt(turns, AWAY_MS)).toMatchObject({ awayMs: 0, index: 0, leftMs: 120_000 }))
  test('changes the rein when a turn is over', () => {
    expect(momentAt(turns, AWAY_MS + 119_999)).toMatchObject({ index: 0, leftMs: 1 })
    expect(momentAt(turns, AWAY_MS + 120_000)).toMatchObject({ index: 1, leftMs: 90_000 })
  })
  test('counts what was ridden on each rein', () =>
    expect(momentAt(turns, AWAY_MS + 215_500).doneS).toEqual({ LEFT: 125, RIGHT: 90 }))
  test('is over after the last turn, with all of it ridden', () =>
    expect(momentAt(turns, AWAY_MS + 240_000)).toMatchObject({
      isOver: true,
      doneS: { LEFT: 150, RIGHT: 90 },
    }))
  test('stands still in a pause', () => {
    const timer = { assignment: 'a', startedMs: 1000, pausedMs: 61_000, restedMs: 10_000 }
    expect(ranMs(timer, 500_000)).toBe(50_000)
    expect(ranMs({ ...timer, pausedMs: null }, 91_000)).toBe(80_000)
  })
})

test('without a rein the time is shared by both, and none is lost', () => {
  const one: Turn[] = [{ rein: 'NONE', seconds: 301 }]
  expect(momentAt(one, AWAY_MS + 101_000).doneS).toEqual({ LEFT: 51, RIGHT: 50 })
  expect(momentAt(one, AWAY_MS + 301_000)).toMatchObject({ isOver: true, doneS: { LEFT: 151, RIGHT: 150 } })
})

import { describe, expect, test } from 'vitest'
import type { StoredEntry } from '../store'
import { lastStanding } from './lastStanding'

describe('what can be taken back', () => {
  const entry = (id: string, kind: string, seq: number, device = 'here'): StoredEntry => ({
    id,
    lesson: 'l',
    device,
    author: 'a',
    seq,
    atMs: seq,
    kind,
    v: 1,
    payload: {},
    passage: 'stored',
  })

  test('is the last of this device that still stands', () => {
    const entries = [
      entry('s1', 'segment', 1),
      entry('x1', 'exchange', 2),
      entry('x2', 'exchange', 3),
      entry('v', 'void', 4),
      entry('other', 'exchange', 9, 'there'),
    ]
    expect(lastStanding(entries, ['x2'], 'here')?.id).toBe('x1')
  })

  test('is never the first segment: a ride without one could not be recorded', () => {
    expect(lastStanding([entry('s1', 'segment', 1)], [], 'here')).toBeUndefined()
    expect(lastStanding([entry('s1', 'segment', 1), entry('s2', 'segment', 2)], [], 'here')?.id).toBe('s2')
  })
})

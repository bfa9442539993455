import { describe, expect, it } from 'vitest'
import { isConcerned } from './concerned'

const TAMARACK = { lesson: 'l1', pair: 'p1', horse: null }
const today = { date: '2026-11-24', lessons: [{ lesson: { id: 'l1', pair: 'p1' } }] }
const pages = { pages: [{ pairs: [{ id: 'p1' }] }] }

describe('news by key', () => {
  it('reads again all that listens when some may have been missed', () => {
    for (const screen of ['today', 'debrief', 'inbox', 'pair', 'pairs'])
      expect(isConcerned(null, [screen, 'x'], {})).toBe(true)
    expect(isConcerned(null, ['plan', 'l1'], {})).toBe(false)
  })

  it('reads again what shows that lesson or that pair', () => {
    expect(isConcerned(TAMARACK, ['debrief', 'l1'], {})).toBe(true)
    expect(isConcerned(TAMARACK, ['debrief', 'l2'], {})).toBe(false)
    expect(isConcerned(TAMARACK, ['pair', 'p1'], {})).toBe(true)
    expect(isConcerned(TAMARACK, ['pair', 'p2'], {})).toBe(false)
    expect(isConcerned(TAMARACK, ['pairs'], pages)).toBe(true)
    expect(isConcerned({ ...TAMARACK, pair: 'p2' }, ['pairs'], pages)).toBe(false)
  })

  it('reads today again for its own lessons and for one it does not know', () => {
    expect(isConcerned(TAMARACK, ['today'], today)).toBe(true)
    expect(isConcerned({ ...TAMARACK, lesson: 'l9', pair: 'p9' }, ['today'], today)).toBe(true)
    expect(isConcerned({ lesson: null, pair: 'p1', horse: null }, ['today'], today)).toBe(false)
  })

  it('reads the inbox again for a report, and not for a touch', () => {
    expect(isConcerned(TAMARACK, ['inbox'], { waiting: [] })).toBe(false)
    expect(isConcerned({ lesson: null, pair: 'p1', horse: null }, ['inbox'], { waiting: [] })).toBe(true)
    expect(isConcerned({ lesson: null, pair: null, horse: 'h1' }, ['inbox'], { waiting: [{}] })).toBe(true)
  })
})

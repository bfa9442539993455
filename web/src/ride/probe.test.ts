import { describe, expect, test } from 'vitest'
import { fold } from '../record'
import type { Entry, Kind } from '../record'
import { probeNow } from './probe'

const id = (n: number) => `00000000-0000-7000-8000-${String(n).padStart(12, '0')}`

/** A log told in a line: a word begins a segment on that exercise, ? asks the question, ! says it helped, y and n are answers. */
function told(line: string) {
  const entries: Entry[] = []
  let segment = ''
  const say = (kind: Kind, payload: object) => {
    const n = entries.length + 1
    entries.push({
      id: id(n),
      lesson: id(700),
      device: id(801),
      author: id(900),
      seq: n,
      atMs: 1000 * n,
      kind,
      v: 1,
      payload,
    } as Entry)
    return id(n)
  }
  for (const part of line.split(' ')) {
    if (part === '?') say('probe', { segment })
    else if (part === '!') say('help', { segment, exercise: 'rein-back' })
    else if (/^[yn]+$/.test(part))
      Array.from(part).forEach((a) =>
        say('exchange', { segment, strength: 2, response: a === 'y' ? 'YES' : 'NONE' }),
      )
    else {
      const [exercise, rein = 'LEFT', mounted = 'RIDER'] = part.split('/')
      segment = say('segment', { exercise, gait: 'WALK', place: 'RAIL', rein, mounted })
    }
  }
  const ride = fold(entries)
  const now = ride.segments.at(-1)
  if (!now) throw new Error('A line begins with a segment.')
  return probeNow(ride, now, 4)
}

describe('four, another exercise, four', () => {
  test.each([
    ['bend yyyy', null],
    ['bend ?', { step: 'BEFORE', asked: 0, needed: 4 }],
    ['bend yy ? yn', { step: 'BEFORE', asked: 2 }],
    ['bend ? yn bend/RIGHT y', { step: 'BEFORE', asked: 3 }],
    ['bend ? ynyn', { step: 'BETWEEN', between: null }],
    ['bend ? ynyn rein-back', { step: 'BETWEEN', between: 'rein-back' }],
    ['bend ? ynyn rein-back yy', { step: 'BETWEEN', between: 'rein-back' }],
    ['bend ? ynyn rein-back yy bend', { step: 'AFTER', asked: 0, between: 'rein-back' }],
    ['bend ? ynyn rein-back yy bend yyy', { step: 'AFTER', asked: 3 }],
    ['bend ? ynyn rein-back yy bend yyyy', { step: 'SAY', between: 'rein-back' }],
    ['bend ? ynyn rein-back yy bend yyyy leg-yield', { step: 'SAY', between: 'rein-back' }],
  ])('%s', (line, step) => {
    if (step === null) expect(told(line)).toBeNull()
    else expect(told(line)).toMatchObject(step)
  })
  test.each([
    ['the coach said that it helped', 'bend ? ynyn rein-back yy bend yyyy !'],
    ['a second exercise lay between', 'bend ? ynyn rein-back yy leg-yield y bend yyyy'],
    ['something else was asked afterwards', 'bend ? ynyn rein-back yy bend yyyy leg-yield y'],
  ])('it is over where %s', (_, line) => expect(told(line)).toBeNull())
  test('what another rides is no answer', () =>
    expect(told('bend ? yy bend/LEFT/COACH yyy')).toMatchObject({ step: 'BEFORE', asked: 2 }))
})

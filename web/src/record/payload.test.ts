import { readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import { describe, expect, test } from 'vitest'
import { BOUNDS } from './generated/kinds'
import { readPayload } from './payload'
import type { Payload } from './payload'

const NOTE_MOST = BOUNDS.note.text.most

const segment = { exercise: 'inside-bend', gait: 'WALK', place: 'RAIL', rein: 'LEFT', mounted: 'RIDER' }
const id = '00000000-0000-7000-8000-000000000001'

describe('readPayload', () => {
  test('passes over fields it does not know', () => {
    expect(readPayload('segment', 1, { ...segment, later: true })).toEqual({ kind: 'segment', ...segment })
  })

  test.each([
    ['another version', 'segment', 2, segment],
    ['an unknown kind', 'heartbeat', 1, {}],
    ['a rein that is none', 'segment', 1, { ...segment, rein: 'MIDDLE' }],
    ['an exercise that is no name', 'segment', 1, { ...segment, exercise: 'Inside bend' }],
    ['strength 0', 'exchange', 1, { segment: id, strength: 0, response: 'YES' }],
    ['strength 5', 'exchange', 1, { segment: id, strength: 5, response: 'YES' }],
    ['strength 1.5', 'exchange', 1, { segment: id, strength: 1.5, response: 'YES' }],
    ['an id in capitals', 'void', 1, { target: id.toUpperCase().replace('0000', 'ABCD') }],
    ['an empty note', 'note', 1, { text: ' \t\r\n' }],
    ['a note one letter too long', 'note', 1, { text: 'x'.repeat(NOTE_MOST + 1) }],
    ['an amendment by a list', 'amend', 1, { target: id, payload: [] }],
    ['a fault without a side', 'fault', 1, { segment: id, name: 'leg-back' }],
    ['a sign that is no name', 'sign', 1, { segment: id, name: 'Leg back', side: 'LEFT' }],
    ['a correction that is neither', 'correction', 1, { segment: id, made: 'yes' }],
    ['a release of nothing', 'release', 1, { exchange: 'it', release: 'LATE' }],
    ['contact on no rein', 'contact', 1, { segment: id, side: 'NONE', felt: 'EVEN' }],
    ['nothing held', 'held', 1, { segment: id, unit: 'STRIDES', amount: 0 }],
    ['half a stride', 'held', 1, { segment: id, unit: 'STRIDES', amount: 1.5 }],
    ['no conditions', 'conditions', 1, { temperatureC: null }],
    ['61 degrees', 'conditions', 1, { footing: 'GOOD', temperatureC: 61 }],
    ['a footing that is none', 'conditions', 1, { footing: 'SAND', temperatureC: 10 }],
    ['an effort of 11', 'effort', 1, { horse: 11 }],
    ['a clock off by more than ten years', 'clock', 1, { offsetMs: 315_360_000_001 }],
  ])('does not understand %s', (_, kind, v, payload) => {
    expect(readPayload(kind, v, payload)).toBeUndefined()
  })

  test('understands values at their bounds', () => {
    expect(readPayload('clock', 1, { offsetMs: -315_360_000_000 })).toBeDefined()
    expect(readPayload('note', 1, { text: 'x'.repeat(NOTE_MOST) })).toBeDefined()
    expect(readPayload('exchange', 1, { segment: id, strength: 4, response: 'WRONG' })).toBeDefined()
    expect(readPayload('held', 1, { segment: id, unit: 'METRES', amount: 10_000 })).toBeDefined()
    expect(readPayload('conditions', 1, { temperatureC: -40, humidityPct: 100 })).toBeDefined()
    expect(readPayload('effort', 1, { horse: 0, rider: 10 })).toEqual({ kind: 'effort', horse: 0, rider: 10 })
  })
})

describe('whatever a parser of JSON lets through', () => {
  const root = resolve(import.meta.dirname, '../../..')
  const cases = readFileSync(resolve(root, 'core/target/format-cases.ndjson'), 'utf8').trim().split('\n')

  test('is read as the schemas and the other language read it', () => {
    expect(cases.length).toBeGreaterThan(5000)
    for (const line of cases) {
      const { kind, v, says, payload, read } = JSON.parse(line) as Case
      const said = readPayload(kind, v, JSON.parse(payload) as Record<string, unknown>)
      expect(said === undefined ? null : plain(said), `${kind} ${v}, ${says}`).toEqual(read)
    }
  })
})

interface Case {
  kind: string
  v: number
  says: string
  payload: string
  read: Record<string, unknown> | null
}

/** As it stands in an entry. */
function plain({ kind, ...said }: Payload): unknown {
  return kind === 'first_look' && 'seen' in said ? said.seen : said
}

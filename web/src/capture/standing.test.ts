import { expect, test } from 'vitest'
import { fold } from '../record'
import type { StoredEntry } from '../store'
import { saidNow, takenBackBy } from './standing'

const id = (n: number) => `00000000-0000-7000-8000-${String(n).padStart(12, '0')}`

function entry(n: number, kind: string, payload: Record<string, unknown>): StoredEntry {
  return {
    id: id(n),
    lesson: id(700),
    device: id(801),
    author: id(900),
    seq: n,
    atMs: n * 1000,
    kind,
    v: 1,
    payload,
    passage: 'stored',
  }
}

const segment = { exercise: 'circle-bend', gait: 'TROT', place: 'RAIL', rein: 'LEFT', mounted: 'RIDER' }
const ask = { segment: id(1), strength: 3, response: 'BRACE' }
const log = [
  entry(1, 'segment', segment),
  entry(2, 'exchange', ask),
  entry(3, 'line', { segment: id(1), ridden: 5 }),
  entry(4, 'amend', { target: id(2), payload: { ...ask, response: 'TRY' } }),
  entry(5, 'amend', { target: id(1), payload: { ...segment, rein: 'RIGHT' } }),
  entry(6, 'from_tomorrow', {}),
]

function said(entries: StoredEntry[], n: number) {
  const found = entries[n - 1]
  return found && saidNow(fold(entries), entries, found)
}

test('an entry says what it was changed to, and so does the change', () => {
  expect(said(log, 2)).toMatchObject({ kind: 'exchange', strength: 3, response: 'TRY' })
  expect(said(log, 4)).toMatchObject({ kind: 'exchange', response: 'TRY' })
  expect(said(log, 1)).toMatchObject({ kind: 'segment', rein: 'RIGHT' })
  expect(said(log, 3)).toMatchObject({ kind: 'line', ridden: 5 })
  expect(said(log, 6)).toBeUndefined()
})

test('what was taken back says what it was last changed to', () => {
  const again = entry(7, 'amend', { target: id(2), payload: { ...ask, response: 'WRONG' } })
  const unread = entry(8, 'amend', { target: id(2), payload: { response: 'SULKS' } })
  const gone = [...log, again, unread, entry(9, 'void', { target: id(2) })]
  expect(said(gone, 2)).toMatchObject({ response: 'WRONG' })
  const without = [
    ...gone.slice(0, -1),
    entry(9, 'void', { target: id(7) }),
    entry(10, 'void', { target: id(2) }),
  ]
  expect(said(without, 2)).toMatchObject({ response: 'TRY' })
})

test('what was taken back is put back by taking back what took it', () => {
  const gone = [...log, entry(7, 'void', { target: id(2) })]
  expect(takenBackBy(gone, fold(gone).voided, id(2))).toBe(id(7))
  expect(said(gone, 2)).toMatchObject({ kind: 'exchange', response: 'TRY' })
  const back = [...gone, entry(8, 'void', { target: id(7) })]
  expect(takenBackBy(back, fold(back).voided, id(2))).toBeUndefined()
  expect(said(back, 2)).toMatchObject({ response: 'TRY' })
})

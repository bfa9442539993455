import { cleanup, screen } from '@testing-library/react'
import { afterEach, expect, test, vi } from 'vitest'
import type { ContactOfLesson, RecordingHere } from '../api'
import { lesson, show, text } from '../page.testing'
import { ContactCard, reinsFrom } from './ContactCard'
import { GAP } from '../reins'

afterEach(() => vi.restoreAllMocks())

const recording: RecordingHere = {
  id: '01911111-0000-7000-8000-0000000000a1',
  name: 'vesper.csv',
  startedAt: '2026-11-24T10:00:30Z',
  rateHz: 50,
  seconds: 6,
  minutes: 1,
  version: 1,
  isWhole: true,
  missing: [],
  mostly: null,
  asks: null,
  cues: [],
  cuesBeside: [],
  jitterMs: 0,
  faults: [],
  overview: {
    pieceS: 2,
    leftHigh: [300, GAP, 310],
    leftLow: [150, GAP, 150],
    rightHigh: [400, 410, 420],
    rightLow: [200, 210, 220],
  },
  spans: [],
}

const contact = (recordings: RecordingHere[]): ContactOfLesson => ({
  lesson: lesson(),
  band: null,
  recordings,
  away: [],
  earlier: [],
})

test('the plait is given the highest of each piece, from its own beginning', () => {
  expect(reinsFrom(contact([recording]), '2026-11-24T10:00:00Z')).toEqual([
    { fromMs: 30_000, pieceMs: 2000, leftKg: [3, null, 3.1], rightKg: [4, 4.1, 4.2] },
  ])
  expect(reinsFrom(contact([{ ...recording, overview: null }]), '2026-11-24T10:00:00Z')).toEqual([])
  expect(reinsFrom(undefined, '2026-11-24T10:00:00Z')).toEqual([])
})

test('where nothing was measured, and before all of it is here, nothing stands in the debrief', () => {
  show(<ContactCard felt={null} contact={contact([{ ...recording, isWhole: false }])} />)
  expect(screen.queryByText(text('measured.key'))).toBeNull()
})

test('what the rider guessed stands beside what the reins mostly carried', () => {
  const mostly = { leftKg: 3.14, rightKg: 3.46 }
  const felt = { text: null, better: null, leftKg: 2, rightKg: null }
  show(<ContactCard felt={felt} contact={contact([{ ...recording, mostly }])} />)
  const guess = text('riderFelt.kg.LEFT', { kg: 2 })
  const said = { rider: contact([]).lesson.rider, felt: guess, left: '3.1', right: '3.5' }
  expect(screen.getByText(text('measured.guessed', said))).toBeInTheDocument()
  cleanup()
  show(<ContactCard felt={null} contact={contact([{ ...recording, mostly }])} />)
  expect(screen.getByText(text('measured.mostly', { left: '3.1', right: '3.5' }))).toBeInTheDocument()
})

test('what was measured leads to its ribbon', () => {
  show(<ContactCard felt={null} contact={contact([recording])} />)
  expect(screen.getByText(text('measured.key'))).toBeInTheDocument()
  expect(screen.getByRole('link', { name: text('measured.toRibbon'), hidden: true })).toBeInTheDocument()
})

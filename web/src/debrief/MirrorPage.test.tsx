import { screen } from '@testing-library/react'
import { afterEach, expect, test, vi } from 'vitest'
import type { CoachMirror } from '../api'
import { show, text } from '../page.testing'
import MirrorPage from './MirrorPage'

afterEach(() => vi.restoreAllMocks())

const mirror: CoachMirror = {
  rules: [
    {
      ruleId: 'stay',
      overruled: 5,
      decisions: 40,
      low: 0.055,
      high: 0.261,
      coachRight: 3,
      adviceRight: 1,
      neither: 0,
      notYet: 1,
    },
  ],
  riding: {
    lessons: 20,
    minutes: 600,
    praise: { times: 10, anHour: 1, low: 0.48, high: 1.84 },
    corrections: { times: 40, anHour: 4, low: 2.9, high: 5.4 },
    leftS: 18_000,
    rightS: 18_000,
  },
}

const open = (answer: CoachMirror) =>
  show(<MirrorPage />, { path: '/mirror', answers: { 'GET /api/v1/mirror': answer } })

test('each count stands with what it was read from and its interval', async () => {
  open(mirror)
  expect(
    await screen.findByText(text('mirror.anHour', { name: text('mirror.praise'), times: '1.0' })),
  ).toBeVisible()
  expect(screen.getByText(text('mirror.interval', { low: '0.5', high: '1.8', count: 10 }))).toBeVisible()
  expect(
    screen.getByText(text('mirror.overruled', { count: 40, overruled: 5, low: 6, high: 26 })),
  ).toBeVisible()
  expect(screen.getByText(text('mirror.since', { coach: 3, advice: 1, neither: 0, notYet: 1 }))).toBeVisible()
})

test('too little riding and no overruling are said as such', async () => {
  open({ rules: [], riding: null })
  expect(await screen.findByText(text('mirror.ridingTooFew'))).toBeVisible()
  expect(screen.getByText(text('mirror.rulesNone'))).toBeVisible()
})

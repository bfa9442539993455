import { screen } from '@testing-library/react'
import { afterEach, expect, test, vi } from 'vitest'
import type { RiderPage as Page } from '../api'
import { lesson, Refusal, show, text } from '../page.testing'
import RiderPage from './RiderPage'

afterEach(() => vi.restoreAllMocks())

const ridden = lesson()
const PATH = `/api/v1/lessons/${ridden.id}/for-rider`
const page: Page = {
  lesson: ridden.id,
  pair: ridden.pair,
  horseId: ridden.horseId,
  rider: ridden.rider,
  horse: ridden.horse,
  at: '2026-11-24T17:00:00Z',
  better: [{ name: 'Strike-off', gait: 'CANTER', place: 'CIRCLE', better: 'MOVED_ON' }],
  think: 'Look where you go.',
  homework: [],
  clips: [],
  voices: [{ at: '2026-11-24T17:20:00Z', sha256: 'ab'.repeat(32), durationMs: 4000, felt: false }],
}

const open = (answer: unknown) =>
  show(<RiderPage />, {
    path: '/lessons/:id/for-rider',
    at: `/lessons/${ridden.id}/for-rider`,
    me: { role: 'RIDER', actions: ['PRACTISE', 'SEE_PAIRS'] },
    answers: { [`GET ${PATH}`]: answer },
  })

test('friendly words, and only what was chosen', async () => {
  open(page)
  expect(await screen.findByText('Look where you go.')).toBeVisible()
  expect(screen.getByText(new RegExp(text('better.MOVED_ON')))).toHaveTextContent('Strike-off, canter')
  expect(screen.queryByText(text('forRider.pageHomework'))).toBeNull()
  expect(screen.getByRole('button', { name: /0:04/ })).toBeVisible()
  expect(screen.queryByText(/%/)).toBeNull()
})

test('where nothing is shown any more it is said', async () => {
  open(new Refusal(404, 'not_found'))
  expect(await screen.findByRole('alert')).toBeVisible()
})

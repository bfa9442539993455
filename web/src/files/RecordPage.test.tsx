import { screen } from '@testing-library/react'
import { afterEach, expect, test, vi } from 'vitest'
import { lesson, show, text } from '../page.testing'
import RecordPage from './RecordPage'

afterEach(() => vi.restoreAllMocks())

const ridden = lesson({ startedAt: '2026-11-24T17:00:00Z', exchanges: 12 })
const PATH = `/api/v1/lessons/${ridden.id}`
const open = (actions: ('SEE_TODAY' | 'IMPORT')[]) =>
  show(<RecordPage />, {
    path: '/lessons/:id/record',
    at: `/lessons/${ridden.id}/record`,
    me: { actions },
    answers: {
      [`GET ${PATH}/debrief`]: { lesson: ridden },
      [`GET ${PATH}/origins`]: { broughtIn: [{ by: 'Bettina', entries: 40 }] },
    },
  })

test('a lesson is taken out as a file of each kind, under its own address', async () => {
  open(['SEE_TODAY'])
  expect(await screen.findByRole('heading', { level: 1 })).toHaveTextContent(text('files.title'))
  const links = await screen.findAllByRole('link')
  expect(links.map((l) => l.getAttribute('href'))).toEqual(
    expect.arrayContaining([
      `${PATH}/files/asks.csv`,
      `${PATH}/files/tallies.csv`,
      `${PATH}/files/entries.json`,
      `${PATH}/files/entries.csv`,
    ]),
  )
})

test('who may bring files in is asked for one; others are not', async () => {
  open(['SEE_TODAY', 'IMPORT'])
  expect(await screen.findByText(text('files.in'))).toBeVisible()
})

test('an assistant without the right to bring in is not asked', async () => {
  open(['SEE_TODAY'])
  await screen.findByRole('heading', { level: 1 })
  expect(screen.queryByText(text('files.in'))).toBeNull()
})

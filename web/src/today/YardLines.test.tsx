import { screen } from '@testing-library/react'
import { afterEach, expect, test, vi } from 'vitest'
import type { Attention } from '../api'
import { show } from '../page.testing'
import { YardLines } from './YardLines'

afterEach(() => vi.restoreAllMocks())

const of = (horse: string) => ({ pair: horse, rider: 'Imre Castellan', horse })

test('who needs help, whose work stands still and who has gone quiet: a line each, that leads there', async () => {
  const attention: Attention = {
    needsHelp: [
      {
        of: of('Tamarack'),
        name: 'Strike-off',
        gait: 'CANTER',
        place: 'CIRCLE',
        since: '2026-11-20T10:00:00Z',
      },
    ],
    standsStill: [
      {
        of: of('Skerry'),
        name: 'Counter-bend on the rail',
        gait: 'TROT',
        place: 'RAIL',
        works: 'OUTSIDE',
        side: 'LEFT',
        lessons: 12,
      },
    ],
    quiet: [{ of: of('Cormorant'), lastLessonAt: '2026-10-20T10:00:00Z' }],
  }
  show(<YardLines />, { answers: { 'GET /api/v1/attention': attention } })
  expect(await screen.findByRole('link', { name: /Tamarack and Imre Castellan need help/ })).toHaveAttribute(
    'href',
    '/pairs/Tamarack',
  )
  expect(screen.getByText(/Skerry .* are stuck on .* over 12 lessons/)).toHaveTextContent('left')
  expect(screen.getByText(/Cormorant .* have gone quiet/)).toBeVisible()
})

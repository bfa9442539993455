import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, expect, test, vi } from 'vitest'
import type { StridesOfHorse } from '../api'
import { show, text } from '../page.testing'
import StridePage from './StridePage'

afterEach(() => vi.useRealTimers())

const STRIDES: StridesOfHorse = {
  horse: 'Skerry',
  today: '2026-11-24',
  heightCm: 128,
  paces: [
    {
      pace: 'WALK',
      lengthM: 1.45,
      speedMs: 1.52,
      tempo: 63,
      measuredOn: null,
      isOld: false,
      poles: { fromM: 0.62, toM: 0.7 },
    },
    {
      pace: 'TROT',
      lengthM: 2.2,
      speedMs: 3.1,
      tempo: 84.5,
      measuredOn: '2026-03-01',
      isOld: true,
      poles: { fromM: 1.1, toM: 1.1 },
    },
  ],
  measures: [
    {
      id: 'm',
      pace: 'TROT',
      way: 'DISTANCE',
      distanceM: 30,
      count: 27,
      seconds: 9.7,
      on: '2026-03-01',
      lengthM: 1.11,
      doubt: 'LENGTH',
      isPutAway: false,
      by: 'Ottilie Brandvold',
    },
  ],
}

const open = (user = userEvent.setup()) => ({
  user,
  ...show(<StridePage />, {
    path: '/pairs/:id/strides',
    at: '/pairs/p/strides',
    answers: {
      'GET /api/v1/pairs/p/strides': STRIDES,
      'POST /api/v1/pairs/p/strides': STRIDES,
      'PUT /api/v1/pairs/p/strides/m/away': { ...STRIDES, measures: [] },
    },
  }),
})

test('what was measured, what is usual of the height, and what is old or doubtful', async () => {
  open()
  const [walk, trot] = (await screen.findAllByRole('listitem')).slice(0, 2)
  expect(walk).toHaveTextContent(text('stride.usual', { height: 128 }))
  expect(walk).toHaveTextContent(text('stride.apartRange', { from: '0.62', to: '0.70' }))
  expect(trot).toHaveTextContent(text('stride.measured', { day: '1 Mar 2026' }))
  expect(trot).toHaveTextContent(text('stride.apart', { metres: '1.10' }))
  expect(trot).toHaveTextContent(text('stride.old'))
  expect(screen.getByText(`! ${text('stride.doubt.LENGTH')}`)).toBeInTheDocument()
})

test('a measure that was wrong is put away', async () => {
  const { user, sent } = open()
  await user.click(await screen.findByRole('button', { name: text('stride.putAway') }))
  expect(sent('PUT /api/v1/pairs/p/strides/m/away')).toEqual([{ isPutAway: true }])
  await waitFor(() => expect(screen.queryByText(text('stride.taken'))).toBeNull())
})

test('from mark to mark: the watch runs, strides are touched, and what they come to can be corrected', async () => {
  vi.useFakeTimers({ shouldAdvanceTime: true })
  const { user, sent } = open(userEvent.setup({ advanceTimers: (ms) => vi.advanceTimersByTime(ms) }))
  await user.click(await screen.findByRole('button', { name: text('stride.firstMark') }))
  for (let i = 0; i < 11; i++)
    await user.click(screen.getByRole('button', { name: new RegExp(text('stride.step', { count: i })) }))
  vi.advanceTimersByTime(8300)
  await user.click(screen.getByRole('button', { name: /second mark/ }))
  const seconds = screen.getByLabelText<HTMLInputElement>(text('stride.seconds'))
  expect(Number(seconds.value)).toBeGreaterThanOrEqual(8.3)
  const count = screen.getByLabelText<HTMLInputElement>(text('stride.count'))
  expect(count.value).toBe('11')
  await user.clear(seconds)
  await user.type(seconds, '8.4')
  await user.clear(count)
  await user.type(count, '11.5')
  await user.click(screen.getByRole('button', { name: text('stride.save') }))
  expect(sent('POST /api/v1/pairs/p/strides')).toMatchObject([
    { pace: 'TROT', way: 'DISTANCE', distanceM: 30, count: 11.5, seconds: 8.4, on: '2026-11-24' },
  ])
})

test('poles that suit the horse need one figure', async () => {
  const { user, sent } = open()
  await user.click(await screen.findByRole('button', { name: text('stride.ways.POLES') }))
  const save = screen.getByRole('button', { name: text('stride.save') })
  expect(save).toBeDisabled()
  const gaits = within(screen.getByRole('group', { name: text('stride.gait') }))
  await user.click(gaits.getByRole('button', { name: text('gait.CANTER') }))
  await user.type(screen.getByLabelText(text('stride.polesApart')), '2.6')
  await user.click(save)
  expect(sent('POST /api/v1/pairs/p/strides')).toMatchObject([
    { pace: 'CANTER', way: 'POLES', distanceM: 2.6, count: 1, seconds: null },
  ])
})

import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, expect, test, vi } from 'vitest'
import type { Plan } from '../api'
import { assignment, lesson, packet, show, step, text } from '../page.testing'
import TodayPage from './TodayPage'

afterEach(() => vi.restoreAllMocks())

const first = lesson({ horse: 'Marzipan', rider: 'Tobiah' })
const second = lesson({ horse: 'Tamarack', rider: 'Imre', plannedAt: '2026-11-24T18:00:00Z' })
const DAY = {
  'GET /api/v1/inbox': { waiting: [], more: 0, words: [] },
  'GET /api/v1/pairs/names': {
    pairs: [
      { id: first.pair, riderId: 'r', horseId: first.horseId, rider: 'Tobiah', horse: 'Marzipan' },
      { id: second.pair, riderId: 's', horseId: second.horseId, rider: 'Imre', horse: 'Tamarack' },
    ],
  },
}
const today = (...lessons: (typeof first)[]) => ({
  ...DAY,
  'GET /api/v1/today': {
    date: '2026-11-24',
    lessons: lessons.map((l) => ({
      lesson: l,
      isOnVideo: false,
      isLooked: false,
      isPlanned: false,
      inWork: [step()],
    })),
  },
})

test('lists the lessons of the day in order, each with its pair and what it is working on', async () => {
  show(<TodayPage />, { answers: today(first, second) })
  const lessons = await screen.findAllByRole('listitem')
  expect(lessons.map((l) => l.textContent)).toEqual([
    expect.stringContaining('Marzipan'),
    expect.stringContaining('Tamarack'),
  ])
  expect(lessons[0]).toHaveTextContent('Tobiah')
  expect(screen.getByText(text('today.count', { count: 2 }))).toBeVisible()
})

test('says which horse has done much of late, and why, once it has what its lesson needs', async () => {
  const notes: Plan['notes'] = [
    { code: 'WEEK_RISES', grave: false, values: { percent: '34' } },
    { code: 'LEG_OFF', grave: false, values: {} },
  ]
  show(<TodayPage />, {
    answers: {
      ...today(first, second),
      [`GET /api/v1/lessons/${first.id}/packet`]: packet(first, {}, { notes: [] }),
      [`GET /api/v1/lessons/${second.id}/packet`]: packet(second, {}, { notes }),
    },
  })
  const load = await screen.findByRole('region', { name: text('today.load') })
  expect(load).toHaveTextContent('Tamarack')
  expect(load).toHaveTextContent(text('planNote.WEEK_RISES', { percent: '34' }))
  expect(load).not.toHaveTextContent('Marzipan')
  expect(load, 'how the leg is used belongs to the plan').not.toHaveTextContent(text('planNote.LEG_OFF'))
})

test('says what stands before a count that holds a tally', async () => {
  const tallied = step()
  const left = { ...tallied.left, tallied: 4 }
  show(<TodayPage />, {
    answers: {
      ...DAY,
      'GET /api/v1/today': {
        date: '2026-11-24',
        lessons: [
          {
            lesson: first,
            isOnVideo: false,
            isLooked: false,
            isPlanned: false,
            inWork: [{ ...tallied, left }],
          },
        ],
      },
    },
  })
  expect(await screen.findByText(new RegExp(text('tally.about')))).toBeVisible()
})

test('an empty day says what a coach can do, and a rider what to wait for', async () => {
  show(<TodayPage />, { answers: today() })
  expect(await screen.findByText(text('today.emptyCoach'))).toBeVisible()
})

test('a rider is not asked to add a lesson', async () => {
  show(<TodayPage />, { answers: today(), me: { role: 'RIDER', actions: ['SEE_TODAY'] } })
  expect(await screen.findByText(text('today.emptyRider'))).toBeVisible()
  expect(screen.queryByRole('button', { name: text('today.put') })).toBeNull()
})

test('a lesson is put into the day with the first pair, if no other is chosen', async () => {
  const { sent } = show(<TodayPage />, {
    answers: { ...today(first), 'POST /api/v1/lessons': { id: 'new' } },
  })
  const user = userEvent.setup()
  const minutes = await screen.findByLabelText(text('today.length'))
  await user.clear(minutes)
  await user.type(minutes, '30')
  await user.click(screen.getByRole('button', { name: text('today.put') }))
  await vi.waitFor(() => expect(sent('POST /api/v1/lessons')).toHaveLength(1))
  expect(sent('POST /api/v1/lessons')[0]).toMatchObject({
    pair: first.pair,
    minutes: 30,
    plannedAt: '2026-11-24T18:00:00.000Z',
  })
})

test('another pair is chosen by its horse and its rider', async () => {
  const { sent } = show(<TodayPage />, {
    answers: { ...today(first), 'POST /api/v1/lessons': { id: 'new' } },
  })
  const user = userEvent.setup()
  await user.selectOptions(await screen.findByLabelText(text('today.pair')), second.pair)
  await user.click(screen.getByRole('button', { name: text('today.put') }))
  await vi.waitFor(() =>
    expect(sent('POST /api/v1/lessons')[0]).toMatchObject({ pair: second.pair, minutes: 45 }),
  )
})

test('a report that arrives while the day is read waits until it is asked for', async () => {
  const { change } = show(<TodayPage />, { answers: today(first) })
  await screen.findByText(text('today.count', { count: 1 }))
  await change('GET /api/v1/inbox', {
    waiting: [assignment({ lookIn: 'STOP_SIGN', horse: 'Tamarack' })],
    more: 0,
    words: [],
  })
  const later = await screen.findByRole('button', { name: text('inbox.later', { count: 1 }) })
  expect(screen.queryByRole('article')).toBeNull()
  await userEvent.setup().click(later)
  expect(screen.getByRole('article')).toHaveTextContent('Tamarack')
  expect(screen.queryByRole('button', { name: text('inbox.later', { count: 1 }) })).toBeNull()
})

test('without a network it shows what this device has', async () => {
  show(<TodayPage />)
  expect(await screen.findByRole('heading', { level: 1 })).toHaveTextContent(text('without.title'))
})

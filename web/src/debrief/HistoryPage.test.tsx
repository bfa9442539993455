import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, expect, test, vi } from 'vitest'
import type { Compared, History } from '../api'
import { show, text } from '../page.testing'
import HistoryPage from './HistoryPage'

afterEach(() => vi.restoreAllMocks())

const PAIR = '01911111-0000-7000-8000-00000000000a'
const PATH = `/api/v1/pairs/${PAIR}`
const side = (yes: number, asks: number) => ({
  yes,
  asks,
  tallied: 0,
  yesTogether: yes,
  asksTogether: asks,
  low: 0.2,
  high: 0.9,
})

const history: History = {
  pair: PAIR,
  rider: 'Imre Castellan',
  horse: 'Tamarack',
  rungs: [
    {
      rung: 'strike-off.canter.circle',
      name: 'Strike-off',
      gait: 'CANTER',
      place: 'CIRCLE',
      state: 'IN_WORK',
    },
  ],
  shown: {
    of: {
      rung: 'strike-off.canter.circle',
      name: 'Strike-off',
      gait: 'CANTER',
      place: 'CIRCLE',
      state: 'IN_WORK',
    },
    works: 'INSIDE',
    points: [
      {
        lesson: 'a',
        at: '2026-10-01T10:00:00Z',
        lessons: 1,
        left: side(4, 8),
        right: side(1, 8),
        strengthTogether: 2,
      },
      {
        lesson: 'b',
        at: '2026-11-01T10:00:00Z',
        lessons: 1,
        left: side(7, 8),
        right: side(5, 8),
        strengthTogether: 2,
      },
    ],
    decisions: [{ at: '2026-10-02T10:00:00Z', chosen: 'STAY', advised: 'STAY' }],
    homework: [{ at: '2026-10-05T10:00:00Z', feel: 'EASY' }],
    days: 3,
    since: '2026-10-01',
    changes: [],
    forecast: {
      side: 'RIGHT',
      mayHoldNow: false,
      ranges: [
        { daysAWeek: 5, early: '2026-12-08', likely: '2026-12-10', late: '2026-12-20' },
        { daysAWeek: 1, early: null, likely: null, late: null },
      ],
      practices: 3,
      needed: 6,
      isOwn: false,
    },
  },
  soft: [
    { at: '2026-10-01T10:00:00Z', seconds: 200 },
    { at: '2026-11-01T10:00:00Z', seconds: null },
  ],
  feel: { lessons: 8, agreed: 5, kappa: 0.41, low: -0.05, high: 0.87 },
  feelLessons: 8,
  feelNeeded: 6,
  programmes: [
    { name: 'Two weeks on the ground', firstAt: '2026-11-12T10:00:00Z', practices: 7, minutes: 96 },
  ],
}

const item = (id: string, startedAt: string) => ({
  id,
  startedAt,
  endedAt: startedAt,
  exchanges: 16,
  leftMs: 600_000,
  rightMs: 600_000,
})

const compared: Compared = {
  earlier: { lesson: 'a', at: '2026-10-01T10:00:00Z', leftMs: 1, rightMs: 1, softAfterS: null },
  later: { lesson: 'b', at: '2026-11-01T10:00:00Z', leftMs: 1, rightMs: 1, softAfterS: 200 },
  rungs: [
    {
      rung: 'strike-off.canter.circle',
      name: 'Strike-off',
      gait: 'CANTER',
      place: 'CIRCLE',
      works: 'INSIDE',
      side: 'RIGHT',
      earlier: { yes: 1, asks: 8, low: 0.02, high: 0.47 },
      later: { yes: 7, asks: 8, low: 0.53, high: 0.98 },
      gain: { estimate: 0.75, low: 0.3, high: 0.9 },
      change: 'BETTER',
    },
  ],
}

const open = (more: Partial<History> = {}) =>
  show(<HistoryPage />, {
    path: '/pairs/:id/history',
    at: `/pairs/${PAIR}/history`,
    answers: {
      [`GET ${PATH}/history`]: { ...history, ...more },
      [`GET ${PATH}/lessons`]: {
        lessons: [item('b', '2026-11-01T10:00:00Z'), item('a', '2026-10-01T10:00:00Z')],
        next: null,
      },
      [`GET ${PATH}/compared`]: compared,
    },
  })

test('a forecast is a range with its days a week, and says that it is rough', async () => {
  open()
  const forecast = within(await screen.findByRole('region', { name: text('forecast.title') }))
  expect(forecast.getByText(/side that takes longer/)).toBeVisible()
  const [five, one] = forecast.getAllByRole('listitem') as [HTMLElement, HTMLElement]
  expect(five).toHaveTextContent(text('forecast.days', { count: 5 }))
  expect(five).toHaveTextContent(/8 December.* to .*20 December/)
  expect(one).toHaveTextContent(text('forecast.never'))
  expect(forecast.getByText(/3 practices so far, from 6/)).toHaveTextContent(text('forecast.rough'))
})

test('what months say beside it: soft, felt, programmes, each with its number of lessons', async () => {
  open()
  expect(await screen.findByText(/Marks are lessons/)).toHaveTextContent(text('history.legendHomework'))
  expect(screen.getByText('3:20')).toBeVisible()
  expect(screen.getByText(text('history.notSoft'))).toBeVisible()
  expect(screen.getByText(text('history.feelAgrees', { agreed: 5, count: 8 }))).toBeVisible()
  expect(screen.getByText(/Beyond chance: 0\.41/)).toHaveTextContent('-0.05 to 0.87')
  expect(screen.getByText(/96 min in 7 practices/)).toBeVisible()
})

test('too few lessons with a better side said is said as such', async () => {
  open({ feel: null, feelLessons: 2 })
  expect(await screen.findByText(text('history.feelTooFew', { count: 2, needed: 6 }))).toBeVisible()
})

test('two lessons lie beside each other, and the same one twice is not asked for', async () => {
  const { asked } = open()
  expect(await screen.findByText(/75 points \(30 to 90\): better/)).toBeVisible()
  expect(asked.some((a) => a.request.includes('one=b&other=a'))).toBe(true)
  await userEvent.selectOptions(screen.getByLabelText(text('compare.one')), 'b')
  expect(screen.getByText(text('compare.same'))).toBeVisible()
  expect(asked.some((a) => a.request.includes('one=b&other=b'))).toBe(false)
})

test('what may hold already is said instead of dates', async () => {
  const shown = history.shown
  if (!shown?.forecast) throw new Error('There is a forecast.')
  open({ shown: { ...shown, forecast: { ...shown.forecast, mayHoldNow: true } } })
  expect(await screen.findByText(text('forecast.now'))).toBeVisible()
  expect(screen.queryByText(/8 December/)).toBeNull()
})

test('how the footfalls moved is said in words first, gait by gait', async () => {
  const lag = (share: number) => ({
    share,
    low: share - 0.03,
    high: share + 0.03,
    strides: 8,
    order: 'FOUR_BEAT' as const,
  })
  show(<HistoryPage />, {
    path: '/pairs/:id/history',
    at: `/pairs/${PAIR}/history`,
    answers: {
      [`GET ${PATH}/history`]: history,
      [`GET ${PATH}/footfalls`]: {
        gaits: [
          {
            gait: 'WALK',
            points: [
              { lesson: 'a', at: '2026-10-05T10:00:00Z', strideS: 1.1, left: lag(0.06), right: lag(0.24) },
              { lesson: 'b', at: '2026-11-23T10:00:00Z', strideS: 1.1, left: lag(0.22), right: null },
            ],
            left: { first: lag(0.06), last: lag(0.22), way: 'TOWARDS_EVEN' },
            right: null,
          },
        ],
      },
    },
  })
  const words = (await screen.findByText(text('lags.title'))).closest('section')
  expect(words).toHaveTextContent(`6 % → 22 %: ${text('lags.TOWARDS_EVEN')}`)
  expect(words).toHaveTextContent(`24 %: ${text('lags.once')}`)
  expect(screen.getByRole('img', { name: text('lags.drawing', { gait: 'walk' }) })).toBeVisible()
})

import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import type { WorkOfHorse } from '../api'
import { show, text } from '../page.testing'
import { WorkCard } from './WorkCard'

const week = (from: string, load: number) => ({ from, load, minutes: load / 4 })

const WORK: WorkOfHorse = {
  horse: 'Fennel',
  today: '2026-11-24',
  weeks: [week('2026-11-10', 120), week('2026-11-17', 300)],
  alike: 1.3,
  strain: 390,
  notes: [{ code: 'WEEK_RISES', values: { percent: '150' } }],
  outings: [
    {
      id: 'past',
      what: 'The beach',
      travelOn: '2026-10-01',
      countsOn: '2026-10-01',
      isYoung: true,
      isPutAway: false,
      days: [{ date: '2026-10-02', kind: 'REST_OR_HACK', minutes: 0 }],
      warnings: [],
    },
    {
      id: 'next',
      what: 'The hill farm',
      travelOn: '2026-11-25',
      countsOn: '2026-11-25',
      isYoung: true,
      isPutAway: false,
      days: [
        { date: '2026-11-24', kind: 'EASY', minutes: 22 },
        { date: '2026-11-25', kind: 'COUNTS', minutes: 45 },
        { date: '2026-11-26', kind: 'REST_OR_HACK', minutes: 0 },
      ],
      warnings: [{ warning: 'NOT_EASY_BEFORE_TRAVEL', day: '2026-11-24' }],
    },
  ],
}

const open = (work: WorkOfHorse = WORK) =>
  show(<WorkCard pair="p" names={{}} />, {
    answers: {
      'GET /api/v1/pairs/p/work': work,
      'POST /api/v1/pairs/p/outings': { ...work, outings: [] },
      'PUT /api/v1/pairs/p/outings/next/away': {
        ...work,
        outings: work.outings.map((o) => ({ ...o, isPutAway: o.id === 'next' })),
      },
    },
  })

test('the weeks, what is said of them, and the days round an outing', async () => {
  open()
  expect(
    await screen.findByText(text('work.week', { day: '17 Nov 2026', load: 300, minutes: 75 })),
  ).toBeInTheDocument()
  expect(screen.getByText(text('planNote.WEEK_RISES', { percent: 150 }))).toBeInTheDocument()
  expect(screen.getByText(text('work.alike', { alike: '1.3', strain: 390 }))).toBeInTheDocument()
  const easy = screen.getByText(text('work.day.EASY')).closest('li')
  expect(easy).toHaveTextContent(text('work.minutes', { minutes: 22 }))
  expect(
    screen.getByText(`! ${text('work.warning.NOT_EASY_BEFORE_TRAVEL', { day: 'Tuesday 24 November' })}`),
  ).toBeInTheDocument()
  expect(screen.queryByText('The beach')?.closest('details'), 'what is over is folded').not.toBeNull()
})

test('an outing that is taken off can be put back', async () => {
  const user = userEvent.setup()
  const { sent } = open()
  await user.click(await screen.findByRole('button', { name: new RegExp(`^${text('work.takeOff')}`) }))
  expect(sent('PUT /api/v1/pairs/p/outings/next/away')).toEqual([{ isPutAway: true }])
  await user.click(screen.getByText(text('work.outingsBefore')))
  expect(await screen.findByRole('button', { name: new RegExp(`^${text('work.putBack')}`) })).toBeVisible()
})

test('the journey is on the day itself unless somebody says so', async () => {
  const user = userEvent.setup()
  const { sent } = open()
  await user.click(await screen.findByText(text('work.addOuting')))
  const form = within(await screen.findByRole('form', { name: text('work.addOuting') }))
  expect(form.getByRole('button'), 'nothing is said yet').toBeDisabled()
  await user.type(form.getByLabelText(text('work.what')), ' The river fields ')
  await user.type(form.getByLabelText(text('work.countsOn')), '2026-12-05')
  await user.click(form.getByRole('checkbox'))
  await user.click(form.getByRole('button'))
  expect(sent('POST /api/v1/pairs/p/outings')).toEqual([
    {
      id: expect.any(String) as string,
      what: 'The river fields',
      countsOn: '2026-12-05',
      travelOn: '2026-12-05',
      isFirst: true,
    },
  ])
})

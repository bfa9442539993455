import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, expect, test, vi } from 'vitest'
import type { Draft, Homework } from '../api'
import { assignment, HOMEWORK_STEP, lesson, show, text } from '../page.testing'
import HomeworkPage from './HomeworkPage'
import { Inbox } from './Inbox'

afterEach(() => vi.restoreAllMocks())

const ridden = lesson({ startedAt: '2026-11-24T17:00:00Z', endedAt: '2026-11-24T17:45:00Z' })
const PATH = `/api/v1/lessons/${ridden.id}/homework`
const DRAFT: Draft = {
  rung: HOMEWORK_STEP.rung,
  decision: 'STAY',
  steps: [HOMEWORK_STEP],
  first: 0,
  daysAWeek: 4,
  easyNeeded: 2,
  minDays: 5,
  goodShare: null,
  insteadOf: null,
  isBrandNew: false,
}
const homework = (more: Partial<Homework> = {}): Homework => ({
  lesson: ridden,
  isOnVideo: false,
  drafts: [DRAFT],
  notAlone: [],
  running: [],
  mostRunning: 3,
  own: [],
  programmes: [],
  ...more,
})
const open = (answers: Record<string, unknown>) =>
  show(<HomeworkPage />, { path: '/lessons/:id/homework', at: `/lessons/${ridden.id}/homework`, answers })

test('what follows from the lesson is set in one touch', async () => {
  const { sent } = open({
    [`GET ${PATH}`]: homework(),
    [`POST ${PATH}`]: homework({ running: [assignment()] }),
  })
  await userEvent.click(await screen.findByRole('button', { name: text('homework.set') }))
  await vi.waitFor(() => expect(sent(`POST ${PATH}`)).toHaveLength(1))
  expect(sent(`POST ${PATH}`)[0]).toMatchObject({ rung: HOMEWORK_STEP.rung, daysAWeek: 4 })
})

test('what is never practised alone is not offered, and said', async () => {
  open({ [`GET ${PATH}`]: homework({ drafts: [], notAlone: ['Single cross-pole'] }) })
  expect(await screen.findByText(/Single cross-pole/)).toBeVisible()
  expect(screen.queryByRole('button', { name: text('homework.set') })).toBeNull()
})

test('a question is answered with a verdict and a sentence', async () => {
  const { sent } = show(<Inbox />, {
    me: { actions: ['SEE_HOMEWORK', 'LOOK_IN'] },
    answers: {
      'GET /api/v1/inbox': { waiting: [assignment()], more: 0, words: [] },
      'POST /api/v1/assignments/a/look-ins': assignment({ lookIn: 'NOT_YET_DUE' }),
    },
  })
  const user = userEvent.setup()
  await user.type(await screen.findByLabelText(text('inbox.sentence')), ' half as much ')
  expect(screen.queryByRole('button', { name: text('verdict.BACK') })).toBeNull()
  await user.click(screen.getByRole('button', { name: text('verdict.NEXT') }))
  await vi.waitFor(() =>
    expect(sent('POST /api/v1/assignments/a/look-ins')).toEqual([
      expect.objectContaining({ verdict: 'NEXT', sentence: 'half as much' }),
    ]),
  )
})

test('an inbox in which nothing waits is not there', async () => {
  const { asked } = show(<Inbox />, { answers: { 'GET /api/v1/inbox': { waiting: [], more: 0, words: [] } } })
  await vi.waitFor(() => expect(asked.map((a) => a.request)).toContain('GET /api/v1/inbox'))
  expect(screen.queryByRole('heading')).toBeNull()
})

test('a task is not set before it is saved, and what was written stays', async () => {
  const { asked, sent } = open({
    [`GET ${PATH}`]: homework(),
    [`POST ${PATH}`]: homework({ running: [assignment()] }),
  })
  const user = userEvent.setup()
  await user.click(await screen.findByRole('button', { name: text('homework.write') }))
  await user.type(screen.getByLabelText(text('own.name')), 'Stretch your hips')
  await user.type(screen.getByLabelText(text('own.feel')), 'Nothing pulls.')
  await user.click(screen.getByLabelText(text('homework.keepTask')))
  await user.click(screen.getByRole('button', { name: text('homework.setTask') }))
  const [put] = asked.filter((a) => a.request.startsWith('PUT'))
  expect(put?.body).toMatchObject({ version: 0, isPutAway: true, exercise: { name: 'Stretch your hips' } })
  expect(await screen.findByRole('alert')).toBeInTheDocument()
  expect(sent(`POST ${PATH}`)).toEqual([])
  expect(screen.getByLabelText(text('own.name'))).toHaveValue('Stretch your hips')
})

import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
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

const commented: Page = {
  ...page,
  clips: [
    {
      id: 'clip',
      name: 'mine.mp4',
      durationMs: 31_000,
      files: [],
      comments: [
        {
          id: 'c1',
          atMs: 4300,
          untilMs: null,
          text: 'Heel down.',
          cannotTell: false,
          film: [],
          drawing: null,
          still: null,
          spoken: null,
        },
      ],
    },
  ],
}

const WORDS = `/api/v1/lessons/${ridden.id}/words`
const answer = { id: 'w1', comment: 'c1', by: 'Ottilie', isOwn: false, text: 'The left one.', at: page.at }

test('who reads the page has read it, and can answer a comment', async () => {
  const said = { isShown: true, readings: [], words: [answer] }
  const { sent } = show(<RiderPage />, {
    path: '/lessons/:id/for-rider',
    at: `/lessons/${ridden.id}/for-rider`,
    me: { role: 'RIDER', actions: ['PRACTISE', 'SEE_PAIRS', 'SAY_WORD'] },
    answers: {
      [`GET ${PATH}`]: commented,
      [`GET ${WORDS}`]: said,
      [`POST ${WORDS}/read`]: {},
      [`POST ${WORDS}`]: (word: { id: string; text: string }) => ({
        ...said,
        words: [answer, { ...answer, ...word, isOwn: true }],
      }),
    },
  })
  const user = userEvent.setup()
  expect(await screen.findByText('The left one.')).toBeVisible()
  await vi.waitFor(() => expect(sent(`POST ${WORDS}/read`)).toHaveLength(1))
  await user.click(screen.getByRole('button', { name: text('words.answerAt', { at: '0:04.3' }) }))
  const field = screen.getByLabelText(text('words.field', { at: '0:04.3' }))
  expect(screen.getByRole('button', { name: text('words.send') })).toBeDisabled()
  await user.type(field, 'Both, I think.')
  await user.click(screen.getByRole('button', { name: text('words.send') }))
  expect(await screen.findByText('Both, I think.')).toBeVisible()
  expect(sent(`POST ${WORDS}`)).toEqual([expect.objectContaining({ comment: 'c1', text: 'Both, I think.' })])
})

test('an answer that cannot be sent stays in its field', async () => {
  show(<RiderPage />, {
    path: '/lessons/:id/for-rider',
    at: `/lessons/${ridden.id}/for-rider`,
    me: { role: 'RIDER', actions: ['PRACTISE', 'SEE_PAIRS', 'SAY_WORD'] },
    answers: {
      [`GET ${PATH}`]: commented,
      [`GET ${WORDS}`]: { isShown: true, readings: [], words: [{ ...answer, comment: 'gone' }] },
      [`POST ${WORDS}/read`]: {},
      [`POST ${WORDS}`]: new Refusal(409, 'many_words'),
    },
  })
  const user = userEvent.setup()
  await user.click(await screen.findByRole('button', { name: text('words.answerAt', { at: '0:04.3' }) }))
  const field = screen.getByLabelText(text('words.field', { at: '0:04.3' }))
  await user.type(field, 'Once more.')
  await user.click(screen.getByRole('button', { name: text('words.send') }))
  expect(await screen.findByText(text('problem.many_words'))).toBeVisible()
  expect(field).toHaveValue('Once more.')
  expect(screen.getByText(text('words.left'))).toBeVisible()
})

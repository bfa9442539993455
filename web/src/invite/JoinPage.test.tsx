import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { Refusal, show, text } from '../page.testing'
import JoinPage from './JoinPage'

beforeEach(() => {
  window.location.hash = 'abc'
})
afterEach(() => {
  vi.restoreAllMocks()
  window.location.hash = ''
})

const INVITED = { 'POST /api/v1/invited': { name: 'Tobiah', yard: 'Saltmarsh' } }

test('greets by name, and says of what yard', async () => {
  show(<JoinPage />, { answers: INVITED })
  expect(await screen.findByRole('heading', { level: 1 })).toHaveTextContent(
    text('join.title', { name: 'Tobiah' }),
  )
  expect(screen.getByText(text('join.lead', { yard: 'Saltmarsh' }))).toBeVisible()
})

test('an invitation that is used up says so, and asks for nothing', async () => {
  show(<JoinPage />, { answers: { 'POST /api/v1/invited': new Refusal(404, 'invitation_gone') } })
  expect(await screen.findByRole('alert')).toHaveTextContent(text('problem.invitation_gone'))
  expect(screen.queryByRole('button', { name: text('join.go') })).toBeNull()
})

test('a name that is taken is marked where it stands, and what was typed stays', async () => {
  const { sent } = show(<JoinPage />, {
    answers: {
      ...INVITED,
      'POST /api/v1/join': new Refusal(422, 'refused', [{ code: 'taken', path: 'signInName', expected: '' }]),
    },
  })
  const user = userEvent.setup()
  const name = await screen.findByLabelText(text('setUp.signInName'))
  await user.type(name, 'ottilie')
  await user.type(screen.getByLabelText(text('setUp.password')), 'saltmarsh-ford')
  await user.click(screen.getByRole('button', { name: text('join.go') }))
  expect(await screen.findByText(text('join.taken'))).toBeVisible()
  expect(name).toBeInvalid()
  expect(name).toHaveValue('ottilie')
  expect(sent('POST /api/v1/join')).toEqual([
    { token: 'abc', signInName: 'ottilie', password: 'saltmarsh-ford' },
  ])
})

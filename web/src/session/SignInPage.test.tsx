import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { Refusal, show, text } from '../page.testing'
import { leave, whoLeft } from './leaving'
import SignInPage from './SignInPage'

beforeEach(() => localStorage.clear())
afterEach(() => vi.restoreAllMocks())

const SESSION = { me: null, setUpNeeded: false }

test('asks for what is missing before it asks the server', async () => {
  const { sent } = show(<SignInPage />)
  await userEvent.click(screen.getByRole('button', { name: text('signIn.go') }))
  expect(await screen.findAllByText(text('signIn.missing'))).toHaveLength(2)
  expect(screen.getByLabelText(text('signIn.name'))).toBeInvalid()
  expect(sent('POST /api/v1/session')).toEqual([])
})

test('sends the name without blanks round it, and the password as it was typed', async () => {
  const { sent } = show(<SignInPage />, { answers: { 'POST /api/v1/session': SESSION } })
  const user = userEvent.setup()
  await user.type(screen.getByLabelText(text('signIn.name')), ' ottilie ')
  await user.type(screen.getByLabelText(text('signIn.password')), ' salt ')
  await user.click(screen.getByRole('button', { name: text('signIn.go') }))
  await vi.waitFor(() =>
    expect(sent('POST /api/v1/session')).toEqual([{ name: 'ottilie', password: ' salt ' }]),
  )
})

test('a refusal is said where it is read first', async () => {
  show(<SignInPage />, { answers: { 'POST /api/v1/session': new Refusal(401, 'wrong_sign_in') } })
  const user = userEvent.setup()
  await user.type(screen.getByLabelText(text('signIn.name')), 'ottilie')
  await user.type(screen.getByLabelText(text('signIn.password')), 'wrong')
  await user.click(screen.getByRole('button', { name: text('signIn.go') }))
  expect(await screen.findByRole('alert')).toHaveTextContent(text('problem.wrong_sign_in'))
})

test('says how much of whoever left is not sent, and no name', () => {
  leave({ unsent: 12 })
  show(<SignInPage />)
  expect(screen.getByRole('status')).toHaveTextContent(text('signIn.unsent', { count: 12 }))
  expect(localStorage.length).toBe(1)
})

test('nothing unsent is nothing to remember', () => {
  leave({ unsent: 12 })
  leave({ unsent: 0 })
  expect(whoLeft()).toBeUndefined()
})

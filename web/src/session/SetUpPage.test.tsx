import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, expect, test, vi } from 'vitest'
import { BLANK_PAIR } from '../api'
import { Refusal, show, text } from '../page.testing'
import SetUpPage from './SetUpPage'

afterEach(() => vi.restoreAllMocks())

const TYPED = {
  token: 'one two three',
  yardName: 'Saltmarsh Ford',
  coachName: 'Ottilie Brandvold',
  signInName: 'ottilie',
  password: 'a long password',
  rider: 'Imre Castellan',
  horse: 'Tamarack',
}

async function fill(answer: unknown, more: Record<string, string> = {}) {
  const shown = show(<SetUpPage />, { answers: { 'POST /api/v1/setup': answer } })
  const user = userEvent.setup()
  for (const [name, value] of Object.entries({ ...TYPED, ...more })) {
    await user.type(screen.getByLabelText(text(`setUp.${name}`)), value)
  }
  await user.click(screen.getByRole('button', { name: text('setUp.go') }))
  return shown
}

test('one page founds a yard; what was left empty goes out as nothing', async () => {
  const { sent } = await fill({ me: null, setUpNeeded: false }, { height: '148' })
  const { rider, horse, ...yard } = TYPED
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone
  const pair = { rider, horse, heightCm: 148, school: 'CLASSICAL', goal: null, description: null }
  await waitFor(() =>
    expect(sent('POST /api/v1/setup')).toEqual([
      { ...yard, timeZone: zone, pair: { ...BLANK_PAIR, ...pair } },
    ]),
  )
})

test('what the server cannot take is marked where it stands, and nothing typed is lost', async () => {
  await fill(
    new Refusal(400, 'invalid', [
      { code: 'weak', path: 'password', expected: '' },
      { code: 'a_code_without_words', path: 'pair.horse', expected: '' },
    ]),
  )
  expect(await screen.findByText(text('setUp.issue.weak'))).toBeVisible()
  expect(screen.getByLabelText(text('setUp.password'))).toBeInvalid()
  expect(screen.getByText(text('setUp.issue.invalid'))).toBeVisible()
  expect(screen.getByLabelText(text('setUp.horse'))).toBeInvalid()
  expect(screen.getByLabelText(text('setUp.rider'))).toHaveValue(TYPED.rider)
})

import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, expect, test, vi } from 'vitest'
import { show, text } from '../page.testing'
import { PeopleCard } from './PeopleCard'

afterEach(() => vi.restoreAllMocks())

const people = (...more: object[]) => ({
  people: [{ id: 'r', name: 'Tobiah', role: 'RIDER', canSignIn: false }, ...more],
})

test('a guardian is added by name, and the field is free for the next', async () => {
  const { sent } = show(<PeopleCard pair="p" />, {
    answers: {
      'GET /api/v1/pairs/p/people': people(),
      'POST /api/v1/pairs/p/guardians': people({
        id: 'g',
        name: 'Gudrun',
        role: 'GUARDIAN',
        canSignIn: false,
      }),
    },
  })
  const user = userEvent.setup()
  const field = await screen.findByLabelText(text('people.guardian'))
  await user.type(field, '  ')
  await user.click(screen.getByRole('button', { name: text('pairs.goAdd') }))
  await user.type(field, 'Gudrun ')
  await user.click(screen.getByRole('button', { name: text('pairs.goAdd') }))
  expect(await screen.findByText('Gudrun')).toBeVisible()
  expect(field).toHaveValue('')
  expect(sent('POST /api/v1/pairs/p/guardians')).toEqual([{ name: 'Gudrun' }])
})

test('an invitation is a link, and says until when it opens', async () => {
  show(<PeopleCard pair="p" />, {
    answers: {
      'GET /api/v1/pairs/p/people': people(),
      'POST /api/v1/pairs/p/invitations': { token: 'abc', expiresAt: '2026-12-04T12:00:00Z' },
    },
  })
  await userEvent.click(await screen.findByRole('button', { name: text('people.invite') }))
  expect(await screen.findByLabelText(text('people.linkLabel'))).toHaveValue(
    `${window.location.origin}/join#abc`,
  )
  expect(screen.getByText(text('people.link', { date: '4 Dec' }))).toBeVisible()
})

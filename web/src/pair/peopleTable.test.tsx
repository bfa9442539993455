import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import type { PeopleView } from '../api'
import { show, text } from '../page.testing'
import { PeopleTable } from './PeopleTable'

const VIEW: PeopleView = {
  missing: [],
  lines: [
    {
      line: {
        line: 2,
        rider: 'Maren Falk',
        horse: 'Skerry',
        school: null,
        heightCm: 128,
        born: 2014,
        goal: null,
      },
      effect: 'ADDS',
      isNewRider: true,
      isNewHorse: true,
    },
    {
      line: {
        line: 3,
        rider: 'Maren Falk',
        horse: 'Vesper',
        school: 'GAITED',
        heightCm: null,
        born: null,
        goal: null,
      },
      effect: 'ADDS',
      isNewRider: false,
      isNewHorse: false,
    },
    {
      line: {
        line: 4,
        rider: 'Noor Haldane',
        horse: 'Vesper',
        school: null,
        heightCm: null,
        born: null,
        goal: null,
      },
      effect: 'IS_THERE',
      isNewRider: false,
      isNewHorse: false,
    },
  ],
  issues: [{ line: 5, column: 'HORSE', value: '', code: 'MISSING' }],
  added: 2,
}

async function chosen(view: PeopleView) {
  const page = show(<PeopleTable />, { answers: { 'POST /api/v1/people': view } })
  const user = userEvent.setup()
  await user.upload(
    screen.getByLabelText(text('roster.choose')),
    new File(['rider,horse\n'], 'people.csv', { type: 'text/csv' }),
  )
  await screen.findByText(text('roster.found'))
  return { ...page, user }
}

test('a table is looked at first: what is new, what is here, what cannot be read', async () => {
  const { sent, user } = await chosen(VIEW)
  expect(screen.getByText(new RegExp(text('roster.bothKnown')))).toBeInTheDocument()
  expect(screen.getByText(new RegExp(text('roster.effect.IS_THERE')))).toBeInTheDocument()
  expect(screen.getByText(new RegExp(`Line 5, ${text('roster.column.HORSE')}`))).toBeInTheDocument()
  await user.selectOptions(screen.getByLabelText(text('setUp.school')), 'FORWARD_SEAT')
  await user.click(await screen.findByRole('button', { name: text('roster.take', { count: 2 }) }))
  await waitFor(() =>
    expect(sent('POST /api/v1/people').at(-1)).toEqual({
      text: 'rider,horse\n',
      school: 'FORWARD_SEAT',
      isTrial: false,
      leaveOut: true,
    }),
  )
  expect(await screen.findByRole('status')).toHaveTextContent(text('roster.added', { count: 2 }))
})

test('a table without its columns says so, and takes nothing', async () => {
  await chosen({ missing: ['RIDER'], lines: [], issues: [], added: 0 })
  expect(screen.getByRole('alert')).toHaveTextContent(text('roster.column.RIDER'))
  expect(screen.queryByRole('button', { name: /Add/ })).not.toBeInTheDocument()
})

import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import { show, text } from '../page.testing'
import NewcomersPage from './NewcomersPage'

test('two names are all it takes; blanks are no names', async () => {
  const { sent } = show(<NewcomersPage />, {
    answers: { 'POST /api/v1/pairs': { id: 'p' }, 'POST /api/v1/lessons': { id: 'l' } },
  })
  const user = userEvent.setup()
  const go = screen.getByRole('button', { name: text('newcomers.go') })
  expect(go).toBeDisabled()
  await user.type(screen.getByLabelText(text('newcomers.rider')), ' Maren Falk ')
  await user.type(screen.getByLabelText(text('newcomers.horse')), '  ')
  expect(go).toBeDisabled()
  await user.type(screen.getByLabelText(text('newcomers.horse')), 'Skerry')
  await user.selectOptions(screen.getByLabelText(text('setUp.school')), 'FORWARD_SEAT')
  await waitFor(() => expect(go).toBeEnabled())
  await user.click(go)
  await waitFor(() => expect(sent('POST /api/v1/pairs')).toHaveLength(1))
  expect(sent('POST /api/v1/pairs')[0]).toMatchObject({
    rider: 'Maren Falk',
    horse: 'Skerry',
    school: 'FORWARD_SEAT',
  })
})

test('without a network, on a device that never prepared for it, it says what to do', async () => {
  show(<NewcomersPage />)
  const user = userEvent.setup()
  await user.type(screen.getByLabelText(text('newcomers.rider')), 'Maren Falk')
  await user.type(screen.getByLabelText(text('newcomers.horse')), 'Skerry')
  await user.click(screen.getByRole('button', { name: text('newcomers.go') }))
  expect(await screen.findByRole('alert')).toHaveTextContent(text('newcomers.notReady'))
})

import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { v7 } from 'uuid'
import { afterEach, expect, test, vi } from 'vitest'
import { show, text } from '../page.testing'
import { append, shelfOf } from '../store'
import DevicePage from './DevicePage'

afterEach(() => {
  vi.restoreAllMocks()
  localStorage.clear()
})

test('says that all is sent, and that nothing lies here', async () => {
  show(<DevicePage />)
  expect(await screen.findByText(text('device.allSent'))).toHaveRole('status')
  expect(screen.getByText(text('device.none'))).toBeVisible()
  expect(screen.queryByRole('button', { name: text('device.saveUnsent') })).toBeNull()
})

test('counts what the server has not answered for, and saves it as a file', async () => {
  const person = v7()
  await append(shelfOf(person), v7(), person, { kind: 'lesson_started', payload: {} })
  show(<DevicePage />, { me: { person } })
  expect(await screen.findByRole('button', { name: text('device.saveUnsent') })).toBeVisible()
  expect(screen.getAllByRole('status')[0]).toHaveTextContent(text('device.unsent', { count: 1 }))
})

test('the hand that holds it is kept', async () => {
  show(<DevicePage />)
  const left = await screen.findByRole('button', { name: text('hand.left') })
  await userEvent.click(left)
  expect(left).toHaveAttribute('aria-pressed', 'true')
})

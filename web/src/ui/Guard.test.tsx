import { ChakraProvider } from '@chakra-ui/react'
import { render, screen } from '@testing-library/react'
import { userEvent } from '@testing-library/user-event'
import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { system } from '../theme'
import { Card } from './Card'
import { Guard } from './Guard'

let isBroken = true

function Row() {
  if (isBroken) throw new RangeError('Invalid time value')
  return <p>Sindri, 17:15</p>
}

// React says on the console what it caught: that is wanted here
beforeEach(() => void vi.spyOn(console, 'error').mockImplementation(() => undefined))
afterEach(() => void vi.restoreAllMocks())

function show(inside: React.ReactNode) {
  isBroken = true
  render(
    <ChakraProvider value={system}>
      <Guard>
        <p>Sindri is paused: sore spot</p>
      </Guard>
      {inside}
    </ChakraProvider>,
  )
}

test('what cannot be shown says so and leaves a stop sign beside it alone', async () => {
  show(
    <Guard>
      <Row />
    </Guard>,
  )
  expect(screen.getByText('Sindri is paused: sore spot')).toBeVisible()
  expect(screen.getByRole('alert')).toHaveTextContent('This part cannot be shown.')
  isBroken = false
  await userEvent.click(screen.getByRole('button', { name: 'Try again' }))
  expect(screen.getByText('Sindri, 17:15')).toBeVisible()
})

test('so does each card by itself', () => {
  show(
    <Card>
      <Row />
    </Card>,
  )
  expect(screen.getByText('Sindri is paused: sore spot')).toBeVisible()
  expect(screen.getByRole('alert')).toBeVisible()
})

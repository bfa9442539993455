import { text } from '../page.testing'
import { ChakraProvider } from '@chakra-ui/react'
import { act, fireEvent, render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test, vi } from 'vitest'
import { system } from '../theme'
import { Pad } from './Pad'
import { PendingTouches } from './pendingTouches'
import { LONG_MS } from './useLongTouch'

const PAD = 'circle-bend LEFT'

function show(counts?: number[][]) {
  const touched = new PendingTouches()
  const onTouch = vi.fn()
  const onMore = vi.fn()
  render(
    <ChakraProvider value={system}>
      <Pad side="LEFT" on={PAD} counts={counts} touched={touched} onTouch={onTouch} onMore={onMore} />
    </ChakraProvider>,
  )
  return { onTouch, onMore, touched }
}

test('has a named cell for each strength and answer', () => {
  show()
  expect(screen.getAllByRole('button')).toHaveLength(20)
  expect(screen.getByRole('button', { name: 'Brace at strength 3, 0 so far' })).toBeVisible()
})

test('gives one exchange a touch', async () => {
  const { onTouch } = show()
  await userEvent.click(screen.getByRole('button', { name: /Try at strength 4/ }))
  expect(onTouch.mock.calls).toEqual([[4, 'TRY']])
})

/** A pointer event with a time of its own, since real ones have the device's. */
function pointer(kind: 'pointerdown' | 'pointerup', cell: Element, atMs: number, x = 0) {
  const event = new MouseEvent(kind, { bubbles: true, clientX: x })
  Object.defineProperty(event, 'timeStamp', { value: atMs })
  fireEvent(cell, event)
}

test('a long touch asks for more, and is no exchange by itself', () => {
  const { onTouch, onMore } = show()
  const cell = screen.getByRole('button', { name: /Brace at strength 3/ })
  pointer('pointerdown', cell, 1000)
  pointer('pointerup', cell, 1000 + LONG_MS)
  fireEvent.click(cell)
  expect(onMore.mock.calls).toEqual([[3, 'BRACE']])
  expect(onTouch).not.toHaveBeenCalled()
})

test('a touch a moment shorter is an exchange', () => {
  const { onTouch, onMore } = show()
  const cell = screen.getByRole('button', { name: /Brace at strength 3/ })
  pointer('pointerdown', cell, 1000)
  pointer('pointerup', cell, 999 + LONG_MS)
  fireEvent.click(cell)
  expect(onTouch.mock.calls).toEqual([[3, 'BRACE']])
  expect(onMore).not.toHaveBeenCalled()
})

test('a finger that slides off says nothing', () => {
  const { onTouch, onMore } = show()
  const cell = screen.getByRole('button', { name: /Brace at strength 3/ })
  pointer('pointerdown', cell, 1000)
  pointer('pointerup', cell, 3000, 500)
  expect(onMore).not.toHaveBeenCalled()
  expect(onTouch).not.toHaveBeenCalled()
})

test('shows the counts of what is ridden', () => {
  const none = [0, 0, 0, 0, 0]
  show([none, [7, 0, 0, 0, 2], none, none])
  expect(screen.getByRole('button', { name: 'Yes at strength 2, 7 so far' })).toHaveTextContent('7')
  expect(
    screen.getByRole('button', {
      name: text('ride.cell', { response: text('response.WRONG'), strength: 2, count: 2 }),
    }),
  ).toHaveTextContent('2')
})

test('shows a touch that is not in the counts yet, and the strength that waits', () => {
  const none = [0, 0, 0, 0, 0]
  const { touched } = show([none, [7, 0, 0, 0, 0], none, none])
  act(() => {
    touched.add(PAD, 2, 'YES', new Promise(() => undefined))
    touched.arm(2)
  })
  expect(screen.getByRole('button', { name: 'Yes at strength 2, 7 so far' })).toHaveTextContent('8')
  expect(screen.getByText('2').parentElement).toHaveAttribute('data-armed')
})

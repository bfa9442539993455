import { ChakraProvider } from '@chakra-ui/react'
import { fireEvent, render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test, vi } from 'vitest'
import { system } from '../theme'
import { Pad } from './Pad'

function show(counts?: number[][]) {
  const onTouch = vi.fn()
  const onMore = vi.fn()
  render(
    <ChakraProvider value={system}>
      <Pad side="LEFT" counts={counts} armed={null} onTouch={onTouch} onMore={onMore} />
    </ChakraProvider>,
  )
  return { onTouch, onMore }
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

test('a long touch asks for more, and is no exchange by itself', () => {
  vi.useFakeTimers()
  try {
    const { onTouch, onMore } = show()
    const cell = screen.getByRole('button', { name: /Brace at strength 3/ })
    fireEvent.pointerDown(cell)
    vi.advanceTimersByTime(449)
    expect(onMore).not.toHaveBeenCalled()
    vi.advanceTimersByTime(1)
    fireEvent.pointerUp(cell)
    fireEvent.click(cell)
    expect(onMore.mock.calls).toEqual([[3, 'BRACE']])
    expect(onTouch).not.toHaveBeenCalled()
  } finally {
    vi.useRealTimers()
  }
})

test('a finger that slides off says nothing', () => {
  vi.useFakeTimers()
  try {
    const { onMore } = show()
    const cell = screen.getByRole('button', { name: /Brace at strength 3/ })
    fireEvent.pointerDown(cell)
    fireEvent.pointerLeave(cell)
    vi.advanceTimersByTime(1000)
    expect(onMore).not.toHaveBeenCalled()
  } finally {
    vi.useRealTimers()
  }
})

test('shows the counts of what is ridden', () => {
  const none = [0, 0, 0, 0, 0]
  show([none, [7, 0, 0, 0, 2], none, none])
  expect(screen.getByRole('button', { name: 'Yes at strength 2, 7 so far' })).toHaveTextContent('7')
  expect(screen.getByRole('button', { name: 'Wrong at strength 2, 2 so far' })).toHaveTextContent('2')
})

import { ChakraProvider } from '@chakra-ui/react'
import { fireEvent, render, screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { text } from '../page.testing'
import { system } from '../theme'
import { NoteKey } from './NoteKey'

/** Records nothing, and hands over three bytes when it is stopped. */
class Recorder {
  static isTypeSupported = (type: string) => type.startsWith('audio/webm')
  state = 'inactive'
  ondataavailable?: (e: { data: Blob }) => void
  onstop?: () => void
  start() {
    this.state = 'recording'
  }
  stop() {
    this.state = 'inactive'
    this.ondataavailable?.({
      data: { arrayBuffer: () => Promise.resolve(new ArrayBuffer(3)) } as unknown as Blob,
    })
    this.onstop?.()
  }
}

const getUserMedia = vi.fn()

beforeEach(() => {
  vi.stubGlobal('MediaRecorder', Recorder)
  vi.stubGlobal(
    'Blob',
    class {
      arrayBuffer = () => Promise.resolve(new ArrayBuffer(3))
    },
  )
  Object.defineProperty(navigator, 'mediaDevices', { value: { getUserMedia }, configurable: true })
  getUserMedia.mockReset().mockResolvedValue({ getTracks: () => [{ stop: vi.fn() }] })
  Element.prototype.setPointerCapture = () => undefined
})

afterEach(() => {
  vi.unstubAllGlobals()
  Reflect.deleteProperty(navigator, 'mediaDevices')
})

function show(maySpeak = true) {
  const onWrite = vi.fn()
  const onSpeak = vi.fn()
  render(
    <ChakraProvider value={system}>
      <NoteKey maySpeak={maySpeak} onWrite={onWrite} onSpeak={onSpeak} />
    </ChakraProvider>,
  )
  return { onWrite, onSpeak }
}

const key = () => screen.getByRole('button', { name: text('voice.key') })

test('held, it listens until it is let go', async () => {
  const { onWrite, onSpeak } = show()
  fireEvent.pointerDown(key())
  await screen.findByRole('timer')
  fireEvent.pointerUp(key())
  await waitFor(() => expect(onSpeak).toHaveBeenCalledOnce())
  expect(onSpeak.mock.calls[0]?.[0]).toMatchObject({ type: 'audio/webm;codecs=opus' })
  expect(onWrite).not.toHaveBeenCalled()
  expect(screen.queryByRole('timer')).toBeNull()
})

test('after a minute it is kept by itself, and letting go adds nothing', async () => {
  const { onWrite, onSpeak } = show()
  const now = vi.spyOn(performance, 'now').mockReturnValue(0)
  fireEvent.pointerDown(key())
  await screen.findByRole('timer')
  now.mockReturnValue(60_000)
  await waitFor(() => expect(onSpeak).toHaveBeenCalledOnce())
  fireEvent.pointerUp(key())
  now.mockRestore()
  expect(onWrite).not.toHaveBeenCalled()
  expect(onSpeak).toHaveBeenCalledOnce()
})

test('touched, it writes, and asks for no microphone', () => {
  const { onWrite } = show()
  fireEvent.pointerDown(key())
  fireEvent.pointerUp(key())
  expect(onWrite).toHaveBeenCalledOnce()
  expect(getUserMedia).not.toHaveBeenCalled()
})

test('a microphone that is refused makes it a pencil', async () => {
  getUserMedia.mockRejectedValue(new DOMException('no', 'NotAllowedError'))
  const { onWrite, onSpeak } = show()
  fireEvent.pointerDown(key())
  const pencil = await screen.findByRole('button', { name: text('ride.note') })
  expect(pencil).toHaveAttribute('title', text('voice.refused'))
  await userEvent.click(pencil)
  expect(onWrite).toHaveBeenCalledOnce()
  expect(onSpeak).not.toHaveBeenCalled()
})

test('where nobody agreed, or the browser cannot, it is a pencil from the start', () => {
  show(false)
  expect(screen.getByRole('button', { name: text('ride.note') })).toBeVisible()
  expect(screen.queryByRole('button', { name: text('voice.key') })).toBeNull()
  vi.stubGlobal('MediaRecorder', undefined)
  show()
  expect(screen.getAllByRole('button', { name: text('ride.note') })).toHaveLength(2)
})

import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { act, cleanup, render } from '@testing-library/react'
import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { Live } from './Live'

/** A stream that the test speaks for. */
class Stream extends EventTarget {
  static open: Stream[] = []
  static readonly CLOSED = 2
  readonly readyState = 1

  constructor() {
    super()
    Stream.open.push(this)
  }

  close() {
    Stream.open = Stream.open.filter((s) => s !== this)
  }

  tell(news: object) {
    act(() => {
      this.dispatchEvent(new MessageEvent('news', { data: JSON.stringify(news) }))
    })
  }
}

/** As the browser's: whoever asks holds the lock until what it does has ended. */
const locks = {
  request: (_name: string, { signal }: { signal: AbortSignal }, work: () => Promise<void>) =>
    signal.aborted ? Promise.reject(new Error('aborted')) : work(),
}

let visibility: DocumentVisibilityState
let asked: ReturnType<typeof vi.fn<() => Promise<unknown>>>
let queries: QueryClient

function see(next: DocumentVisibilityState) {
  visibility = next
  act(() => {
    document.dispatchEvent(new Event('visibilitychange'))
  })
}

beforeEach(async () => {
  visibility = 'visible'
  vi.stubGlobal('EventSource', Stream)
  vi.spyOn(document, 'visibilityState', 'get').mockImplementation(() => visibility)
  Object.defineProperty(navigator, 'locks', { value: locks, configurable: true })
  asked = vi.fn(() => Promise.resolve({ lessons: [] }))
  queries = new QueryClient()
  await queries.query({ queryKey: ['debrief', 'lesson-1'], queryFn: asked })
})

afterEach(() => {
  cleanup()
  Reflect.deleteProperty(navigator, 'locks')
  vi.unstubAllGlobals()
  vi.restoreAllMocks()
  expect(Stream.open).toEqual([])
})

function isToBeReadAgain(): boolean {
  return queries.getQueryState(['debrief', 'lesson-1'])?.isInvalidated === true
}

function show() {
  render(
    <QueryClientProvider client={queries}>
      <Live />
    </QueryClientProvider>,
  )
  queries.setQueryData(['debrief', 'lesson-1'], { lessons: [] })
}

test('a page that is looked at hears of its lesson, and of no other', () => {
  show()
  expect(Stream.open).toHaveLength(1)
  Stream.open[0]?.tell({ lesson: 'lesson-2', pair: 'pair-2', horse: null })
  expect(isToBeReadAgain()).toBe(false)
  Stream.open[0]?.tell({ lesson: 'lesson-1', pair: 'pair-1', horse: null })
  expect(isToBeReadAgain()).toBe(true)
})

test('a hidden page hears nothing and reads nothing; looked at again, it reads what it missed', () => {
  show()
  see('hidden')
  expect(Stream.open).toEqual([])
  expect(isToBeReadAgain()).toBe(false)
  expect(asked).toHaveBeenCalledTimes(1)
  see('visible')
  expect(Stream.open).toHaveLength(1)
  expect(isToBeReadAgain()).toBe(true)
})

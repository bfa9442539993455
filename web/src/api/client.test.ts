import { afterEach, expect, test, vi } from 'vitest'
import { answerOf, api, endSession, Unreachable } from '.'

afterEach(() => vi.unstubAllGlobals())

/** A server that answers only the end of the session, and that only when told to. */
function slowServer() {
  let answer = () => {}
  const asked: string[] = []
  vi.stubGlobal('fetch', (request: Request, { signal }: RequestInit) => {
    asked.push(`${request.method} ${new URL(request.url).pathname}`)
    return new Promise<Response>((resolve, reject) => {
      const drop = () => reject(new DOMException('dropped', 'AbortError'))
      if (signal?.aborted) drop()
      signal?.addEventListener('abort', drop)
      if (request.method === 'DELETE') answer = () => resolve(new Response(null, { status: 204 }))
    })
  })
  return { asked, answer: () => answer() }
}

test('whoever signs out waits for no answer any more', async () => {
  const { answer } = slowServer()
  const before = answerOf(api.GET('/api/v1/today'))
  const end = answerOf(endSession())
  await expect(before).rejects.toBeInstanceOf(Unreachable)
  await expect(answerOf(api.GET('/api/v1/today'))).rejects.toBeInstanceOf(Unreachable)
  answer()
  await end
})

test('whoever comes next is answered', async () => {
  const { asked, answer } = slowServer()
  const end = answerOf(endSession())
  answer()
  await end
  vi.stubGlobal('fetch', () => Promise.resolve(Response.json({ lessons: [] })))
  expect(await answerOf(api.GET('/api/v1/today'))).toEqual({ lessons: [] })
  expect(asked).toEqual(['DELETE /api/v1/session'])
})

import { act, renderHook, waitFor } from '@testing-library/react'
import { v7 } from 'uuid'
import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { MeProvider } from '../session'
import type { Response } from '../record'
import { shelfOf } from '../store'
import type { NewEntry } from '../store'
import { useRecorder } from './useRecorder'
import { useSending } from './useSending'

const lesson = v7()
let person: string

beforeEach(() => {
  person = v7()
  vi.spyOn(globalThis, 'fetch').mockRejectedValue(new TypeError('network'))
})
afterEach(() => vi.restoreAllMocks())

function wrapper({ children }: { children: React.ReactNode }) {
  const me = { person, name: 'Ottilie', role: 'COACH', yard: 'Y', timeZone: 'UTC' } as const
  return <MeProvider value={{ ...me, actions: [] }}>{children}</MeProvider>
}

async function ride() {
  const { result } = renderHook(() => useRecorder(lesson), { wrapper })
  await waitFor(() => expect(result.current).toBeDefined())
  const recorder = () => {
    if (!result.current) throw new Error('The store has not answered.')
    return result.current
  }
  const segment = await act(() =>
    recorder().say({
      kind: 'segment',
      payload: { exercise: 'circle-bend', gait: 'WALK', place: 'CIRCLE', rein: 'LEFT', mounted: 'RIDER' },
    }),
  )
  const touch = (response: Response) =>
    act(() => recorder().say({ kind: 'exchange', payload: { segment: segment.id, strength: 2, response } }))
  return { recorder, touch }
}

test('tells the ride with no network, and says what waits', async () => {
  const { recorder, touch } = await ride()
  await touch('YES')
  await waitFor(() => expect(recorder().ride.exchanges).toHaveLength(1))
  const { result } = renderHook(() => useSending(recorder().outbox, lesson), { wrapper })
  await waitFor(() => expect(result.current).toMatchObject({ state: 'offline', waiting: 2 }))
})

test('two quick presses take two things back, not one twice', async () => {
  const { recorder, touch } = await ride()
  await touch('YES')
  await touch('TRY')
  await touch('WRONG')
  await act(() => Promise.all([recorder().takeBack(), recorder().takeBack()]))
  await waitFor(() => expect(recorder().ride.exchanges.map((x) => x.response)).toEqual(['YES']))
})

test('putting back restores what was taken back', async () => {
  const { recorder, touch } = await ride()
  await touch('YES')
  const taken = await act(() => recorder().takeBack())
  await waitFor(() => expect(recorder().ride.exchanges).toHaveLength(0))
  await act(() => recorder().say({ kind: 'void', payload: { target: taken?.by ?? '' } }))
  await waitFor(() => expect(recorder().ride.exchanges).toHaveLength(1))
})

test('never takes back the segment everything hangs on', async () => {
  const { recorder } = await ride()
  expect(await act(() => recorder().takeBack())).toBeUndefined()
})

test('a touch that finds no room is said to be lost, and the next one is kept', async () => {
  const { recorder, touch } = await ride()
  const full = new DOMException('no room', 'QuotaExceededError')
  const add = vi.spyOn(shelfOf(person).entries, 'bulkAdd').mockRejectedValueOnce(full)
  const ask: NewEntry = { kind: 'exchange', payload: { segment: v7(), strength: 2, response: 'YES' } }
  const failed = await act(async () => recorder().say(ask).then(String, String))
  expect(failed).toContain('no room')
  await waitFor(() =>
    expect(recorder().lost).toMatchObject({ kind: 'exchange', payload: { response: 'YES' } }),
  )
  expect(recorder().ride.exchanges).toHaveLength(0)
  add.mockRestore()
  await touch('TRY')
  await waitFor(() => expect(recorder().lost).toBeUndefined())
  await waitFor(() => expect(recorder().ride.exchanges.map((x) => x.response)).toEqual(['TRY']))
})

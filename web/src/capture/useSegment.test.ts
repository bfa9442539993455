import { renderHook } from '@testing-library/react'
import { expect, test } from 'vitest'
import type { Segment } from '../record'
import type { StoredEntry, NewEntry } from '../store'
import { useSegment } from './useSegment'

const segment: Segment = {
  id: 'first',
  atMs: 0,
  endMs: null,
  exercise: 'circle-bend',
  gait: 'WALK',
  place: 'CIRCLE',
  circleM: 20,
  rein: 'LEFT',
  mounted: 'RIDER',
}

function riding() {
  const said: NewEntry[] = []
  const say = (what: NewEntry) => {
    said.push(what)
    return Promise.resolve({ id: `written ${said.length}` } as StoredEntry)
  }
  const { result, rerender } = renderHook(
    ({ now }) => useSegment({ rungs: [], usual: [], schools: [], ownPads: {} }, now, false, say),
    {
      initialProps: { now: segment },
    },
  )
  return { said, result, rerender }
}

test('a touch right after a change of rein belongs to the new rein', async () => {
  const { result } = riding()
  expect(await result.current.current()).toBe('first')
  result.current.change({ rein: 'RIGHT' })
  expect(await result.current.current()).toBe('written 1')
})

test('two changes in one breath add up', () => {
  const { result, said } = riding()
  result.current.change({ rein: 'RIGHT' })
  result.current.change({ gait: 'TROT' })
  expect(said.at(-1)?.payload).toMatchObject({ rein: 'RIGHT', gait: 'TROT' })
})

test('says nothing when nothing changes', () => {
  const { result, said } = riding()
  result.current.change({ rein: 'LEFT' })
  expect(said).toEqual([])
})

test('a letter begins the stretch, once more if need be, and is not carried into the next one', () => {
  const { result, said } = riding()
  result.current.change({ place: 'RAIL', from: 'F' })
  result.current.change({ from: 'F' })
  expect(said).toHaveLength(2)
  result.current.change({ rein: 'LEFT' })
  expect(said, 'nothing else has changed').toHaveLength(2)
  result.current.change({ rein: 'RIGHT' })
  expect(said.map((s) => (s.payload as { from?: string }).from)).toEqual(['F', 'F', undefined])
})

test('follows what is painted once it is there', async () => {
  const { result, rerender } = riding()
  result.current.change({ rein: 'RIGHT' })
  await result.current.current()
  rerender({ now: { ...segment, id: 'written 1', rein: 'RIGHT' } })
  rerender({ now: { ...segment, id: 'from another device', rein: 'LEFT' } })
  expect(await result.current.current()).toBe('from another device')
})

test('a change that could not be kept leaves what was ridden', async () => {
  const { result } = renderHook(() =>
    useSegment({ rungs: [], usual: [], schools: [], ownPads: {} }, segment, false, () =>
      Promise.reject(new Error('no room')),
    ),
  )
  result.current.change({ rein: 'RIGHT' })
  await expect(result.current.current()).rejects.toThrow('no room')
  expect(await result.current.current()).toBe('first')
})

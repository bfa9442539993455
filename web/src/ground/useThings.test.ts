import { act, renderHook } from '@testing-library/react'
import { expect, test } from 'vitest'
import { blank } from './things'
import { useThings } from './useThings'

test('every step of the hand has its way back, and forth again', () => {
  const { result } = renderHook(() => useThings([]))
  act(() => result.current.add(blank('one')))
  act(() => result.current.add(blank('two')))
  act(() => result.current.change({ ...blank('two'), cone: { x: 1, y: 2 } }))
  act(() => result.current.remove('one'))
  expect(result.current.things.map((t) => t.id)).toEqual(['two'])
  act(() => result.current.undo())
  act(() => result.current.undo())
  expect(result.current.things).toEqual([blank('one'), blank('two')])
  act(() => result.current.redo())
  expect(result.current.things[1]?.cone).toEqual({ x: 1, y: 2 })
  act(() => result.current.add(blank('three')))
  expect(result.current.canRedo).toBe(false)
  for (let i = 0; i < 9; i++) act(() => result.current.undo())
  expect(result.current.things).toEqual([])
  expect(result.current.canUndo).toBe(false)
})

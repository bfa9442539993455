import { expect, test, vi } from 'vitest'
import { PendingTouches } from './pendingTouches'

const PAD = 'circle-bend LEFT'

test('a touch counts at once, on its own key and pad', () => {
  const touched = new PendingTouches()
  const heard = vi.fn()
  touched.subscribe(heard)
  touched.add(PAD, 2, 'YES', new Promise(() => undefined))
  expect(heard).toHaveBeenCalledOnce()
  expect(touched.count(PAD, 2, 'YES')).toBe(1)
  expect(touched.count(PAD, 2, 'TRY')).toBe(0)
  expect(touched.count('circle-bend RIGHT', 2, 'YES')).toBe(0)
})

test('it counts until the log tells it, never twice and never not at all', async () => {
  const touched = new PendingTouches()
  const written = Promise.resolve({ id: 'a' })
  touched.add(PAD, 2, 'YES', written)
  await written
  touched.settle((id) => id === 'another')
  expect(touched.count(PAD, 2, 'YES')).toBe(1)
  touched.settle((id) => id === 'a')
  expect(touched.count(PAD, 2, 'YES')).toBe(0)
})

test('a log that tells it before its writer knows is not counted twice', async () => {
  const touched = new PendingTouches()
  const written = Promise.resolve({ id: 'a' })
  touched.add(PAD, 2, 'YES', written)
  touched.settle((id) => id === 'a')
  await written
  expect(touched.count(PAD, 2, 'YES')).toBe(0)
})

test('what could not be kept goes from the pad again', async () => {
  const touched = new PendingTouches()
  const written = Promise.reject(new Error('no room'))
  touched.add(PAD, 1, 'WRONG', written)
  await expect(written).rejects.toThrow('no room')
  expect(touched.count(PAD, 1, 'WRONG')).toBe(0)
})

test('a strength waits for its answer', () => {
  const touched = new PendingTouches()
  expect(touched.armed()).toBeNull()
  touched.arm(3)
  expect(touched.armed()).toBe(3)
})

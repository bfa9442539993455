import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { Problem, Unreachable } from '../api'
import { Outbox } from './outbox'
import type { OutboxState } from './outbox'

beforeEach(() => vi.useFakeTimers())
afterEach(() => vi.useRealTimers())

/** An outbox whose answers are given one after the other: an error, or whether something was sent. */
function outbox(...answers: (boolean | Error)[]) {
  const states: OutboxState[] = []
  const sendNext = vi.fn((onSending: () => void) => {
    const answer = answers.shift() ?? false
    if (answer !== false) onSending()
    return answer instanceof Error ? Promise.reject(answer) : Promise.resolve(answer)
  })
  const box = new Outbox({ name: 'test', sendNext })
  box.subscribe(() => states.push(box.current()))
  return { box, sendNext, states }
}

test('sends until nothing waits, and rests', async () => {
  const { box, sendNext, states } = outbox(true, true, false)
  await box.send()
  expect(sendNext).toHaveBeenCalledTimes(3)
  expect(states).toEqual(['sending', 'resting'])
})

test.each<[Error, OutboxState]>([
  [new Unreachable(), 'offline'],
  [new Problem(401, 'signed_out', []), 'signed_out'],
  [new Problem(500, 'failure', []), 'failing'],
  [new TypeError('broken'), 'failing'],
])('%s stops it, and it is %s', async (error, state) => {
  const { box } = outbox(error)
  await box.send()
  expect(box.current()).toBe(state)
  box.stop()
})

test('tries again after 2 s, then after twice as long, and from 2 s again once it was answered', async () => {
  const { box, sendNext } = outbox(new Unreachable(), new Unreachable(), false, new Unreachable())
  await box.send()
  await vi.advanceTimersByTimeAsync(1_999)
  expect(sendNext).toHaveBeenCalledTimes(1)
  await vi.advanceTimersByTimeAsync(1)
  expect(sendNext).toHaveBeenCalledTimes(2)
  await vi.advanceTimersByTimeAsync(3_999)
  expect(sendNext).toHaveBeenCalledTimes(2)
  await vi.advanceTimersByTimeAsync(1)
  expect(sendNext).toHaveBeenCalledTimes(3)
  expect(box.current()).toBe('resting')
  await box.send()
  await vi.advanceTimersByTimeAsync(2_000)
  expect(sendNext).toHaveBeenCalledTimes(5)
  box.stop()
})

test.each([
  ['a network that is back', (box: Outbox) => box.wake(), new Unreachable()],
  ['something that got through', (box: Outbox) => box.send(), true],
] as const)(
  'after %s it is tried again after 2 s, however long it waited before',
  async (_, again, first) => {
    const failing = Array.from({ length: 4 }, () => new Unreachable())
    const { box, sendNext } = outbox(...failing, first, new Unreachable(), new Unreachable())
    await box.send()
    await vi.advanceTimersByTimeAsync(2_000 + 4_000 + 8_000)
    expect(sendNext).toHaveBeenCalledTimes(4)
    await again(box)
    const before = sendNext.mock.calls.length
    await vi.advanceTimersByTimeAsync(2_000)
    expect(sendNext).toHaveBeenCalledTimes(before + 1)
    box.stop()
  },
)

test('never waits longer than a minute', async () => {
  const { box, sendNext } = outbox(...Array.from({ length: 99 }, () => new Unreachable()))
  await box.send()
  await vi.advanceTimersByTimeAsync(10 * 60_000)
  const before = sendNext.mock.calls.length
  await vi.advanceTimersByTimeAsync(60_000)
  expect(sendNext.mock.calls.length).toBeGreaterThan(before)
  box.stop()
})

test('what is asked for while it sends is sent in the next round', async () => {
  const { box, sendNext } = outbox(true, false, false)
  const both = [box.send(), box.send()]
  await Promise.all(both)
  expect(sendNext).toHaveBeenCalledTimes(3)
})

test('stopped while it sends it does not try again either', async () => {
  let fail: (cause: Error) => void = () => undefined
  const sendNext = vi.fn(() => new Promise<boolean>((_, failed) => (fail = failed)))
  const box = new Outbox({ name: 'test', sendNext })
  const sending = box.send()
  await vi.advanceTimersByTimeAsync(0)
  box.stop()
  fail(new Unreachable())
  await sending
  await vi.advanceTimersByTimeAsync(120_000)
  expect(sendNext).toHaveBeenCalledTimes(1)
})

test('once it is stopped it does not try again', async () => {
  const { box, sendNext } = outbox(new Unreachable())
  await box.send()
  box.stop()
  await vi.advanceTimersByTimeAsync(120_000)
  expect(sendNext).toHaveBeenCalledTimes(1)
})

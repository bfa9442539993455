import { v7 } from 'uuid'
import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { GAP } from '../reins'
import { shelfOf } from '../store'
import type { Shelf } from '../store'
import { LiveReins } from './live'
import { RATE, ToldSensor } from './toldSensor.testing'

const BAND = { lowKg: 2, highKg: 4 }

let live: LiveReins
let sensor: ToldSensor
let shelf: Shelf
const onEnded = vi.fn()
beforeEach(() => {
  live = new LiveReins()
  sensor = new ToldSensor()
  shelf = shelfOf(v7())
  onEnded.mockClear()
})
afterEach(async () => {
  await live.stop()
  vi.restoreAllMocks()
})

const connect = (band: typeof BAND | null = BAND) =>
  live.connect(sensor, { shelf, lesson: 'l', offsetMs: 5_000, band, onEnded })

/** Connected, zeroed, and told by a pull at the left rein which channel hangs on it. */
async function riding(leftChannel: 0 | 1 = 0) {
  await connect()
  await live.zero()
  sensor.says(1, 0, 0)
  sensor.says(0.5, leftChannel === 0 ? 2.4 : 0, leftChannel === 1 ? 2.4 : 0)
  expect(live.current().step).toBe('RECORDING')
  // until the hand has let go nothing is kept; the last of it is the first that is
  sensor.says(1.95, 0, 0)
}

/** All that was kept, in kilograms. */
async function kept() {
  const pieces = await shelf.pieces.orderBy('[recording+place]').toArray()
  const rein = (side: 'left' | 'right') =>
    pieces.flatMap((p) => [...p[side]].map((s) => (s === GAP ? null : s / 100)))
  return { left: rein('left'), right: rein('right') }
}

const times = (many: number, kg: number | null) => Array.from({ length: many }, () => kg)

test('it is zeroed, then a pull tells which rein is which, and only then it measures', async () => {
  await connect()
  expect(live.current()).toMatchObject({ step: 'HANGING', name: 'Told sensor', lesson: 'l' })
  sensor.says(2, 3, 0.3)
  expect(live.current().step, 'a pull before it is zeroed tells nothing').toBe('HANGING')
  await live.zero()
  expect(sensor.isZeroed).toBe(true)
  sensor.says(1, 0, 0)
  sensor.says(1, 2, 1.8)
  expect(live.current().step, 'both reins were taken').toBe('PULL')
  expect(await shelf.recordings.count()).toBe(0)
})

test('a channel that hangs on the other rein is turned round', async () => {
  await riding(1)
  sensor.says(3, 1, 3)
  await live.stop()
  const { left, right } = await kept()
  expect(left).toEqual(times(60, 3))
  expect(right).toEqual(times(60, 1))
  expect(await shelf.recordings.toArray()).toMatchObject([
    { lesson: 'l', name: 'Told sensor', rateHz: RATE, samples: 60, passage: 'waiting' },
  ])
  expect(onEnded).toHaveBeenCalledOnce()
})

test('what is lost on the way is a gap, and what comes after stays where it belongs', async () => {
  await riding()
  sensor.says(1, 2, 2)
  sensor.misses(1)
  sensor.says(1, 3, 3)
  await live.stop()
  const { left } = await kept()
  expect(left).toEqual([...times(20, 2), ...times(20, null), ...times(20, 3)])
})

test('a rein that stays over the band is called heavy, and told in the hand once', async () => {
  const vibrate = vi.fn()
  Object.assign(navigator, { vibrate })
  await riding()
  sensor.says(2.5, 3, 4.6)
  expect(live.current().heavy).toEqual({ left: false, right: false })
  sensor.says(1, 3, 4.6)
  expect(live.current().heavy).toEqual({ left: false, right: true })
  sensor.says(4, 4.5, 4.6)
  expect(live.current().heavy).toEqual({ left: true, right: true })
  expect(vibrate).toHaveBeenCalledOnce()
  // the level looks back over a second
  sensor.says(1.1, 3, 3)
  expect(live.current().heavy).toEqual({ left: false, right: false })
  expect(live.rein('right').levelKg).toBe(3)
})

test('without a band nothing is called heavy', async () => {
  await connect(null)
  await live.zero()
  sensor.says(1, 0, 0)
  sensor.says(0.5, 2, 0)
  sensor.says(10, 12, 12)
  expect(live.current().heavy).toEqual({ left: false, right: false })
})

test('what this device has no room for is tried again, and nothing of it is lost', async () => {
  await riding()
  const put = vi.spyOn(shelf.pieces, 'put').mockRejectedValueOnce(new Error('QuotaExceededError'))
  sensor.says(2, 2, 2)
  await vi.waitFor(() => expect(live.current().isUnkept).toBe(true))
  put.mockRestore()
  sensor.says(2, 3, 3)
  await vi.waitFor(() => expect(live.current().isUnkept).toBe(false))
  await live.stop()
  expect((await kept()).left).toEqual([...times(40, 2), ...times(40, 3)])
})

test('one that cannot be reached says so, and can be tried again', async () => {
  sensor.isAway = true
  await connect()
  expect(live.current().step).toBe('FAILED')
  sensor.isAway = false
  await connect()
  expect(live.current().step).toBe('HANGING')
})

test('it says its battery and signal, and that it is not heard any more', async () => {
  await riding()
  const before = live.current()
  sensor.hear({ is: 'STATE', batteryPercent: 18, signalPercent: 60 })
  expect(live.current()).toMatchObject({ batteryPercent: 18, signalPercent: 60 })
  expect(live.current(), 'another object').not.toBe(before)
  sensor.hear({ is: 'LOST' })
  expect(live.current().isLost).toBe(true)
  sensor.says(0.1, 2, 2)
  expect(live.current().isLost).toBe(false)
})

import { expect, test } from 'vitest'
import { StandIn } from './standIn'

const TROT = {
  seconds: 60,
  beatsAMinute: 156,
  leftKg: 2.6,
  rightKg: 3.1,
  swingKg: 1.4,
  growsKgASecond: 0,
}
const RATE = 100

function stream(sensor: StandIn, seconds: number) {
  const left: number[] = []
  const right: number[] = []
  for (let i = 0; i < seconds * RATE; i++) {
    const [l, r] = sensor.next()
    left.push(l)
    right.push(r)
  }
  return { left, right }
}

/** The median of each second's highest. */
function level(of: number[]) {
  const tops = Array.from({ length: Math.floor(of.length / RATE) }, (_, s) =>
    Math.max(...of.slice(s * RATE, (s + 1) * RATE)),
  ).sort((a, b) => a - b)
  return tops[Math.floor(tops.length / 2)] ?? NaN
}

test('the same seed measures the same', () => {
  expect(stream(new StandIn(7, RATE), 3)).toEqual(stream(new StandIn(7, RATE), 3))
  expect(stream(new StandIn(7, RATE), 3)).not.toEqual(stream(new StandIn(8, RATE), 3))
})

test('both reins hang until it is ridden, and then carry what was said', () => {
  const sensor = new StandIn(3, RATE, [TROT])
  expect(level(stream(sensor, 5).left)).toBeLessThan(0.3)
  sensor.rideNow()
  const { left, right } = stream(sensor, 60)
  // noise lifts a maximum by two or three times its size (docs/contact.md)
  expect(Math.abs(level(left) - 2.7)).toBeLessThan(0.12)
  expect(Math.abs(level(right) - 3.2)).toBeLessThan(0.12)
  const peaks = left.filter(
    (kg, i) => i > 20 && i < left.length - 20 && kg === Math.max(...left.slice(i - 15, i + 16)),
  )
  expect(Math.abs(peaks.length - 156)).toBeLessThan(8)
})

test('a pull lifts its rein and no other', () => {
  const sensor = new StandIn(5, RATE)
  stream(sensor, 1)
  sensor.pullNow('RIGHT')
  const { left, right } = stream(sensor, 1)
  expect(Math.max(...right)).toBeGreaterThan(2)
  expect(Math.max(...left)).toBeLessThan(0.4)
})

import { Blob as NodeBlob } from 'node:buffer'
import { readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import { expect, test } from 'vitest'
import { fold } from '../record'
import type { ClipFile, Entry, Foot, Landing } from '../record'
import { digestOfEnds, fitOf } from './clipFile'
import { clipsOf } from './clips'
import { afterLanding, footfalls, student } from './footfalls'
import type { SideLag } from './footfalls'

const examples = resolve(import.meta.dirname, '../../../examples')

interface Example {
  says: string
  frameMs: number
  landings: [Foot, number][]
  strideS: number | null
  left?: SideLag
  right?: SideLag
}

// read by core's tests as well
test.each(JSON.parse(readFileSync(resolve(examples, 'footfalls.json'), 'utf8')) as Example[])(
  '$says',
  ({ landings, frameMs, strideS, left, right }) => {
    const marked: Landing[] = landings.map(([foot, ms]) => ({ foot, ms }))
    const said = footfalls(marked, frameMs)
    expect(said?.strideS ?? null).toEqual(strideS)
    const check = (of: SideLag | undefined, expected: SideLag | undefined) => {
      expect(of?.order).toBe(expected?.order)
      expect(of?.strides).toBe(expected?.strides)
      if (of && expected) {
        expect(of.share).toBeCloseTo(expected.share, 3)
        expect(of.half).toBeCloseTo(expected.half, 3)
      }
    }
    check(said?.left, left)
    check(said?.right, right)
  },
)

// Student's table, 97.5 % (Fisher & Yates 1938)
test.each([
  [3, 3.182],
  [4, 2.776],
  [7, 2.365],
  [15, 2.131],
  [30, 2.042],
])('Student of %i degrees of freedom', (freedom, expected) => {
  expect(Math.abs(student(freedom) - expected)).toBeLessThan(0.005)
})

test('comments and strides of a copy belong to the clip', () => {
  const { entries } = JSON.parse(readFileSync(resolve(examples, 'fold/clips.json'), 'utf8')) as {
    entries: Entry[]
  }
  const [clip, ...others] = clipsOf(fold(entries))
  expect(others).toEqual([])
  expect(clip?.file.fileName).toBe('Vesper, long side.mp4')
  expect(clip?.copies.map((c) => c.fileName)).toEqual(['VID-2026.mp4'])
  expect(clip?.comments.map(({ atMs, untilMs, text }) => [atMs, untilMs, text])).toEqual([
    [4300, undefined, 'the outside rein slips'],
    [9000, 12000, 'straight again'],
  ])
  expect(clip?.measured).toHaveLength(1)
})

// jsdom's own has no bytes that the digest would take
const blob = (...parts: string[]) => new NodeBlob(parts) as unknown as Blob

// the sum of "abc" (FIPS 180-4, example B.1)
test('a short file is told by all of it, a long one by its ends', async () => {
  expect(await digestOfEnds(blob('abc'))).toBe(
    'ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad',
  )
  const long = (middle: string, end = '') => blob('a'.repeat(65_536), middle, 'b'.repeat(65_536), end)
  expect(await digestOfEnds(long('one'))).toBe(await digestOfEnds(long('another')))
  expect(await digestOfEnds(long('one', 'x'))).not.toBe(await digestOfEnds(long('one')))
})

const file = (digest: string, durationMs: number): ClipFile => ({
  fileName: 'clip.mp4',
  bytes: 1,
  durationMs,
  digest,
})

test.each([
  ['the same', file('a', 31_000), 'same'],
  ['the same under another name', { ...file('a', 31_000), fileName: 'VID.mp4' }, 'same'],
  ['a copy that was confirmed', file('b', 30_900), 'same'],
  ['as long but for 0.2 s', file('c', 31_200), 'perhaps'],
  ['as long as the copy', file('c', 30_700), 'perhaps'],
  ['longer by more', file('c', 31_201), 'other'],
])('%s', (_, other, fit) => {
  expect(fitOf(other, [file('a', 31_000), file('b', 30_900)])).toBe(fit)
})

test('an aid is told against the hind foot that landed last, where the strides were marked', () => {
  const landings: Landing[] = [0, 500, 1000, 1500].map((ms, i) => ({
    foot: i % 2 === 0 ? 'LEFT_HIND' : 'RIGHT_HIND',
    ms,
  }))
  expect(afterLanding(landings, 33, 1250)).toEqual({ foot: 'LEFT_HIND', share: 0.25 })
  expect(afterLanding(landings, 33, 1500)).toEqual({ foot: 'RIGHT_HIND', share: 0 })
  expect(afterLanding(landings, 33, 5000)).toBeUndefined()
  expect(afterLanding(landings.slice(0, 2), 33, 600)).toBeUndefined()
})

import { describe, expect, test } from 'vitest'
import type { GroundArena, GroundRoom, GroundView, PieceOfFigure } from '../api'
import type { Text } from '../text'
import { stands } from './draft'
import { lengthOf, pathOf, poseAt } from './lines'
import {
  ADDABLE,
  canJump,
  headingOf,
  kindOf,
  nameAmong,
  newThing,
  placed,
  placeOf,
  settled,
  snapped,
  turned,
} from './things'

const ARENA: GroundArena = {
  id: 'SMALL',
  name: null,
  shape: 'RECTANGLE',
  widthM: 20,
  lengthM: 40,
  slopePct: 0,
  letters: { B: { x: 20, y: 20 }, X: { x: 10, y: 20 } },
}

const ROOM: GroundRoom = {
  arenas: [{ drawn: ARENA, version: 0, told: null, isPutAway: false }],
  forms: [
    {
      form: 'CIRCLE',
      fields: ['AT', 'SIZE'],
      size: { least: 6, most: 60, usual: 20 },
      count: { least: 0, most: 0, usual: 0 },
      usualAt: 'A',
    },
  ],
  gaits: [{ pace: 'TROT', variants: ['WORKING'], usual: 'WORKING' }],
  layouts: [],
  corner: { least: 1, most: 30, usual: 3 },
  narrowest: { least: 6, most: 60, usual: 10 },
  lineM: 21.9456,
  cavaletti: { count: 3, apartM: 3.2004, heightM: 0.4 },
  mostPairs: 8,
  mostThings: 40,
  paceM: 0.914,
  isPaceWalked: false,
}

describe('a thing of each kind', () => {
  test.each(ADDABLE.filter((kind) => kind !== 'cavaletti'))(
    '%s is made as that kind, and stays it when it is moved and turned',
    (kind) => {
      const thing = newThing(kind, 'one', ROOM, ARENA)
      expect(kindOf(thing)).toBe(kind)
      expect(kindOf(placed(turned(thing, 15), { x: 3, y: 4 }))).toBe(kind)
      const isPlaced = placeOf(thing) !== null
      expect(isPlaced).toBe(['row', 'fan', 'fences', 'cone'].includes(kind))
      if (isPlaced) expect(placeOf(placed(thing, { x: 3, y: 4.004 }))).toEqual({ x: 3, y: 4 })
    },
  )

  test('it turns counter-clockwise, once round at most', () => {
    const row = newThing('row', 'one', ROOM, ARENA)
    expect(headingOf(turned(row, 15))).toBe(105)
    expect(headingOf(turned(row, -105))).toBe(345)
    expect(headingOf(turned(newThing('cone', 'two', ROOM, ARENA), 15))).toBeNull()
  })
})

test('cavaletti are low fences a bounce apart', () => {
  const { fences } = newThing('cavaletti', 'one', ROOM, ARENA)
  expect(fences?.distancesM).toEqual([3.2, 3.2])
  expect(fences?.fenceM).toBe(0.4)
})

test('a course goes over all fences that stand, once there are two', () => {
  const single = newThing('fences', 'single', ROOM, ARENA)
  expect(canJump([single])).toBe(false)
  expect(canJump([newThing('cavaletti', 'row', ROOM, ARENA)])).toBe(true)
  const others = [single, newThing('cone', 'cone', ROOM, ARENA), newThing('fences', 'other', ROOM, ARENA)]
  expect(canJump(others)).toBe(true)
  expect(newThing('course', 'course', ROOM, ARENA, others).course?.over).toEqual([
    { fences: 'single', isReversed: false },
    { fences: 'other', isReversed: false },
  ])
})

test('where there are several of a kind each has its number', () => {
  const t = ((key: string, values?: object) =>
    values ? `${key} ${JSON.stringify(values)}` : key) as unknown as Text
  const things = ['one', 'two'].map((id) => newThing('fences', id, ROOM, ARENA))
  expect(nameAmong(t, things, 'two')).toBe('ground.numbered {"name":"ground.kind.fences","number":2}')
  expect(nameAmong(t, things.slice(0, 1), 'one')).toBe('ground.kind.fences')
  expect(nameAmong(t, things, 'none')).toBe('')
})

test('a thing is let go at a letter, on a line of the arena, or at half metres', () => {
  expect(snapped({ x: 19.7, y: 20.4 }, ARENA)).toEqual({ x: 20, y: 20 })
  expect(snapped({ x: 5.4, y: 8.2 }, ARENA)).toEqual({ x: 5, y: 8 })
  expect(snapped({ x: 7.2, y: 8.3 }, ARENA)).toEqual({ x: 7, y: 8.5 })
})

const straight = (x1: number, y1: number, x2: number, y2: number): PieceOfFigure => ({
  x1,
  y1,
  x2,
  y2,
  centreX: 0,
  centreY: 0,
  radiusM: 0,
  fromRad: 0,
  sweepRad: 0,
})

/** Five metres ahead, then half a circle of 2 m to the left. */
const LINE: PieceOfFigure[] = [
  straight(0, 0, 5, 0),
  {
    x1: 5,
    y1: 0,
    x2: 5,
    y2: 4,
    centreX: 5,
    centreY: 2,
    radiusM: 2,
    fromRad: -Math.PI / 2,
    sweepRad: Math.PI,
  },
]

test('one is on a line where it leads, and looks along it', () => {
  expect(LINE.map(lengthOf).reduce((a, b) => a + b)).toBeCloseTo(5 + 2 * Math.PI, 9)
  expect(poseAt(LINE, 2)).toMatchObject({ x: 2, y: 0, headingRad: 0, piece: 0 })
  const half = poseAt(LINE, 5 + Math.PI)
  expect(half?.x).toBeCloseTo(7, 9)
  expect(half?.y).toBeCloseTo(2, 9)
  expect(half?.headingRad).toBeCloseTo(Math.PI / 2, 9)
  expect(poseAt(LINE, 99)?.x).toBeCloseTo(5, 9)
  expect(poseAt([], 1)).toBeUndefined()
})

test('a line is drawn by quarters of its circles; where the legs of a zigzag meet it is one line', () => {
  expect(pathOf(LINE, (y) => -y).match(/[MLA]/g)).toEqual(['M', 'L', 'A', 'A'])
  const legs = [straight(0, 0, 1, 1), straight(1, 1, 0, 2)]
  expect(pathOf(legs, (y) => y)).toBe('M0 0L1 1L0 2')
})

test('what was set out and moved since is to be set out again', () => {
  const spot = { kind: 'CONE' as const, number: 1, x: 3, y: 4, tapes: [], which: null }
  expect(stands(undefined, spot)).toBe('OPEN')
  expect(stands({ x: 3.01, y: 4 }, spot)).toBe('SET')
  expect(stands({ x: 3.1, y: 4 }, spot)).toBe('MOVED')
})

test('what was left to suit the horses is said in numbers before it is kept for each of them', () => {
  const fan = newThing('fan', 'fan', ROOM, ARENA)
  const row = newThing('row', 'row', ROOM, ARENA)
  const view = {
    things: [
      { id: 'fan', fan: { gapDeg: 11.6502 } },
      { id: 'row', row: { apartM: 1.2 } },
    ],
  } as unknown as GroundView
  const [one, other] = settled([fan, row], view)
  expect(one?.fan?.gapDeg).toBe(11.65)
  expect(other?.row?.apartM).toBe(1.2)
  expect(settled([fan], undefined)).toEqual([fan])
})

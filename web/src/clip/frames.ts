import type { FramePoint, FrameShape, Payloads } from '../record'

/** Each in degrees, or in metres where a length was known. */
export type FrameQuantity =
  | 'LENGTH'
  | 'SLOPE'
  | 'ANGLE'
  | 'EARS_ABOVE'
  | 'NECK_RISE'
  | 'LEAN'
  | 'HEEL_AHEAD'
  | 'HEEL_AHEAD_BY'
  | 'LEFT_HIP_UP'
  | 'LEFT_HIP_UP_BY'

/** One thing a frame tells, and half of its 95 % interval. */
export interface FrameValue {
  of: FrameQuantity
  value: number
  half: number
}

/** What is set on a frame: all that is reckoned from. */
export type FrameMarks = Pick<
  Payloads['frame_measure'],
  'shape' | 'points' | 'withinPx' | 'facesRight' | 'level' | 'scale'
>

const LENGTHS: readonly FrameQuantity[] = ['LENGTH', 'EARS_ABOVE', 'HEEL_AHEAD_BY', 'LEFT_HIP_UP_BY']

export const isLength = (of: FrameQuantity): boolean => LENGTHS.includes(of)

const TELLS: Record<FrameShape, FrameQuantity[]> = {
  LINE: ['LENGTH', 'SLOPE'],
  ANGLE: ['ANGLE'],
  EARS: ['EARS_ABOVE', 'NECK_RISE'],
  SEAT: ['ANGLE', 'LEAN', 'HEEL_AHEAD', 'HEEL_AHEAD_BY'],
  HIPS: ['LEFT_HIP_UP', 'LEFT_HIP_UP_BY'],
}

const LEAST_APART = 3
const STEP_PX = 1e-3

/** How many points are set for a shape. */
export const pointsOf = (shape: FrameShape): number => (shape === 'ANGLE' || shape === 'SEAT' ? 3 : 2)

/** As core's `FrameReading`, so that a table without a network is told at once; both are held to `examples/frame-measures.json`. */
export function frameValues(marks: FrameMarks): FrameValue[] {
  const plane = new Plane(marks)
  if (marks.points.length !== pointsOf(marks.shape) || !plane.isApart(LEAST_APART * marks.withinPx)) return []
  return TELLS[marks.shape]
    .filter((of) => marks.scale || !isLength(of))
    .map((of) => valueOf(plane, of, marks.withinPx))
}

function valueOf(plane: Plane, of: FrameQuantity, withinPx: number): FrameValue {
  let sum = 0
  for (const point of plane.all) {
    for (const axis of ['x', 'y'] as const) {
      const at = point[axis]
      point[axis] = at + STEP_PX
      const after = plane.reckon(of)
      point[axis] = at - STEP_PX
      const change = after - plane.reckon(of)
      point[axis] = at
      sum += ((isLength(of) ? change : turn(change)) / (2 * STEP_PX)) ** 2
    }
  }
  const value = plane.reckon(of)
  const half = withinPx * Math.sqrt(sum)
  return isLength(of) ? { of, value, half } : { of, value: degrees(within(of, value)), half: degrees(half) }
}

function within(of: FrameQuantity, angle: number): number {
  const at = turn(angle)
  if (of === 'ANGLE') return Math.abs(at)
  if (of === 'SLOPE') return upright(at)
  return of === 'NECK_RISE' || of === 'LEFT_HIP_UP' ? Math.asin(Math.sin(at)) : at
}

const degrees = (radians: number) => (180 * radians) / Math.PI

/** In (−π, π]. */
const turn = (angle: number) => angle - 2 * Math.PI * Math.ceil((angle - Math.PI) / (2 * Math.PI))

/** Of a line, whichever way it is read: in (−π/2, π/2]. */
function upright(angle: number): number {
  const at = turn(angle)
  if (at > Math.PI / 2) return at - Math.PI
  return at > -Math.PI / 2 ? at : at + Math.PI
}

/** The plane of a frame, upright as in life. */
class Plane {
  /** First the points of the shape, then two that are level, then the ends of the known length; y goes up. */
  readonly all: FramePoint[]
  readonly #level: number
  readonly #scale: number
  readonly #lengthM: number
  readonly #forward: 1 | -1

  constructor({ points, level, scale, facesRight }: FrameMarks) {
    this.all = [points, level ? [level.from, level.to] : [], scale ? [scale.from, scale.to] : []]
      .flat()
      .map(({ x, y }) => ({ x, y: -y }))
    this.#level = level ? points.length : -1
    this.#scale = scale ? this.all.length - 2 : -1
    this.#lengthM = (scale?.lengthMm ?? NaN) / 1000
    this.#forward = facesRight ? 1 : -1
  }

  isApart(px: number): boolean {
    return this.all.every(
      (_, i) => i === 0 || i === this.#level || i === this.#scale || this.#apart(i - 1, i) >= px,
    )
  }

  reckon(of: FrameQuantity): number {
    switch (of) {
      case 'LENGTH':
        return this.#length(0, 1)
      case 'SLOPE':
      case 'NECK_RISE':
        return this.#direction(0, 1)
      case 'ANGLE':
        return this.#direction(1, 0) - this.#direction(1, 2)
      case 'EARS_ABOVE':
        return this.#up(0, 1)
      case 'LEAN':
        return this.#leansForward(1, 0)
      case 'HEEL_AHEAD':
        return Math.PI - this.#leansForward(0, 2)
      case 'HEEL_AHEAD_BY':
        return this.#forward * this.#length(0, 2) * Math.cos(this.#direction(0, 2))
      case 'LEFT_HIP_UP':
        return this.#direction(1, 0)
      case 'LEFT_HIP_UP_BY':
        return this.#up(1, 0)
    }
  }

  #between(from: number, to: number): [dx: number, dy: number] {
    const [a, b] = [this.all[from] ?? NOWHERE, this.all[to] ?? NOWHERE]
    return [b.x - a.x, b.y - a.y]
  }

  #apart(from: number, to: number): number {
    return Math.hypot(...this.#between(from, to))
  }

  #slant(from: number, to: number): number {
    const [dx, dy] = this.#between(from, to)
    return Math.atan2(dy, dx)
  }

  #direction(from: number, to: number): number {
    const tilt = this.#level < 0 ? 0 : upright(this.#slant(this.#level, this.#level + 1))
    return this.#slant(from, to) - tilt
  }

  #length(from: number, to: number): number {
    return (this.#apart(from, to) * this.#lengthM) / this.#apart(this.#scale, this.#scale + 1)
  }

  #up(from: number, to: number): number {
    return this.#length(from, to) * Math.sin(this.#direction(from, to))
  }

  #leansForward(from: number, to: number): number {
    const direction = this.#direction(from, to)
    return Math.atan2(this.#forward * Math.cos(direction), Math.sin(direction))
  }
}

const NOWHERE: FramePoint = { x: NaN, y: NaN }

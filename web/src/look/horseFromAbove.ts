import type { BendPlace } from '../record'

/**
 * The horse from above, head up, its left on the left; 100 units a metre. Proportions of a horse of 1.60 m (artists' canon, from
 * memory): nose to tail 2.9 m, poll to dock 2.4 m; head 0.6 long and 0.22 wide at the eyes; neck 0.9 long, 0.16 wide at the poll and
 * 0.30 at its base; shoulders 0.50, barrel 0.68, waist 0.55, hips 0.60.
 */
export const WITHERS = { x: 120, y: 146 }
const NECK = 90
const AT_POLL = 8
const AT_BASE = 15
/** Where the neck runs out into the shoulders. */
const AT_SHOULDERS = 22
const PARTS = 16

/** From where the neck leaves the right shoulder, round the quarters, to the left one. */
export const BODY_LINE =
  'M142 146C143.500 148 144.500 150.500 145 153C148 168 153 182 154 206C155 228 149 240 147.500 252C147 260 150 264 150 272C150 286 138 297 126 299' +
  'L114 299C102 297 90 286 90 272C90 264 93 260 92.500 252C91 240 85 228 86 206C87 182 92 168 95 153C95.500 150.500 96.500 148 98 146'

/** Closed over the withers. */
export const BODY = `${BODY_LINE}C105 136 135 136 142 146Z`

export const TAIL = 'M114 296C106 306 108 318 117 328C116 320 121 318 120 327C129 320 134 308 126 296Z'

export const SADDLE =
  'M112 182C115 177 125 177 128 182C130 192 131 198 139 208C142 222 133 233 120 234C107 233 98 222 101 208C109 198 110 192 112 182Z'

/** From the poll, nose up. */
export const HEAD =
  'M-8 7C-10 0 -12 -7 -12 -14C-12 -24 -7 -31 -7 -40C-8 -47 -5 -52 0 -52C5 -52 8 -47 7 -40C7 -31 12 -24 12 -14C12 -7 10 0 8 7Z'

export const EARS = 'M-3 6C-12 6 -19 0 -21 -11C-14 -11 -7 -6 -4 0ZM3 6C12 6 19 0 21 -11C14 -11 7 -6 4 0Z'

/** Between the ears. */
export const FORELOCK = 'M-4 6C-4 -3 -1 -9 4 -13C2.500 -7 5 -1 4 6Z'

export const NOSTRILS = 'M-3.500 -46L-2.500 -43M3.500 -46L2.500 -43'

/** The blade of one shoulder, left; mirrored about the spine it is the right one. */
export const LEFT_SHOULDER = 'M98 153C101 144 111 143 115 151C116 164 112 176 103 182C96 175 95 163 98 153Z'

/** A point of the spine, and which way it runs there, in degrees from straight ahead, to the right. */
interface SpinePoint {
  x: number
  y: number
  deg: number
}

export interface Neck {
  /** Closed. */
  outline: string
  /** Its two sides, open at the withers and at the poll. */
  sides: string
  /** The line of the spine from the withers to the poll. */
  spine: string
  poll: SpinePoint
}

/** A neck that is bent by so many degrees, to the right where they are positive, where it bends. */
export function neckOf(place: BendPlace, deg: number): Neck {
  const spine = Array.from({ length: PARTS + 1 }, (_, i) => along(place, deg, i / PARTS))
  const edge = (side: number) =>
    spine.map((p, i) => {
      const half = side * halfWidth(i / PARTS)
      const across = ((p.deg + 90) * Math.PI) / 180
      return point(p.x + half * Math.sin(across), p.y - half * Math.cos(across))
    })
  const end = spine[PARTS] ?? { ...WITHERS, deg: 0 }
  // the poll alone turns the head, and nothing behind it
  const poll = place === 'POLL_ONLY' ? { ...end, deg } : end
  const [left, right] = [edge(-1), edge(1)]
  return {
    outline: `M${[...left, ...[...right].reverse()].join('L')}Z`,
    sides: `M${left.join('L')}M${right.join('L')}`,
    spine: `M${spine.map((p) => point(p.x, p.y)).join('L')}`,
    poll,
  }
}

const point = (x: number, y: number) => `${x.toFixed(1)} ${y.toFixed(1)}`

/** Wide where it leaves the shoulders, then narrowing evenly to the poll. */
function halfWidth(t: number): number {
  const flare = Math.max(0, 1 - t / 0.25)
  return AT_BASE + (AT_POLL - AT_BASE) * t + (AT_SHOULDERS - AT_BASE) * flare * flare
}

/** Part t of the neck: straight from a hinge at its base; an arc where it bends evenly; a turn and a turn back where it twists. */
function along(place: BendPlace, deg: number, t: number): SpinePoint {
  switch (place) {
    case 'POLL_ONLY':
      return straight(0, t)
    case 'BASE_ONLY':
      return straight(deg, t)
    case 'TWISTED':
      return walked(t, (s) => 0.8 * deg * Math.sin(s * Math.PI * 1.5))
    case 'EVEN':
      return walked(t, (s) => deg * s)
  }
}

function straight(deg: number, t: number): SpinePoint {
  const rad = (deg * Math.PI) / 180
  return { x: WITHERS.x + NECK * t * Math.sin(rad), y: WITHERS.y - NECK * t * Math.cos(rad), deg }
}

/** Where one stands after part t of the neck's length, heading as said at each part of it. */
function walked(t: number, heading: (s: number) => number): SpinePoint {
  const steps = 40
  let { x, y } = WITHERS
  for (let i = 0; i < steps; i++) {
    const rad = (heading((t * (i + 0.5)) / steps) * Math.PI) / 180
    x += ((NECK * t) / steps) * Math.sin(rad)
    y -= ((NECK * t) / steps) * Math.cos(rad)
  }
  return { x, y, deg: heading(t) }
}

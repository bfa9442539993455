import { readLook } from './look'
import type { FirstLook } from './look'
import { readMark } from './mark'
import type { Mark } from './mark'
import { isId, isName, isOne, isWhole } from './value'
import { GAITS, MOUNTED, PLACES, REINS, RESPONSES, STRENGTHS } from './words'
import type { Gait, Mounted, Place, Rein, Response, Strength } from './words'

/** What an entry says, once its kind and version have been understood. */
export type Payload =
  | { kind: 'lesson_started' }
  | { kind: 'lesson_ended' }
  | { kind: 'clock'; offsetMs: number }
  | { kind: 'segment'; exercise: string; gait: Gait; place: Place; rein: Rein; mounted: Mounted }
  | { kind: 'exchange'; segment: string; strength: Strength; response: Response }
  | { kind: 'first_look'; seen: FirstLook }
  | { kind: 'rest' }
  | { kind: 'note'; text: string }
  | Mark
  | { kind: 'void'; target: string }
  | { kind: 'amend'; target: string; payload: Record<string, unknown> }

export const NOTE_MAX_LENGTH = 2000
const OFFSET_MAX_MS = 315_360_000_000
/** Something other than blanks; spelled out, since Java and JavaScript do not agree on what is blank. */
const WRITTEN = /[^ \t\r\n]/

/** The payload of an entry of this kind and version; undefined when it is not understood. The twin of the server's. */
export function readPayload(kind: string, v: number, p: Record<string, unknown>): Payload | undefined {
  if (v !== 1) return undefined
  switch (kind) {
    case 'lesson_started':
    case 'lesson_ended':
    case 'rest':
      return { kind }
    case 'first_look': {
      const seen = readLook(p)
      return seen && { kind, seen }
    }
    case 'clock':
      return isWhole(p.offsetMs) && Math.abs(p.offsetMs) <= OFFSET_MAX_MS
        ? { kind, offsetMs: p.offsetMs }
        : undefined
    case 'segment':
      return readSegment(p)
    case 'exchange':
      return isId(p.segment) && isOne(STRENGTHS, p.strength) && isOne(RESPONSES, p.response)
        ? { kind, segment: p.segment, strength: p.strength, response: p.response }
        : undefined
    case 'note':
      return typeof p.text === 'string' && WRITTEN.test(p.text) && p.text.length <= NOTE_MAX_LENGTH
        ? { kind, text: p.text }
        : undefined
    case 'void':
      return isId(p.target) ? { kind, target: p.target } : undefined
    case 'amend':
      return isId(p.target) && isObject(p.payload)
        ? { kind, target: p.target, payload: p.payload }
        : undefined
    default:
      return readMark(kind, p)
  }
}

function readSegment(p: Record<string, unknown>): Payload | undefined {
  const { exercise, gait, place, rein, mounted } = p
  return isName(exercise) &&
    isOne(GAITS, gait) &&
    isOne(PLACES, place) &&
    isOne(REINS, rein) &&
    isOne(MOUNTED, mounted)
    ? { kind: 'segment', exercise, gait, place, rein, mounted }
    : undefined
}

function isObject(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value)
}

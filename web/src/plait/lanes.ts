import type { PlaitKind } from '../api'
import { CHOICES, POLES_ANSWERS, POSITION_ANSWERS, RESPONSES } from '../record'

/** What an event is drawn as. */
export type Shape =
  'stroke' | 'disc' | 'half' | 'square' | 'ring' | 'cross' | 'diamond' | 'triangle' | 'octagon' | 'bar'

/** Where the strands lie, from the top, in pixels. */
export const LANES = {
  height: 358,
  riderMarks: 16,
  riderBase: 108,
  strength: 17,
  contact: 146,
  horseFirst: 190,
  row: 15,
  signs: 272,
  coach: 298,
  turns: 316,
  turnHeight: 20,
  time: 351,
} as const

const ANSWER_SHAPES: Record<(typeof RESPONSES)[number], Shape> = {
  YES: 'disc',
  TRY: 'half',
  BRACE: 'square',
  NONE: 'ring',
  WRONG: 'cross',
}

const rowOf = (words: readonly string[], name: string) =>
  LANES.horseFirst + LANES.row * Math.max(0, words.indexOf(name))

/** How good an answer is among its own: the shape of the pad's row, where there are no five. */
const shapeOf = (words: readonly string[], name: string): Shape =>
  (['disc', 'half', 'square', 'ring', 'cross'] as const)[words.indexOf(name)] ?? 'disc'

export interface Place {
  y: number
  shape: Shape
}

/** Where a kind of event lies and how it looks: the better the answer, the higher. */
export function placeOf({ sort, name, side }: PlaitKind): Place {
  switch (sort) {
    case 'ASK':
      return { y: LANES.riderBase, shape: 'stroke' }
    case 'SLIP':
      return { y: LANES.riderMarks + 14, shape: 'cross' }
    case 'RELEASE':
      return { y: LANES.riderMarks + 14, shape: name === 'MISSED' ? 'square' : 'ring' }
    case 'FAULT':
      return { y: LANES.riderMarks, shape: 'bar' }
    case 'POSITION':
      return { y: LANES.riderMarks, shape: shapeOf(POSITION_ANSWERS, name) }
    case 'CONTACT':
      return {
        y: LANES.contact + (side === 'LEFT' ? -9 : side === 'RIGHT' ? 9 : 0),
        shape: name === 'EVEN' ? 'disc' : name === 'NONE' || name === 'LIGHT' ? 'ring' : 'square',
      }
    case 'ANSWER':
      return {
        y: rowOf(RESPONSES, name),
        shape: ANSWER_SHAPES[name as (typeof RESPONSES)[number]],
      }
    case 'CHOICE':
      return { y: rowOf(CHOICES, name), shape: shapeOf(CHOICES, name) }
    case 'POLES':
      return { y: rowOf(POLES_ANSWERS, name), shape: shapeOf(POLES_ANSWERS, name) }
    case 'LINE':
    case 'HEAD':
    case 'HELD':
      return { y: LANES.horseFirst, shape: 'ring' }
    case 'SIGN':
      return { y: LANES.signs, shape: 'triangle' }
    case 'STOP_SIGN':
      return { y: LANES.signs, shape: 'octagon' }
    case 'TALLY':
      return { y: LANES.horseFirst, shape: 'bar' }
    case 'CORRECTION':
      return { y: LANES.coach, shape: name === 'MADE' ? 'triangle' : 'ring' }
    case 'PRAISE':
    case 'REWARD':
      return { y: LANES.coach, shape: 'diamond' }
    case 'NOTE':
    case 'VOICE':
    case 'HELP':
    case 'PROBE':
      return { y: LANES.coach, shape: 'bar' }
  }
}

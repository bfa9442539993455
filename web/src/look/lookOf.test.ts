import { describe, expect, test } from 'vitest'
import { lookOf } from './lookOf'

const none: Record<string, unknown> = {
  soundness: null,
  calm: null,
  rider: null,
  halt: null,
  leg: null,
  bendLeft: null,
  bendRight: null,
  placeLeft: null,
  placeRight: null,
  circleLeft: null,
  circleRight: null,
  shoulder: null,
  shoulderBoth: null,
}

describe('a look from the server', () => {
  test('leaves out what was not looked at', () => expect(lookOf(none)).toEqual({}))
  test('keeps what was, and 0 is a score', () =>
    expect(lookOf({ ...none, halt: 0, placeLeft: 'EVEN', circleRight: 0 })).toEqual({
      halt: 0,
      placeLeft: 'EVEN',
      circleRight: 0,
    }))
})

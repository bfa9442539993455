import { expect, test } from 'vitest'
import type { ExerciseItem } from '../api'
import { ANYTHING, isWanted, NO_KIT } from './filter'

const exercise = (more: Partial<ExerciseItem> = {}): ExerciseItem => ({
  id: 'shoulder-in',
  strand: 'shoulders',
  name: 'Shoulder-fore and shoulder-in',
  gaits: ['WALK', 'TROT'],
  schools: ['CLASSICAL', 'FORWARD_SEAT'],
  purpose: ['SUPPLENESS', 'COLLECTION'],
  people: 'NOBODY',
  kit: [],
  isAlone: true,
  isHard: false,
  isOwn: false,
  ...more,
})
const is = (more: Partial<typeof ANYTHING>, of = exercise()) =>
  isWanted(of, 'Shoulders', { ...ANYTHING, ...more })

test.each([
  ['', true],
  ['shou', true],
  ['SHOULDER in', true],
  ['in shoulder', true],
  ['fore', true],
  ['oulder', false],
  ['shoulder leg', false],
  ['  -  ', true],
])('what is typed (%j) begins words of its name or strand', (word, found) => {
  expect(is({ word })).toBe(found)
})

test('accents make no difference', () => {
  expect(isWanted(exercise({ name: 'Tölt stretches' }), 'Rhythm', { ...ANYTHING, word: 'tolt' })).toBe(true)
})

test('each filter asks for its own', () => {
  expect(
    is({ strand: 'shoulders', gait: 'TROT', school: 'CLASSICAL', purpose: 'COLLECTION', people: 'NOBODY' }),
  ).toBe(true)
  expect(is({ strand: 'bend' })).toBe(false)
  expect(is({ gait: 'CANTER' })).toBe(false)
  expect(is({ school: 'GAITED' })).toBe(false)
  expect(is({ purpose: 'RHYTHM' })).toBe(false)
  expect(is({ people: 'COACH' })).toBe(false)
  const overPoles = exercise({ kit: ['four poles'] })
  expect(is({ kit: NO_KIT })).toBe(true)
  expect(is({ kit: NO_KIT }, overPoles)).toBe(false)
  expect(is({ kit: 'four poles' }, overPoles)).toBe(true)
  expect(is({ kit: 'cones' }, overPoles)).toBe(false)
})

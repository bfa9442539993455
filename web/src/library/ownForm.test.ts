import { expect, test } from 'vitest'
import { blankForm, copyOf, missingIn, newOwnId, withAmount, withGait, withPlace, withUnit } from './ownForm'
import { blankStage, moved } from './stages'
import { RENVERS } from './library.testing'

const form = blankForm(['the steps get uneven'])

test('gaits are ridden the slower first, each at the one place', () => {
  const both = withGait(withPlace(form, 'CIRCLE'), 'HALT')
  expect(both.steps).toEqual([
    { gait: 'HALT', place: 'CIRCLE' },
    { gait: 'WALK', place: 'CIRCLE' },
  ])
  expect(withGait(both, 'HALT').steps).toEqual([{ gait: 'WALK', place: 'CIRCLE' }])
})

test('the last gait is not taken away', () => {
  expect(withGait(form, 'WALK')).toBe(form)
})

test.each([
  [0, 1],
  [12.4, 12],
  [61, 60],
])('an amount of %s becomes %s', (typed, amount) => {
  expect(withAmount(form, typed).dose).toMatchObject({ least: amount, most: amount })
})

test('minutes take a minute each', () => {
  expect(withUnit(withUnit(form, 'REPEATS'), 'MINUTES').dose.minutesEach).toBe(1)
})

test('a copy rides what its original rides, and begins with its words', () => {
  const copy = copyOf(RENVERS, 'Renvers, my way')
  expect(copy).toMatchObject({
    name: 'Renvers, my way',
    from: 'renvers',
    works: 'OUTSIDE',
    steps: [{ gait: 'TROT', place: 'RAIL' }],
    stopIf: ['knocks its legs'],
    cautions: [],
    dose: RENVERS.dose,
  })
  expect(missingIn(copy)).toEqual([])
})

test('only a name, a feel and a stop sign must be there', () => {
  expect(missingIn({ ...blankForm([]), name: ' ' })).toEqual(['name', 'feel', 'stopIf'])
})

test('every new one has an id of its own kind', () => {
  expect(newOwnId()).toMatch(/^own-[0-9a-f-]{36}$/)
  expect(newOwnId()).not.toBe(newOwnId())
})

test('stages change places, and the ends stay where they are', () => {
  const stages = ['a', 'b', 'c'].map((id) => ({ ...blankStage([]), id }))
  const ids = (at: number, by: -1 | 1) => moved(stages, at, by).map((s) => s.id)
  expect(ids(0, 1)).toEqual(['b', 'a', 'c'])
  expect(ids(2, -1)).toEqual(['a', 'c', 'b'])
  expect(ids(0, -1)).toEqual(['a', 'b', 'c'])
  expect(ids(2, 1)).toEqual(['a', 'b', 'c'])
})

import { beforeEach, expect, test } from 'vitest'
import { EMPTY, keepDraft, readDraft } from './draft'

beforeEach(() => localStorage.clear())

test('what is set up stays with whoever set it up', () => {
  const draft = { ...EMPTY, arena: 'SMALL', pairs: ['p'] }
  keepDraft('ottilie', draft)
  expect(readDraft('ottilie')).toEqual(draft)
  expect(readDraft('kwame')).toEqual(EMPTY)
})

test.each([
  '{',
  'null',
  '7',
  '{"things":7}',
  '{"arena":"SMALL","pairs":[1],"things":[],"sheet":[],"ticks":{}}',
])('what is no draft (%s) is begun anew', (kept) => {
  localStorage.setItem('strophos.ground.ottilie', kept)
  expect(readDraft('ottilie')).toEqual(EMPTY)
})

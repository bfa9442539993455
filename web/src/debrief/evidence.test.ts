import i18next from 'i18next'
import { expect, test } from 'vitest'
import type { Evidence, Missing } from '../api'
import { missingSentence } from '../pair'
import { evidenceSentences, weakerSide } from './evidence'
import type { Text } from '../text'

const t = i18next.t as unknown as Text

const ALL: Evidence[] = [
  {
    kind: 'SIDE',
    side: 'LEFT',
    tallied: 6,
    counted: { successes: 7, total: 10 },
    window: 10,
    needed: 8,
    interval: { low: 0.4, high: 0.89 },
    held: 1,
    toHold: 2,
    missing: [],
    entries: [],
  },
  { kind: 'FORCE', strongest: { successes: 4, total: 10 }, meanStrength: 3.2, entries: [] },
  { kind: 'TRIES', tries: { successes: 3, total: 9 }, entries: [] },
  {
    kind: 'DIFFERENCE',
    left: { successes: 9, total: 10 },
    right: { successes: 3, total: 10 },
    p: 0.02,
    worse: null,
    entries: [],
  },
  { kind: 'TIMES', what: 'FRIGHTS', times: 2, needed: 2, entries: [] },
  { kind: 'DAY', day: '2026-11-20', side: 'RIGHT', successes: { successes: 1, total: 5 }, entries: [] },
  { kind: 'SIGNS', signs: ['UNLEVEL', 'REFUSES_ONE_SIDE'] },
]

test('every number of a rule has its words, and no word is a key', () => {
  const sentences = ALL.flatMap((e) => evidenceSentences(t, 'INSIDE', e))
  expect(sentences).toHaveLength(9)
  for (const sentence of sentences) {
    expect(sentence).not.toMatch(/debrief\.|soundness\.|Rein\.|\{\{|undefined/)
  }
  expect(sentences[0]).toContain('7 of 10')
  expect(sentences[0]).toContain('6 of these asks come from tallies')
  expect(sentences[1]).toContain('3.2')
  expect(sentences[3]).toContain('9 of 10')
})

test('what a sensor measured is said in seconds and times', () => {
  const side = ALL.filter((e) => e.kind === 'SIDE')
  const said = (ruleId: string) => side.flatMap((e) => evidenceSentences(t, 'INSIDE', e, ruleId))
  expect(said('criterion.band')).toEqual(['left: 7 of 10 s in the band'])
  expect(said('criterion.recovery')).toEqual(['left: soft again in time, 7 of 10 times'])
  const nothing = side.map((e) => ({ ...e, counted: { successes: 0, total: 0 } }))
  expect(nothing.flatMap((e) => evidenceSentences(t, 'INSIDE', e, 'criterion.band'))).toEqual([
    'left: nothing measured',
  ])
})

test('the weaker side is the one to which fewer came', () => {
  expect(weakerSide(ALL.filter((e) => e.kind === 'DIFFERENCE'))).toBe('RIGHT')
  expect(weakerSide(ALL.filter((e) => e.kind === 'FORCE'))).toBeUndefined()
})

const MISSING: Missing[] = [
  { kind: 'ASKS', side: 'LEFT', more: 3, window: 10 },
  { kind: 'SUCCESSES', side: 'LEFT', more: 1, window: 10 },
  { kind: 'RUNNING', side: 'LEFT', more: 2, window: 5 },
  { kind: 'CERTAINTY', side: 'RIGHT', lowerEnd: 0.4, asked: 0.45 },
  { kind: 'LESSONS', side: 'RIGHT', more: 1 },
  { kind: 'DAYS', side: 'RIGHT', more: 2 },
  { kind: 'STRETCHES', side: 'LEFT', more: 2, amount: 20, unit: 'STRIDES' },
  { kind: 'LESSONS_WITHOUT', side: 'LEFT', more: 1, fault: 'pulls down' },
  { kind: 'IN_BAND', side: 'LEFT', share: 0.5, asked: 0.8 },
  { kind: 'FOUR_BEATS', side: 'LEFT', feet: 'RIGHT', share: 0.06, low: 0.04, high: 0.08 },
  { kind: 'SECONDS', side: 'LEFT', more: 30 },
  { kind: 'RECOVERIES', side: 'LEFT', more: 1, withinS: 5 },
]

test.each(MISSING)('what is missing has its words: $kind', (m) => {
  expect(missingSentence(t, 'OUTSIDE', m)).not.toMatch(/pair\.|rein\.|\{\{|undefined/)
})

test('a clip that contradicts four clear beats says by which feet, and how far', () => {
  const m: Missing = { kind: 'FOUR_BEATS', side: 'LEFT', feet: 'RIGHT', share: 0.06, low: 0.04, high: 0.08 }
  expect(missingSentence(t, 'INSIDE', m)).toMatch(
    /^left: not four clear beats .*the right fore lands 6 % of a stride .* 4 to 8 %/,
  )
})

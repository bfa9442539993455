import i18next from 'i18next'
import { describe, expect, test } from 'vitest'
import type { Advice, NumberView } from '../api'
import { adviceSentence } from './sentence'

const number = (rein: 'LEFT' | 'RIGHT', count: number): NumberView => ({
  kind: 'SUCCESSES',
  rein,
  count,
  of: 10,
  low: null,
  high: null,
  lessonsHeld: null,
  meanStrength: null,
  p: 0.02,
  what: null,
  entries: [],
})

function advice(decision: Advice['decision'], ruleId: string, more: Partial<Advice> = {}): Advice {
  return {
    decision,
    ruleId,
    book: 'rung-decision/2',
    choices: [],
    beside: [],
    findings: [],
    missing: [],
    ...more,
  }
}

const said = (a: Advice) => adviceSentence(i18next.t, a)

describe('the sentence of an advice', () => {
  test('moves on', () => {
    expect(said(advice('MOVE_ON', 'criterion.rate'))).toBe('Move on: the criterion held on both reins.')
  })

  test('names what is missing, by rein', () => {
    const missing = [
      { kind: 'SUCCESSES', rein: 'RIGHT', more: 2, window: 10, is: null, asked: null, what: null },
      { kind: 'LESSONS', rein: 'LEFT', more: 1, window: null, is: null, asked: null, what: null },
    ] as const
    expect(said(advice('STAY', 'criterion.rate', { missing: [...missing] }))).toBe(
      'Stay: right rein: 2 more good answers in the last 10; left rein: must hold in 1 more lesson.',
    )
  })

  test('names the rein that falls behind', () => {
    const ruleId = 'step-back.one-rein-fails'
    const findings: Advice['findings'] = [
      {
        ruleId,
        verdict: 'MET',
        thresholds: {},
        asks: null,
        needed: null,
        numbers: [number('LEFT', 9), number('RIGHT', 3)],
      },
    ]
    expect(said(advice('STEP_BACK', ruleId, { findings }))).toBe('Step back: the right rein falls behind.')
  })

  test('offers to make it harder beside moving on', () => {
    expect(said(advice('MOVE_ON', 'criterion.rate', { beside: ['STAY_HARDER'] }))).toContain(
      'made harder here',
    )
  })

  test.each([
    ['REOPEN', 'reopen.fails-two-days', /^Re-open: it was passed/],
    ['MOVE_ON', 'reopen.fails-two-days', /^It stays passed/],
    ['STAY_HARDER', 'criterion.rate', /^Stay, make harder/],
    ['GET_HELP', 'get-help.pain-signs', /licensed decides/],
    ['GET_HELP', 'get-help.three-step-backs', /three lessons running/],
    ['STEP_BACK', 'step-back.fright-repeats', /fright/],
  ] as const)('has words for %s by %s', (decision, ruleId, words) => {
    expect(said(advice(decision, ruleId))).toMatch(words)
  })

  test.each(['step-back.forcing', 'step-back.too-few-tries'])('has words for %s', (ruleId) => {
    expect(said(advice('STEP_BACK', ruleId))).toMatch(/^Step back: \w/)
  })
})

import i18next from 'i18next'
import { describe, expect, test } from 'vitest'
import type { Advice, Evidence, Missing } from '../api'
import type { WorkedSide } from '../record'
import { adviceSentence } from './sentence'
import type { Text } from '../text'

const t = i18next.t as unknown as Text

const toSide = (side: 'LEFT' | 'RIGHT', successes: number, missing: Missing[] = []): Evidence => ({
  kind: 'SIDE',
  side,
  counted: { successes, total: 10 },
  window: 10,
  needed: 8,
  tallied: 0,
  interval: { low: 0.1, high: 0.9 },
  held: 0,
  toHold: 2,
  missing,
  entries: [],
})

function advice(decision: Advice['decision'], ruleId: string, more: Partial<Advice> = {}): Advice {
  return {
    decision,
    ruleId,
    book: 'rung-decision/3',
    choices: [],
    beside: [],
    findings: [],
    ...more,
  }
}

const finding = (ruleId: string, ...evidence: Evidence[]): Advice['findings'][number] => ({
  ruleId,
  thresholds: {},
  judgement: { kind: 'BROKEN', evidence },
})

const said = (a: Advice, works: WorkedSide = 'INSIDE') => adviceSentence(t, works, a, 'Marzipan')

describe('the sentence of an advice', () => {
  test('moves on', () => {
    expect(said(advice('MOVE_ON', 'criterion.rate'))).toBe('Move on: it is there on both sides.')
  })

  test('names what is missing, by side', () => {
    const findings = [
      finding(
        'criterion.rate',
        toSide('RIGHT', 6, [{ kind: 'SUCCESSES', side: 'RIGHT', more: 2, window: 10 }]),
        toSide('LEFT', 9, [{ kind: 'LESSONS', side: 'LEFT', more: 1 }]),
      ),
    ]
    expect(said(advice('STAY', 'criterion.rate', { findings }))).toBe(
      'Stay: right: 2 more good answers in the last 10; left: needs one more lesson like this.',
    )
    expect(said(advice('STAY', 'criterion.rate', { findings }), 'OUTSIDE')).toContain(
      'right (left rein): 2 more',
    )
  })

  test('names the side that is far behind', () => {
    const ruleId = 'step-back.one-rein-fails'
    const difference: Evidence = {
      kind: 'DIFFERENCE',
      left: { successes: 9, total: 10 },
      right: { successes: 3, total: 10 },
      p: 0.02,
      worse: 'RIGHT',
      entries: [],
    }
    for (const evidence of [[difference], [toSide('LEFT', 9), toSide('RIGHT', 3)]]) {
      expect(said(advice('STEP_BACK', ruleId, { findings: [finding(ruleId, ...evidence)] }))).toBe(
        'Step back: the right is far behind.',
      )
    }
  })

  test('offers to make it harder beside moving on', () => {
    expect(said(advice('MOVE_ON', 'criterion.rate', { beside: ['STAY_HARDER'] }))).toContain(
      'make it harder here',
    )
  })

  test.each([
    ['REOPEN', 'reopen.fails-two-days', /^Re-open: it was passed/],
    ['MOVE_ON', 'reopen.fails-two-days', /^It stays passed/],
    ['STAY_HARDER', 'criterion.rate', /^Stay and make it harder/],
    ['GET_HELP', 'get-help.pain-signs', /licensed professional/],
    ['GET_HELP', 'get-help.three-step-backs', /three lessons in a row/],
    ['STEP_BACK', 'step-back.fright-repeats', /frighten/],
  ] as const)('has words for %s by %s', (decision, ruleId, words) => {
    expect(said(advice(decision, ruleId))).toMatch(words)
  })

  test.each(['step-back.forcing', 'step-back.too-few-tries'])('has words for %s', (ruleId) => {
    expect(said(advice('STEP_BACK', ruleId))).toMatch(/^Step back: \w/)
  })
})

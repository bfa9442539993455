import i18next from 'i18next'
import { describe, expect, test } from 'vitest'
import type { Advice, Evidence, Missing } from '../api'
import { adviceSentence } from './sentence'
import type { Text } from '../text'

const t = i18next.t as unknown as Text

const onRein = (rein: 'LEFT' | 'RIGHT', successes: number, missing: Missing[] = []): Evidence => ({
  kind: 'REIN',
  rein,
  counted: { successes, total: 10 },
  window: 10,
  needed: 8,
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
    book: 'rung-decision/2',
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

const said = (a: Advice) => adviceSentence(t, a)

describe('the sentence of an advice', () => {
  test('moves on', () => {
    expect(said(advice('MOVE_ON', 'criterion.rate'))).toBe('Move on: the criterion held on both reins.')
  })

  test('names what is missing, by rein', () => {
    const findings = [
      finding(
        'criterion.rate',
        onRein('RIGHT', 6, [{ kind: 'SUCCESSES', rein: 'RIGHT', more: 2, window: 10 }]),
        onRein('LEFT', 9, [{ kind: 'LESSONS', rein: 'LEFT', more: 1 }]),
      ),
    ]
    expect(said(advice('STAY', 'criterion.rate', { findings }))).toBe(
      'Stay: right rein: 2 more good answers in the last 10; left rein: must hold in 1 more lesson.',
    )
  })

  test('names the rein that falls behind', () => {
    const ruleId = 'step-back.one-rein-fails'
    const difference: Evidence = {
      kind: 'DIFFERENCE',
      left: { successes: 9, total: 10 },
      right: { successes: 3, total: 10 },
      p: 0.02,
      worse: 'RIGHT',
      entries: [],
    }
    for (const evidence of [[difference], [onRein('LEFT', 9), onRein('RIGHT', 3)]]) {
      expect(said(advice('STEP_BACK', ruleId, { findings: [finding(ruleId, ...evidence)] }))).toBe(
        'Step back: the right rein falls behind.',
      )
    }
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

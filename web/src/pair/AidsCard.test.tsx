import { screen } from '@testing-library/react'
import { expect, test } from 'vitest'
import type { AidsOfPair } from '../api'
import { show, text } from '../page.testing'
import { AidsCard } from './AidsCard'

const share = (count: number, of: number, isGood: boolean | null = null, fewest = 0) => ({
  count,
  of,
  isGood,
  fewest,
})

const aids = (more: Partial<AidsOfPair>): AidsOfPair => ({ lessons: 12, measures: [], missed: [], ...more })

const open = (answer: AidsOfPair) =>
  show(<AidsCard pair="p" />, { answers: { 'GET /api/v1/pairs/p/aids': answer } })

test('earlier lessons stand beside later ones, and the rider is told where a rule is broken', async () => {
  open(
    aids({
      measures: [
        { measure: 'INTO_THE_HAND', lessons: 9, earlier: share(9, 30), lately: share(12, 40, false, 5) },
        { measure: 'CORRECTED', lessons: 4, earlier: share(8, 10), lately: share(9, 10) },
      ],
    }),
  )
  const [hand, corrected] = await screen.findAllByRole('definition')
  expect(hand).toHaveTextContent(
    text('aids.moved', {
      earlier: text('aids.share', { count: 9, of: 30 }),
      lately: text('aids.share', { count: 12, of: 40 }),
      count: 9,
    }),
  )
  expect(hand).toHaveTextContent(text('rule.aids-drives-into-the-hand'))
  expect(corrected, 'no rule judges errors under several policies').toHaveTextContent(
    text('aids.share', { count: 9, of: 10 }),
  )
})

test('too few are said to be too few', async () => {
  open(
    aids({
      measures: [{ measure: 'LIGHTLY', lessons: 2, earlier: share(1, 2), lately: share(1, 3, null, 5) }],
    }),
  )
  expect(await screen.findByText(text('aids.tooFew', { count: 5 }))).toBeVisible()
})

test('releases that never came are listed by exercise and rein', async () => {
  open(aids({ missed: [{ exercise: 'Circle', rein: 'RIGHT', missed: 4, total: 6 }] }))
  const on = text('aids.missedOn', { exercise: 'Circle', rein: text('rein.RIGHT'), missed: 4, total: 6 })
  expect(await screen.findByText(text('aids.missed', { list: on }))).toBeVisible()
})

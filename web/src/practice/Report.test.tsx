import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, expect, test, vi } from 'vitest'
import { assignment, show, text } from '../page.testing'
import { shelfOf } from '../store'
import { Report } from './Report'

afterEach(() => vi.restoreAllMocks())

const RIDDEN = { leftS: 200, rightS: 190, startedMs: Date.UTC(2026, 10, 24, 17), offsetMs: 1000 }

function open(more: Partial<Parameters<typeof Report>[0]> = {}) {
  const onDone = vi.fn()
  const { me } = show(<Report card={assignment()} {...RIDDEN} {...more} onDone={onDone} />, {
    me: { role: 'RIDER', actions: ['PRACTISE'] },
  })
  return { onDone, user: userEvent.setup(), kept: () => shelfOf(me.person).practices.toArray() }
}

test('one touch says how it went, and is kept here first', async () => {
  const { onDone, user, kept } = open()
  await user.click(screen.getByRole('button', { name: text('feel.EASY') }))
  await vi.waitFor(() => expect(onDone).toHaveBeenCalledWith(true))
  expect(await kept()).toEqual([
    expect.objectContaining({
      assignment: 'a',
      feel: 'EASY',
      leftS: 200,
      rightS: 190,
      startedAt: '2026-11-24T17:00:01.000Z',
      stopSigns: [],
      question: null,
      secondBest: false,
      passage: 'waiting',
    }),
  ])
})

test('signs are flipped on and off, and a question goes with it', async () => {
  const { onDone, user, kept } = open()
  const unlevel = screen.getByRole('button', { name: text('stopSign.UNLEVEL') })
  await user.click(screen.getByRole('button', { name: text('stopSign.FRIGHT') }))
  await user.click(unlevel)
  await user.click(unlevel)
  expect(unlevel).toHaveAttribute('aria-pressed', 'false')
  await user.type(screen.getByLabelText(text('practice.question')), ' the left again? ')
  await user.click(screen.getByRole('button', { name: text('practice.secondBest') }))
  await user.click(screen.getByRole('button', { name: text('feel.NOT_YET') }))
  await vi.waitFor(() => expect(onDone).toHaveBeenCalledWith(true))
  expect(await kept()).toEqual([
    expect.objectContaining({
      stopSigns: ['FRIGHT'],
      question: 'the left again?',
      secondBest: true,
      feel: 'NOT_YET',
    }),
  ])
})

test('counts are asked where the gate wants them, all good until somebody says less', async () => {
  const { onDone, user, kept } = open({ card: assignment({ goodShare: 0.8 }) })
  await user.click(screen.getByRole('button', { name: text('feel.GETTING_THERE') }))
  await vi.waitFor(() => expect(onDone).toHaveBeenCalled())
  expect(await kept()).toEqual([expect.objectContaining({ leftGood: 6, leftCounted: 6, rightCounted: 6 })])
})

test('what is not reported is not kept', async () => {
  const { onDone, user, kept } = open()
  await user.click(screen.getByRole('button', { name: text('practice.dontReport') }))
  expect(onDone).toHaveBeenCalledWith(false)
  expect(await kept()).toEqual([])
})

import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test, vi } from 'vitest'
import { lesson, packet, show, text } from '../page.testing'
import { shelfOf } from '../store'
import { FeltFirst } from './FeltFirst'

const ridden = lesson({ horse: 'Vesper' })

function open(isMeasured: boolean) {
  const onDone = vi.fn()
  const shown = show(<FeltFirst lesson={ridden} isMeasured={isMeasured} onDone={onDone} />, {
    answers: { [`GET /api/v1/lessons/${ridden.id}/packet`]: packet(ridden) },
  })
  return { ...shown, onDone }
}

const hand = (side: 'LEFT' | 'RIGHT') => screen.getByLabelText(text(`riderFelt.hand.${side}`))

test('where the reins were measured the rider guesses how much was in them', async () => {
  const { me, onDone } = open(true)
  const user = userEvent.setup()
  await user.type(hand('LEFT'), '3')
  await user.type(hand('RIGHT'), '4')
  const keep = screen.getByRole('button', { name: text('riderFelt.keep') })
  await vi.waitFor(() => expect(keep).toBeEnabled())
  await user.click(keep)
  await vi.waitFor(() => expect(onDone).toHaveBeenCalled())
  const log = await shelfOf(me.person).entries.toArray()
  expect(log.find((e) => e.kind === 'rider_felt')?.payload).toEqual({ leftKg: 3, rightKg: 4 })
})

test.each(['21', '-1', '3.5', 'x'])('%s is no guess, and is not kept', async (typed) => {
  open(true)
  await userEvent.type(hand('LEFT'), typed)
  expect(hand('LEFT')).toBeInvalid()
  expect(screen.getByText(text('riderFelt.notKg'))).toBeVisible()
  expect(screen.getByRole('button', { name: text('riderFelt.keep') })).toBeDisabled()
})

test('where nothing was measured nothing is guessed', () => {
  open(false)
  expect(screen.queryByLabelText(text('riderFelt.hand.LEFT'))).not.toBeInTheDocument()
})

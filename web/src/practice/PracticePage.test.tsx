import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, expect, test, vi } from 'vitest'
import { assignment, cards, show, text } from '../page.testing'
import { shelfOf } from '../store'
import PracticePage from './PracticePage'

afterEach(() => vi.restoreAllMocks())

const ROUTE = 'GET /api/v1/practice'
const card = assignment({
  id: 'a',
  turns: [
    { rein: 'LEFT', seconds: 120 },
    { rein: 'RIGHT', seconds: 120 },
  ],
})

function open(answer: unknown) {
  const { me } = show(<PracticePage />, {
    me: { role: 'RIDER', actions: ['PRACTISE'] },
    answers: answer === undefined ? {} : { [ROUTE]: answer },
  })
  return { user: userEvent.setup(), shelf: shelfOf(me.person) }
}

const start = () => screen.findByRole('button', { name: text('practice.start') })

test('today’s card says what to do and what to stop at, and the stair stands below it', async () => {
  open(cards(card))
  expect(await screen.findByRole('heading', { level: 1 })).toHaveTextContent('Counter-bend on the rail')
  expect(screen.getByText('Turn the nose to the fence.')).toBeVisible()
  expect(screen.getByRole('heading', { name: text('practice.stair') })).toBeVisible()
  expect(screen.getByRole('button', { name: text('wrong.title') })).toBeVisible()
  expect(screen.getByText(`${text('shot.SIDE')}; ${text('shot.FEET')}`)).toBeVisible()
})

test('the timer runs rein by rein, is kept on the device, and ends in the report', async () => {
  const { user, shelf } = open(cards(card))
  await user.click(await start())
  const timer = await screen.findByRole('timer')
  expect(within(timer).getByRole('heading')).toBeVisible()
  expect(await shelf.timers.count()).toBe(1)
  await user.click(screen.getByRole('button', { name: text('practice.toReport') }))
  await user.click(await screen.findByRole('button', { name: text('feel.EASY') }))
  await waitFor(async () => expect(await shelf.practices.count()).toBe(1))
  expect(await shelf.timers.count()).toBe(0)
})

test('with nothing set it says so', async () => {
  open({ pairs: [], serverMs: Date.now() })
  expect(await screen.findByRole('heading', { name: text('practice.empty') })).toBeVisible()
})

test('without a network it shows what was kept, or says that nothing was', async () => {
  open(undefined)
  expect(await screen.findByRole('alert')).toHaveTextContent(text('practice.notHere'))
})

test('something wrong pauses the horse at once: what to do now, and no start', async () => {
  const { user, shelf } = open(cards(card))
  await start()
  await user.click(screen.getByRole('button', { name: text('wrong.title') }))
  const signs = within(await screen.findByRole('dialog'))
  await user.click(signs.getByRole('button', { name: new RegExp(text('stopSign.UNLEVEL')) }))
  await waitFor(async () =>
    expect(await shelf.signs.toArray()).toEqual([
      expect.objectContaining({ sign: 'UNLEVEL', pair: card.pair }),
    ]),
  )
  expect(screen.queryByRole('button', { name: text('practice.start') })).toBeNull()
})

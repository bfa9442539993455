import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import type { Lesson, Packet, Plan } from '../api'
import { lesson, packet, show, step, text } from '../page.testing'
import { shelfOf } from '../store'
import RidePage from './RidePage'

let planned: Lesson
beforeEach(() => {
  planned = lesson()
})
afterEach(() => vi.restoreAllMocks())

/** The page of a lesson whose packet was fetched; nothing that is said there gets away. */
async function open(plan: Partial<Plan> = {}, more: Partial<Packet> = {}) {
  const { me } = show(<RidePage />, {
    path: '/lessons/:id/ride',
    at: `/lessons/${planned.id}/ride`,
    answers: { [`GET /api/v1/lessons/${planned.id}/packet`]: packet(planned, more, plan) },
  })
  await screen.findByRole('heading', { name: /Marzipan/ })
  const kinds = async () => (await shelfOf(me.person).entries.toArray()).map((e) => e.kind)
  return { user: userEvent.setup(), kinds, kept: () => shelfOf(me.person).entries.toArray() }
}

async function begin(plan?: Partial<Plan>, more?: Partial<Packet>) {
  const opened = await open(plan, more)
  await opened.user.click(screen.getByRole('button', { name: text('ride.begin') }))
  await screen.findByRole('group', { name: text('ride.pad') })
  return opened
}

const cell = (count: number) => text('ride.cell', { response: text('response.YES'), strength: 2, count })

test('the cautions stand before the key that begins, what the plan warns of first', async () => {
  await open({ notes: [{ code: 'WALK_ONLY', grave: true, values: {} }] })
  const caution = screen.getByText(text('ride.caution'))
  const warned = screen.getByText(text('planNote.WALK_ONLY'))
  const key = screen.getByRole('button', { name: text('ride.begin') })
  expect(warned.compareDocumentPosition(caution) & Node.DOCUMENT_POSITION_FOLLOWING).toBeTruthy()
  expect(caution.compareDocumentPosition(key) & Node.DOCUMENT_POSITION_FOLLOWING).toBeTruthy()
})

test('a lesson begins with what is in work, and a touch is counted on its rein', async () => {
  const { user, kept } = await begin()
  await user.click(screen.getByRole('button', { name: cell(0) }))
  expect(await screen.findByRole('button', { name: cell(1) })).toBeVisible()
  const segment: unknown = expect.objectContaining({
    exercise: 'counter-bend',
    gait: 'WALK',
    mounted: 'RIDER',
  })
  await waitFor(async () =>
    expect((await kept()).map((e) => [e.kind, e.payload, e.passage])).toEqual(
      expect.arrayContaining([
        ['lesson_started', {}, 'waiting'],
        ['segment', segment, 'waiting'],
        ['exchange', expect.objectContaining({ strength: 2, response: 'YES' }), 'waiting'],
      ]),
    ),
  )
})

test('the other rein has a pad of its own, and an ask is taken back and put back', async () => {
  const { user } = await begin()
  await user.click(screen.getByRole('button', { name: cell(0) }))
  await screen.findByRole('button', { name: cell(1) })
  const reins = (['LEFT', 'RIGHT'] as const).map((r) =>
    screen.getByRole('button', { name: text(`Rein.${r}`) }),
  )
  const other = reins.find((r) => r.getAttribute('aria-pressed') === 'false') as HTMLElement
  await user.click(other)
  await user.click(await screen.findByRole('button', { name: cell(0) }))
  await screen.findByRole('button', { name: cell(1) })
  await user.click(screen.getByRole('button', { name: text('ride.undo') }))
  await screen.findByRole('button', { name: cell(0) })
  await user.click(screen.getByRole('button', { name: text('ride.putBack') }))
  expect(await screen.findByRole('button', { name: cell(1) })).toBeVisible()
})

test('a stop sign ends the work: what to do now, and no pad', async () => {
  const { user, kinds } = await begin()
  await user.click(screen.getByRole('button', { name: text('wrong.title') }))
  const signs = within(await screen.findByRole('dialog'))
  await user.click(signs.getByRole('button', { name: new RegExp(text('stopSign.UNLEVEL')) }))
  await waitFor(() => expect(screen.queryByRole('group', { name: text('ride.pad') })).toBeNull())
  expect(screen.queryByRole('button', { name: text('ride.begin') })).toBeNull()
  expect(await kinds()).toContain('stop_sign')
  expect(await screen.findByRole('group', { name: text('wrong.side') })).toBeVisible()
})

test('a lesson that is over asks how hard it was, and shows the way on', async () => {
  const { user, kinds } = await begin()
  await user.click(screen.getByRole('button', { name: text('ride.end') }))
  expect(await screen.findByRole('link', { name: text('ride.toDebrief') })).toBeVisible()
  expect(screen.queryByText(text('ride.caution'))).toBeNull()
  expect(await kinds()).toContain('lesson_ended')
})

test('where the exercise leaves the side open it is one touch, and goes with the segment', async () => {
  const turnAway = step({ exercise: 'turn-away', rung: 'turn-away.walk.rail', works: 'CHOSEN' })
  const { user, kept } = await begin({}, { rungs: [turnAway] })
  const side = () =>
    within(screen.getByRole('group', { name: text('ride.whichSide') })).getByRole('button', {
      name: text('side.RIGHT'),
    })
  await user.click(side())
  await waitFor(() => expect(side()).toHaveAttribute('aria-pressed', 'true'))
  const said = (await kept()).filter((e) => e.kind === 'segment').map((e) => e.payload)
  expect(said.at(-1)).toMatchObject({ exercise: 'turn-away', side: 'RIGHT' })
})

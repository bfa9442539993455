import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, expect, test, vi } from 'vitest'
import { lesson, packet, show, text } from '../page.testing'
import { shelfOf } from '../store'
import LookPage from './LookPage'

afterEach(() => vi.restoreAllMocks())

const planned = lesson()
const PACKET = `GET /api/v1/lessons/${planned.id}/packet`

async function open(answers: Record<string, unknown> = { [PACKET]: packet(planned) }) {
  const shown = show(<LookPage />, { path: '/lessons/:id/look', at: `/lessons/${planned.id}/look`, answers })
  await screen.findByRole('heading', { name: /Marzipan/ })
  const kept = async () =>
    (await shelfOf(shown.me.person).entries.toArray())
      .filter((e) => e.kind !== 'clock')
      .map(({ kind, payload }) => ({ kind, payload }))
  return { ...shown, kept, user: userEvent.setup() }
}

const step = (row: string, name: string) =>
  within(screen.getByRole('group', { name: row })).getByRole('button', { name })
const side = (row: string, of: 'LEFT' | 'RIGHT') => `${text(row)}, ${text(`side.${of}`)}`

test('what is touched is kept here, with no network, and the focus is said to come later', async () => {
  const { kept, user } = await open()
  const keep = screen.getByRole('button', { name: text('look.keep') })
  expect(keep).toBeDisabled()
  await user.click(step(side('look.bend', 'RIGHT'), `2: ${text('score.bend.2')}`))
  await user.click(step(text('look.halt'), `4: ${text('score.halt.4')}`))
  await user.click(keep)
  await waitFor(async () =>
    expect(await kept()).toEqual([{ kind: 'first_look', payload: { bendRight: 2, halt: 4 } }]),
  )
  expect(await screen.findByText(text('look.later'))).toBeVisible()
})

test('touched again it is let go, and there is nothing to keep', async () => {
  const { user } = await open()
  const sound = step(text('look.soundness'), text('soundness.SOUND'))
  await user.click(sound)
  expect(sound).toHaveAttribute('aria-pressed', 'true')
  await user.click(sound)
  expect(sound).toHaveAttribute('aria-pressed', 'false')
  expect(screen.getByRole('button', { name: text('look.keep') })).toBeDisabled()
})

test('one or both reins is asked only of a heavy shoulder, and goes with it', async () => {
  const { kept, user } = await open()
  const both = () => screen.queryByRole('group', { name: text('look.shoulderBoth') })
  expect(both()).toBeNull()
  await user.click(step(text('look.shoulder'), text('look.weight.2')))
  await user.click(step(text('look.shoulderBoth'), text('look.bothReins')))
  await user.click(step(text('look.shoulder'), text('look.weight.0')))
  expect(both()).toBeNull()
  await user.click(screen.getByRole('button', { name: text('look.keep') }))
  await waitFor(async () =>
    expect(await kept()).toEqual([{ kind: 'first_look', payload: { shoulder: 0, shoulderBoth: undefined } }]),
  )
})

test('each size of circle is there once a side, and none of them as well', async () => {
  await open()
  const circles = within(screen.getByRole('group', { name: side('look.circle', 'LEFT') }))
  const names = circles.getAllByRole('button').map((b) => b.getAttribute('aria-label'))
  const metres = [20, 15, 12, 10, 8].map((m) => text('look.metres', { metres: m }))
  expect(names).toEqual([...metres, text('look.onNone')])
})

test('a lesson this device has never met is said to be missing, not empty', async () => {
  show(<LookPage />, { path: '/lessons/:id/look', at: `/lessons/${lesson().id}/look` })
  expect(await screen.findByRole('alert')).toHaveTextContent(text('ride.notHere'))
})

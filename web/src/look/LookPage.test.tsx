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
    expect(await kept()).toEqual([
      { kind: 'first_look', payload: { bendRight: 2, bendAt: { inHand: true }, halt: 4 } },
    ]),
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
  await waitFor(async () => expect(await kept()).toEqual([{ kind: 'first_look', payload: { shoulder: 0 } }]))
})

test('each size of circle is asked once of a side that bends little, and none of them as well', async () => {
  const { user } = await open()
  await user.click(step(side('look.bend', 'RIGHT'), `3: ${text('score.bend.3')}`))
  expect(screen.queryByRole('group', { name: side('look.circle', 'RIGHT') })).toBeNull()
  await user.click(step(side('look.bend', 'LEFT'), `2: ${text('score.bend.2')}`))
  const circles = within(screen.getByRole('group', { name: side('look.circle', 'LEFT') }))
  const names = circles.getAllByRole('button').map((b) => b.getAttribute('aria-label'))
  const metres = [20, 15, 12, 10, 8].map((m) => text('look.metres', { metres: m }))
  expect(names).toEqual([...metres, text('look.onNone')])
})

test('as last time takes over what was seen then, but soundness, and ticks it where one stands', async () => {
  const before = {
    lesson: 'l',
    at: '2026-11-20T17:00:00Z',
    checks: {
      soundness: 'UNLEVEL',
      halt: 3,
      jawLeft: 1,
      jawRight: 3,
      jawAt: { mounted: true },
      riddenToday: 40,
    },
  }
  const { kept, user } = await open({ [PACKET]: { ...packet(planned), looksBefore: [before] } })
  await user.click(screen.getByRole('button', { name: text('look.at.standing') }))
  await user.click(screen.getByRole('button', { name: text('look.asLast', { date: '20 Nov' }) }))
  await user.click(step(text('look.soundness'), text('soundness.SOUND')))
  await user.click(screen.getByRole('button', { name: text('look.keep') }))
  await waitFor(async () =>
    expect(await kept()).toEqual([
      {
        kind: 'first_look',
        payload: { soundness: 'SOUND', halt: 3, jawLeft: 1, jawRight: 3, jawAt: { standing: true } },
      },
    ]),
  )
})

test('what was left open last time and what helped stand before the first check', async () => {
  const left = packet(planned)
  const names = left.rungs.map((r) => `${r.name}, ${text(`gait.${r.gait}`)}`)
  const help = { rung: 'Strike-off', exercise: 'Step back', basis: 'HINT' as const, days: 5, of: 6 }
  await open({
    [PACKET]: {
      ...left,
      lastTime: { open: left.rungs.map((r) => r.rung), helps: [help], note: 'begin on the right rein' },
    },
  })
  expect(screen.getByText(/begin on the right rein/)).toHaveTextContent(text('nextTime.from'))
  expect(screen.getByText(text('look.open'))).toBeVisible()
  expect(screen.getByText(names.join())).toBeVisible()
  expect(screen.getByText(text('look.helped.HINT', { ...help }))).toBeVisible()
})

test('both sides are scored by one touch, and one alone where they differ; a second station makes it found', async () => {
  const { kept, user } = await open()
  const jaw = text('look.jaw')
  await user.click(step(jaw, `${text('look.which.BOTH')}, 3: ${text('score.jaw.3')}`))
  await user.selectOptions(screen.getByLabelText(`${jaw}, ${text('look.side')}`), 'RIGHT')
  await user.click(step(jaw, `${text('look.which.RIGHT')}, 1: ${text('score.jaw.1')}`))
  const ticks = screen.getByRole('group', { name: text('look.seenAt', { name: jaw }) })
  expect(ticks).toHaveTextContent(text('certainty.SUSPECTED'))
  await user.click(within(ticks).getByRole('button', { name: text('look.at.mounted') }))
  expect(ticks).toHaveTextContent(text('certainty.FOUND'))
  await user.click(screen.getByRole('button', { name: text('look.keep') }))
  await waitFor(async () =>
    expect(await kept()).toEqual([
      {
        kind: 'first_look',
        payload: { jawLeft: 3, jawRight: 1, jawAt: { inHand: true, mounted: true } },
      },
    ]),
  )
})

test('a full look of a horse that goes well is fourteen touches', async () => {
  const { kept, user } = await open()
  const touches: [string, string][] = [
    [text('look.soundness'), text('soundness.SOUND')],
    ...(['calm', 'attention', 'halt', 'haltFaster', 'leg', 'tempo', 'hand', 'rider'] as const).map(
      (check): [string, string] => [text(`look.${check}`), `4: ${text(`score.${check}.4`)}`],
    ),
    ...(['jaw', 'hind'] as const).map((check): [string, string] => [
      text(`look.${check}`),
      `${text('look.which.BOTH')}, 4: ${text(`score.${check}.4`)}`,
    ]),
    [side('look.bend', 'LEFT'), `4: ${text('score.bend.4')}`],
    [side('look.bend', 'RIGHT'), `4: ${text('score.bend.4')}`],
    [text('look.shoulder'), text('look.weight.0')],
  ]
  expect(touches).toHaveLength(14)
  for (const [row, key] of touches) await user.click(step(row, key))
  await user.click(screen.getByRole('button', { name: text('look.keep') }))
  await waitFor(async () =>
    expect((await kept())[0]?.payload).toEqual({
      soundness: 'SOUND',
      calm: 4,
      attention: 4,
      halt: 4,
      haltFaster: 4,
      leg: 4,
      tempo: 4,
      hand: 4,
      rider: 4,
      jawLeft: 4,
      jawRight: 4,
      hindLeft: 4,
      hindRight: 4,
      bendLeft: 4,
      bendRight: 4,
      shoulder: 0,
    }),
  )
})

test('what explains a low score is asked only then', async () => {
  const { user } = await open()
  expect(screen.queryByRole('group', { name: text('look.balks') })).toBeNull()
  await user.click(step(text('look.leg'), `1: ${text('score.leg.1')}`))
  expect(screen.getByRole('group', { name: text('look.balks') })).toBeVisible()
  expect(screen.queryByRole('group', { name: text('look.seat') })).toBeNull()
  await user.click(
    within(screen.getByRole('group', { name: text('look.here') })).getByText(text('look.at.mounted')),
  )
  await user.click(step(text('look.rider'), `2: ${text('score.rider.2')}`))
  expect(screen.getByRole('group', { name: text('look.seat') })).toBeVisible()
})

test('what the horse did before is said from the record', async () => {
  const known = packet(planned)
  const work = { daysSince: 1, minutesToday: 25, minutesYesterday: 40, weekLoad: 300, weekLoadBefore: 240 }
  await open({ [PACKET]: { ...known, plan: { ...known.plan, work } } })
  expect(screen.getByText(/Last ridden yesterday/)).toHaveTextContent(
    `${text('look.work.since_one', { minutes: 40 })} ${text('look.work.today', { minutes: 25 })} ${text('look.work.week', { now: 300, before: 240 })}`,
  )
})

test('a lesson this device has never met is said to be missing, not empty', async () => {
  show(<LookPage />, { path: '/lessons/:id/look', at: `/lessons/${lesson().id}/look` })
  expect(await screen.findByRole('alert')).toHaveTextContent(text('ride.notHere'))
})

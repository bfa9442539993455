import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test, vi } from 'vitest'
import { v7 } from 'uuid'
import type { PlaitOfLesson } from '../api'
import { lesson, show, text } from '../page.testing'
import { PlaitCard } from './PlaitCard'
import { PlaitOfClip } from './PlaitOfClip'
import { touched } from './paint'
import { LANES } from './lanes'

class NoResize {
  observe = () => undefined
  disconnect = () => undefined
}
Object.assign(window, { ResizeObserver: NoResize })

const { id } = lesson()

const SEGMENT = v7()

const PLAIT: NonNullable<PlaitOfLesson['plait']> = {
  from: '2026-11-24T16:10:00Z',
  lengthMs: 600_000,
  turns: [
    {
      entry: 's1',
      fromMs: 0,
      toMs: 600_000,
      exercise: 'circle-bend',
      name: 'Bend on the circle',
      gait: 'TROT',
      rein: 'LEFT',
      mounted: 'RIDER',
    },
  ],
  rests: [],
  kinds: [
    { strand: 'RIDER', sort: 'ASK', name: '2', side: 'NONE', count: 2 },
    { strand: 'RIDER', sort: 'FAULT', name: 'leg-back', side: 'LEFT', count: 1 },
    { strand: 'HORSE', sort: 'ANSWER', name: 'BRACE', side: 'NONE', count: 1 },
    { strand: 'HORSE', sort: 'ANSWER', name: 'YES', side: 'NONE', count: 1 },
  ],
  events: [
    { entry: 0, kind: 1, fromMs: 8_000, toMs: 8_000, isOwn: true },
    { entry: 1, kind: 0, fromMs: 10_000, toMs: 10_000, isOwn: true },
    { entry: 1, kind: 2, fromMs: 10_000, toMs: 10_000, isOwn: true },
    { entry: 2, kind: 0, fromMs: 500_000, toMs: 500_000, isOwn: true },
    { entry: 2, kind: 3, fromMs: 500_000, toMs: 500_000, isOwn: true },
  ],
  said: [
    { id: 'f1', kind: 'fault', v: 1, payload: { segment: SEGMENT, name: 'leg-back', side: 'LEFT' } },
    { id: 'x1', kind: 'exchange', v: 1, payload: { segment: SEGMENT, strength: 2, response: 'BRACE' } },
    { id: 'x2', kind: 'exchange', v: 1, payload: { segment: SEGMENT, strength: 2, response: 'YES' } },
  ],
  meetings: [
    {
      one: 0,
      other: 1,
      ones: 2,
      onesMet: 1,
      others: 1,
      othersMet: 1,
      events: [0, 1],
      adjusted: null,
      isOftener: false,
    },
    {
      one: 1,
      other: 2,
      ones: 1,
      onesMet: 1,
      others: 1,
      othersMet: 1,
      events: [0, 2],
      adjusted: 0.03,
      isOftener: true,
    },
    {
      one: 1,
      other: 3,
      ones: 1,
      onesMet: 0,
      others: 1,
      othersMet: 0,
      events: [],
      adjusted: 1,
      isOftener: false,
    },
  ],
  withinS: 5,
}

const open = () => {
  show(<PlaitCard lesson={id} />, { answers: { [`GET /api/v1/lessons/${id}/plait`]: { plait: PLAIT } } })
  return userEvent.setup()
}

const pick = async (user: ReturnType<typeof userEvent.setup>, strand: string, name: RegExp) => {
  const group = await screen.findByRole('group', { name: text(`plait.strand.${strand}`) })
  await user.click(within(group).getByRole('button', { name }))
}

test('two kinds are chosen: how often they meet, how often not, and whether chance would bring it', async () => {
  const user = open()
  await pick(user, 'RIDER', /leg back/i)
  expect(screen.getByText(text('plait.chooseOther'))).toBeInTheDocument()
  await pick(user, 'HORSE', /Brace/)
  expect(screen.getByText(/p 0\.03/)).toBeInTheDocument()
  // the third takes the place of the first
  await pick(user, 'HORSE', /Yes/)
  expect(screen.getByText(text('plait.noMoment'))).toBeInTheDocument()
  await pick(user, 'HORSE', /Brace/)
  await pick(user, 'RIDER', /leg back/i)
  expect(screen.getByText(new RegExp(text('plait.never')))).toBeInTheDocument()
})

test('the list says the same as the drawing, says what meets, and opens the entry', async () => {
  const user = open()
  await user.click(await screen.findByRole('button', { name: text('plait.asList') }))
  const list = within(screen.getByRole('list', { name: text('plait.list') }))
  expect(list.getAllByRole('button')).toHaveLength(3)
  await pick(user, 'RIDER', /leg back/i)
  await pick(user, 'HORSE', /Brace/)
  expect(list.getAllByRole('button')).toHaveLength(2)
  expect(list.getAllByText(new RegExp(text('plait.meets')))).toHaveLength(2)
  await user.click(list.getByRole('button', { name: /Brace/ }))
  expect(document.querySelector('[data-entry=exchange]')).toHaveTextContent('0:10')
})

test('by keys it goes from one meeting to the next', async () => {
  const user = open()
  await pick(user, 'RIDER', /leg back/i)
  await pick(user, 'HORSE', /Brace/)
  document.querySelector<HTMLElement>('[data-plait]')?.focus()
  await user.keyboard('+++n')
  expect(document.querySelector('[data-entry=fault]')).toHaveTextContent('0:08')
  await user.keyboard('n')
  expect(document.querySelector('[data-entry=exchange]')).toHaveTextContent('0:10')
  await user.keyboard('{Escape}')
  expect(document.querySelector('[data-entry]')).toBeNull()
})

test('a touch takes the event that is nearest, and none where nothing is near', () => {
  const where = { plait: PLAIT, stretch: { fromMs: 0, toMs: 20_000 }, width: 1000 }
  expect(touched(where, 402, LANES.riderMarks)).toBe(0)
  expect(touched(where, 500, LANES.riderBase - LANES.strength)).toBe(1)
  expect(touched(where, 495, LANES.horseFirst + 2 * LANES.row)).toBe(2)
  expect(touched(where, 700, LANES.horseFirst)).toBeUndefined()
})

test('a spoken note is listened to where it lies', async () => {
  const spoken: NonNullable<PlaitOfLesson['plait']> = {
    ...PLAIT,
    kinds: [...PLAIT.kinds, { strand: 'COACH', sort: 'VOICE', name: '', side: 'NONE', count: 1 }],
    events: [...PLAIT.events, { entry: 3, kind: 4, fromMs: 550_000, toMs: 550_000, isOwn: true }],
    said: [
      ...PLAIT.said,
      { id: 'v1', kind: 'voice', v: 1, payload: { sha256: 'ab'.repeat(32), durationMs: 4000 } },
    ],
  }
  show(<PlaitCard lesson={id} />, { answers: { [`GET /api/v1/lessons/${id}/plait`]: { plait: spoken } } })
  const user = userEvent.setup()
  await user.click(await screen.findByRole('button', { name: text('plait.asList') }))
  const list = within(screen.getByRole('list', { name: text('plait.list') }))
  await user.click(list.getAllByRole('button').at(-1) as HTMLElement)
  expect(
    screen.getByRole('button', { name: text('voice.play', { at: '9:10', time: '0:04' }) }),
  ).toBeInTheDocument()
})

test('beside a clip only its part is seen, and N goes to the frame of the next event', async () => {
  const onSeek = vi.fn()
  show(
    <PlaitOfClip
      lesson={id}
      startMs={Date.parse(PLAIT.from) + 1_000}
      durationMs={60_000}
      atMs={0}
      waiting={0}
      onSeek={onSeek}
    />,
    { answers: { [`GET /api/v1/lessons/${id}/plait`]: { plait: PLAIT } } },
  )
  const inClip = PLAIT.events.filter((e) => e.fromMs >= 1_000 && e.fromMs <= 61_000)
  expect(inClip.length).toBeGreaterThan(0)
  const drawing = await screen.findByRole('img', { name: text('plait.onClip', { count: inClip.length }) })
  drawing.focus()
  await userEvent.keyboard('n')
  const first = Math.min(...inClip.map((e) => e.fromMs).filter((ms) => ms > 1_001))
  expect(onSeek).toHaveBeenCalledWith(first - 1_000)
})

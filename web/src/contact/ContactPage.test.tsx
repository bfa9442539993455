import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, expect, test, vi } from 'vitest'
import type { ContactOfLesson, RecordingHere, ReinOfSpan } from '../api'
import { lesson, show, text } from '../page.testing'
import ContactPage from './ContactPage'

afterEach(() => vi.restoreAllMocks())

class NoResize {
  observe = () => undefined
  disconnect = () => undefined
}
Object.assign(window, { ResizeObserver: NoResize })

const LESSON = '01911111-0000-7000-8000-00000000000a'
const PATH = `/api/v1/lessons/${LESSON}`

const rein = (more: Partial<ReinOfSpan> = {}): ReinOfSpan => ({
  levelKg: 3,
  highKg: 3.24,
  medianKg: 2,
  slackShare: 0,
  inBandShare: 0.9,
  overAMinute: 0,
  heavy: null,
  ...more,
})

const recording: RecordingHere = {
  id: '01911111-0000-7000-8000-0000000000a1',
  name: 'vesper.csv',
  startedAt: '2026-11-24T10:00:00Z',
  rateHz: 99.7,
  seconds: 90,
  minutes: 2,
  version: 3,
  isWhole: true,
  missing: [],
  jitterMs: 0,
  faults: [{ kind: 'GAPS', side: 'LEFT', amount: 2.5, share: 0.031 }],
  overview: {
    pieceS: 1,
    leftHigh: [300, 310],
    leftLow: [150, 150],
    rightHigh: [400, 410],
    rightLow: [200, 210],
  },
  spans: [
    {
      segment: '01911111-0000-7000-8000-0000000000b1',
      exercise: 'Straighten, then lengthen',
      gait: 'TROT',
      place: 'RAIL',
      rein: 'RIGHT',
      fromS: 0,
      toS: 60,
      left: rein({ inBandShare: null, slackShare: 0.04 }),
      right: rein({
        levelKg: 4.02,
        heavy: {
          kgASecond: 0.1,
          low: 0.05,
          high: 0.2,
          isGrowing: true,
          overFromS: 7.2,
          overFromM: 25.3,
        },
      }),
      asymmetry: 0.145,
      heavier: 'RIGHT',
      heavierBy: 0.34,
      beat: { kind: 'REGULAR', peaksAMinute: 157.6, unevenness: 0.031 },
      given: [
        { fromS: 12, slackS: 4.1, tempoChange: 0.08, isKept: false },
        { fromS: 30, slackS: 3, tempoChange: null, isKept: null },
      ],
    },
    {
      segment: '01911111-0000-7000-8000-0000000000b2',
      exercise: 'Walk–halt',
      gait: 'WALK',
      place: 'RAIL',
      rein: 'LEFT',
      fromS: 60,
      toS: 64,
      left: null,
      right: null,
      asymmetry: null,
      heavier: null,
      heavierBy: null,
      beat: { kind: 'TOO_SHORT', peaksAMinute: null, unevenness: null },
      given: [],
    },
  ],
}

const contact = (more: Partial<ContactOfLesson> = {}): ContactOfLesson => ({
  lesson: lesson({ id: LESSON, horse: 'Vesper' }),
  band: { lowKg: 2, highKg: 4, version: 1 },
  recordings: [recording],
  away: [],
  ...more,
})

function open(answers: Record<string, unknown>, actions?: string[]) {
  return show(<ContactPage />, {
    path: '/lessons/:id/contact',
    at: `/lessons/${LESSON}/contact`,
    answers,
    ...(actions && { me: { actions: actions as never } }),
  })
}

test('each exercise says how heavy, from where on, how unlike and at what beat', async () => {
  open({ [`GET ${PATH}/contact`]: contact() })
  const list = (await screen.findByText(/Straighten, then lengthen/)).closest('li') as HTMLElement
  const says = (key: string, values?: Record<string, unknown>) =>
    expect(list).toHaveTextContent(text(`measured.${key}`, values))
  says('level', { kg: '3.0', high: '3.2' })
  says('level', { kg: '4.0', high: '3.2' })
  says('inBand', { percent: 90 })
  says('slack', { percent: 4 })
  says('heavyFromM', { seconds: 7, metres: 25 })
  says('growing', { kg: 1 })
  says('more.RIGHT', { percent: 34 })
  says('beatOf.steps', { count: 158, percent: 3 })
  says('givenQuicker', { seconds: 4, percent: 8 })
  says('given', { seconds: 3 })
  const halt = screen.getByText(/Walk–halt/).closest('li') as HTMLElement
  expect(halt).toHaveTextContent(text('measured.beat.TOO_SHORT'))
  expect(within(halt).getAllByText(text('measured.tooLittle'))).toHaveLength(2)
  expect(
    screen.getByText(
      text('measured.fault.GAPS', { rein: text('measured.rein.LEFT'), percent: 3, amount: '2.5' }),
    ),
  ).toBeVisible()
})

test('a recording that is not all here says so and is not drawn', async () => {
  const half = { ...recording, isWhole: false, missing: [1], overview: null, spans: [], faults: [] }
  open({ [`GET ${PATH}/contact`]: contact({ recordings: [half] }) })
  expect(await screen.findByText(text('measured.notWhole', { here: 1, count: 2 }))).toBeVisible()
  expect(screen.queryByRole('img', { name: /Both reins/ })).toBeNull()
})

test('it is moved along the lesson, taken out and put back', async () => {
  const user = userEvent.setup()
  const out = contact({
    recordings: [],
    away: [{ id: recording.id, name: 'vesper.csv', startedAt: recording.startedAt, version: 5 }],
  })
  const { sent, change } = open({
    [`GET ${PATH}/contact`]: contact(),
    [`PUT ${PATH}/recordings/${recording.id}`]: contact(),
  })
  await user.click(await screen.findByRole('button', { name: text('measured.align') }))
  await user.click(screen.getByRole('button', { name: text('measured.step', { seconds: '+10' }) }))
  await user.click(screen.getByRole('button', { name: text('measured.step', { seconds: '−0.1' }) }))
  expect(screen.getByText(text('measured.later', { seconds: '9.9' }))).toBeVisible()
  await user.click(screen.getByRole('button', { name: text('measured.saveAlign') }))
  await user.click(screen.getByRole('button', { name: text('measured.takeOut') }))
  await change(`GET ${PATH}/contact`, out)
  await user.click(await screen.findByRole('button', { name: text('measured.putBack') }))
  expect(sent(`PUT ${PATH}/recordings/${recording.id}`)).toEqual([
    { version: 3, startedAt: '2026-11-24T10:00:09.900Z', isAway: false },
    { version: 3, startedAt: recording.startedAt, isAway: true },
    { version: 5, startedAt: recording.startedAt, isAway: false },
  ])
})

test('a band goes up, is typed with a comma too, and is kept by its version', async () => {
  const user = userEvent.setup()
  const pair = '01911111-0000-7000-8000-0000000000c1'
  const put = `PUT /api/v1/pairs/${pair}/contact-band`
  const { sent } = open({
    [`GET ${PATH}/contact`]: contact({
      lesson: lesson({ id: LESSON, pair }),
      band: null,
      recordings: [],
    }),
    [put]: { lowKg: 1.5, highKg: 3, version: 1 },
  })
  const save = await screen.findByRole('button', { name: text('measured.saveBand') })
  expect(save).toBeDisabled()
  await user.type(screen.getByLabelText(text('measured.lowKg')), '4')
  await user.type(screen.getByLabelText(text('measured.highKg')), '3')
  expect(screen.getByText(text('measured.upsideDown'))).toBeVisible()
  expect(save).toBeDisabled()
  await user.clear(screen.getByLabelText(text('measured.lowKg')))
  await user.type(screen.getByLabelText(text('measured.lowKg')), '1,5')
  await user.click(save)
  expect(sent(put)).toEqual([{ version: 0, lowKg: 1.5, highKg: 3 }])
})

test('who may only look is given no keys', async () => {
  open({ [`GET ${PATH}/contact`]: contact() }, ['SEE_TODAY', 'SEE_PAIRS'])
  await screen.findByText(/Straighten/)
  expect(screen.queryByRole('button', { name: text('measured.takeOut') })).toBeNull()
  expect(screen.queryByRole('button', { name: text('measured.saveBand') })).toBeNull()
  expect(screen.queryByText(text('measured.choose'))).toBeNull()
})

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
  meanFromKg: null,
  meanToKg: null,
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
  mostly: null,
  asks: null,
  cues: [],
  cuesBeside: [],
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
      left: rein({ inBandShare: null, slackShare: 0.04, meanFromKg: 2.86, meanToKg: 3.04 }),
      right: rein({
        levelKg: 4.02,
        heavy: {
          kgASecond: 0.1,
          low: 0.05,
          high: 0.2,
          isGrowing: true,
          overFromS: 7.2,
          overFromM: 25.3,
          letter: null,
        },
      }),
      asymmetry: 0.145,
      heavier: 'RIGHT',
      heavierBy: 0.34,
      beat: { kind: 'REGULAR', peaksAMinute: 157.6, unevenness: 0.031, insteadOfTouched: [] },
      given: [
        { fromS: 12, slackS: 4.1, tempoChange: 0.08, isKept: false },
        { fromS: 30, slackS: 3, tempoChange: null, isKept: null },
      ],
      inBand: { insideS: 41.5, measuredS: 60 },
      softAgain: [
        { fromS: 3, afterS: 2.14 },
        { fromS: 20, afterS: 3 },
        { fromS: 58, afterS: null },
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
      beat: { kind: 'TOO_SHORT', peaksAMinute: null, unevenness: null, insteadOfTouched: [] },
      given: [],
      inBand: null,
      softAgain: [],
    },
  ],
}

const contact = (more: Partial<ContactOfLesson> = {}): ContactOfLesson => ({
  lesson: lesson({ id: LESSON, horse: 'Vesper' }),
  band: { lowKg: 2, highKg: 4, version: 1 },
  recordings: [recording],
  away: [],
  earlier: [],
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

test('a beat that is not the touched gait’s says whose it is', async () => {
  const spans = recording.spans.map((span, i) => ({
    ...span,
    beat: {
      kind: 'REGULAR' as const,
      peaksAMinute: i === 0 ? 104 : 158,
      unevenness: 0.03,
      insteadOfTouched: i === 0 ? ['WALK', 'CANTER'] : ['TROT'],
    },
  }))
  open({ [`GET ${PATH}/contact`]: contact({ recordings: [{ ...recording, spans }] }) })
  expect(
    await screen.findByText(
      'The beat of walk or canter, though trot was touched. Half-steps beat like this too.',
    ),
  ).toBeVisible()
  expect(screen.getByText('The beat of trot, though walk was touched.')).toBeInTheDocument()
})

test('each exercise says how heavy, from where on, how unlike and at what beat', async () => {
  open({ [`GET ${PATH}/contact`]: contact() })
  const list = (await screen.findByText(/Straighten, then lengthen/)).closest('li') as HTMLElement
  const says = (key: string, values?: Record<string, unknown>) =>
    expect(list).toHaveTextContent(text(`measured.${key}`, values))
  says('level', { kg: '3.0', high: '3.2' })
  says('level', { kg: '4.0', high: '3.2' })
  says('mean', { low: '2.9', high: '3.0' })
  says('inBand', { percent: 90 })
  says('slack', { percent: 4 })
  says('heavyFromM', { seconds: 7, metres: 25 })
  says('growing', { kg: 1 })
  says('more.RIGHT', { percent: 34 })
  says('beatOf.steps', { count: 158, percent: 3 })
  says('givenQuicker', { seconds: 4, percent: 8 })
  says('given', { seconds: 3 })
  says('bothInBand', { inside: '0:41', of: '1:00' })
  says('softAgain', { times: '2.1 s, 3.0 s' })
  says('neverSoft')
  const halt = screen.getByText(/Walk–halt/).closest('li') as HTMLElement
  expect(halt).toHaveTextContent(text('measured.beat.TOO_SHORT'))
  expect(within(halt).getAllByText(text('measured.tooLittle'))).toHaveLength(2)
  expect(
    screen.getByText(
      text('measured.fault.GAPS', { rein: text('measured.rein.LEFT'), percent: 3, amount: '2.5' }),
    ),
  ).toBeVisible()
})

test('a letter says where it got heavy, where it is known at which one it was begun', async () => {
  const [first] = recording.spans
  if (!first?.right?.heavy) throw new Error('The first stretch gets heavy.')
  const right = { ...first.right, heavy: { ...first.right.heavy, letter: 'P' } }
  const spans = [{ ...first, right }]
  open({ [`GET ${PATH}/contact`]: contact({ recordings: [{ ...recording, spans }] }) })
  expect(await screen.findByText(/heavy from 7 s on, after about 25 m: past P/)).toBeVisible()
})

test('a hand that takes against the leg is told with its moments, and each is shown in the ribbon', async () => {
  const user = userEvent.setup()
  const asks: RecordingHere['asks'] = {
    drives: 6,
    intoTheHand: 2,
    isOften: true,
    fewest: 5,
    riseKg: 2.5,
    moments: [12, 65.5],
    answered: 9,
    heldOn: [31],
    sizes: [
      { gait: 'CANTER', asks: 7, kg: 1.34 },
      { gait: 'TROT', asks: 9, kg: 0.9 },
    ],
  }
  const { asked } = open({ [`GET ${PATH}/contact`]: contact({ recordings: [{ ...recording, asks }] }) })
  expect(
    await screen.findByText(text('measured.asks.often', { taken: 2, drives: 6, kg: '2.5' })),
  ).toBeVisible()
  expect(screen.getByText(text('measured.asks.heldOn', { count: 9, held: 1 }))).toBeVisible()
  expect(screen.getByRole('button', { name: text('measured.asks.moment', { time: '0:31' }) })).toBeVisible()
  const size = (gait: string, kg: string, count: number) =>
    text('measured.asks.size', { gait: text(`gait.${gait}`), kg, count })
  const sizes = [size('CANTER', '1.3', 7), size('TROT', '0.9', 9)].join(', ')
  expect(screen.getByText(text('measured.asks.sizes', { sizes }))).toBeVisible()
  await user.click(screen.getByRole('button', { name: text('measured.asks.moment', { time: '1:05' }) }))
  // so close that its minute is wanted in full
  await vi.waitFor(() =>
    expect(asked.map((a) => a.request)).toContain(`GET ${PATH}/recordings/${recording.id}/chunks/1`),
  )
})

test('too few asks are not called often, nor seldom', async () => {
  const asks = {
    drives: 3,
    intoTheHand: 1,
    isOften: null,
    fewest: 5,
    riseKg: 2,
    moments: [12],
    answered: 2,
    heldOn: [],
    sizes: [],
  }
  open({ [`GET ${PATH}/contact`]: contact({ recordings: [{ ...recording, asks }] }) })
  expect(await screen.findByText(text('measured.asks.few', { drives: 3, taken: 1, fewest: 5 }))).toBeVisible()
  expect(screen.getByText(text('measured.asks.letGo', { count: 2 }))).toBeVisible()
  expect(screen.queryByText('0:12')).toBeNull()
})

test('of asks that tell nothing nothing is said', async () => {
  const asks = {
    drives: 0,
    intoTheHand: 0,
    isOften: null,
    fewest: 5,
    riseKg: 2,
    moments: [],
    answered: 0,
    heldOn: [],
    sizes: [],
  }
  open({ [`GET ${PATH}/contact`]: contact({ recordings: [{ ...recording, asks }] }) })
  await screen.findByText(/Straighten, then lengthen/)
  expect(screen.queryByText(text('measured.asks.about'))).toBeNull()
})

test('each cue says what the beat did after it, and whether two get answers of their own', async () => {
  const cue = (id: string, signal: string, meaning: string) => ({
    cue: id,
    signal,
    meaning,
    asks: 6,
    fewest: 4,
  })
  const measured = (change: number, low: number, high: number) => ({ change, low, high })
  const cues = [
    { ...cue('q', 'Both legs, twice', 'quicker'), ...measured(0.071, 0.05, 0.092) },
    { ...cue('b', 'Stand, hand forward', 'bigger'), ...measured(-0.04, -0.06, -0.02) },
    { ...cue('s', 'Sit deep', 'shorter'), ...measured(0.005, -0.02, 0.03) },
    { ...cue('w', 'Click', 'walk on'), asks: 2, change: null, low: null, high: null },
  ]
  const cuesBeside: RecordingHere['cuesBeside'] = [
    { first: 'b', second: 'q', by: -0.08, low: -0.11, high: -0.05, verdict: 'APART' },
    { first: 'q', second: 'w', by: 0.01, low: -0.05, high: 0.07, verdict: 'OPEN' },
  ]
  open({ [`GET ${PATH}/contact`]: contact({ recordings: [{ ...recording, cues, cuesBeside }] }) })
  const box = (await screen.findByText(text('measured.cues.title'))).parentElement as HTMLElement
  expect(box).toHaveTextContent('“Both legs, twice” (quicker): 7 % quicker afterwards (5 to 9), 6 asks')
  expect(box).toHaveTextContent('“Stand, hand forward” (bigger): 4 % slower afterwards (2 to 6), 6 asks')
  expect(box).toHaveTextContent(
    '“Sit deep” (shorter): no change of the beat that can be told (−2 to 3 %), 6 asks',
  )
  expect(box).toHaveTextContent('“Click” (walk on): 2 asks with a clear beat before and after; 4 are needed')
  expect(box).toHaveTextContent(
    '“Stand, hand forward” and “Both legs, twice” get answers of their own: the beat differs by 8 % (5 to 11).',
  )
  expect(box).toHaveTextContent('cannot be told yet (−5 to 7 %)')
})

test('an earlier day is laid beside this one, rein by rein, with how sure it is', async () => {
  const user = userEvent.setup()
  const before = '01911111-0000-7000-8000-00000000000b'
  const row = { gait: 'TROT', place: 'RAIL', rein: 'LEFT' } as const
  open({
    [`GET ${PATH}/contact`]: contact({ earlier: [{ lesson: before, startedAt: '2026-11-17T10:00:00Z' }] }),
    [`GET ${PATH}/contact/beside/${before}`]: {
      startedAt: '2026-11-17T10:00:00Z',
      recordings: [{ name: 'before.csv', seconds: 90, rateHz: 50, overview: recording.overview }],
      rows: [
        {
          ...row,
          exercise: 'Counter-bend',
          left: { earlierKg: 3, laterKg: 3.52, low: 0.31, high: 0.73 },
          right: { earlierKg: 4.1, laterKg: 3.6, low: -0.8, high: -0.2 },
        },
        {
          ...row,
          exercise: 'Lengthen',
          left: null,
          right: { earlierKg: 3, laterKg: 3.1, low: -0.2, high: 0.4 },
        },
      ],
    },
  })
  await user.selectOptions(await screen.findByLabelText(text('measured.beside.choose')), before)
  const says = async (exercise: string, key: string, values?: Record<string, unknown>) =>
    expect((await screen.findByText(exercise)).closest('li')).toHaveTextContent(
      text(`measured.${key}`, values),
    )
  await says('Counter-bend', 'beside.heavier', { kg: '0.5', low: '0.3', high: '0.7' })
  await says('Counter-bend', 'beside.lighter', { kg: '0.5', low: '0.2', high: '0.8' })
  await says('Counter-bend', 'beside.from', { then: '3.0', now: '3.5' })
  await says('Lengthen', 'beside.same', { low: '−0.2', high: '0.4' })
  await says('Lengthen', 'tooLittle')
  expect(
    screen.getAllByRole('img', { name: /Both reins/ }),
    'this day twice: large, and on the scale of both',
  ).toHaveLength(3)
})

test('how the reins were before the asks is reckoned when it is wanted, in counts and never as a cause', async () => {
  const counted = {
    yesWith: 5,
    with: 20,
    yesWithout: 18,
    without: 22,
    low: -0.8,
    high: -0.3,
    adjusted: 0.0004,
  }
  open({
    [`GET ${PATH}/contact`]: contact(),
    [`GET ${PATH}/contact/answers`]: {
      lessons: 4,
      asks: 42,
      worthChecking: [{ state: 'RIGHT_HEAVY', ...counted }],
      compared: [],
      notCompared: [{ state: 'BOTH_LIGHT', why: 'WITH' }],
    },
  })
  await userEvent.click(await screen.findByRole('button', { name: text('measured.answers.reckon') }))
  expect(await screen.findByText(text('measured.answers.over', { asks: 42, count: 4 }))).toBeVisible()
  const factor = text('measured.state.RIGHT_HEAVY')
  expect(screen.getAllByText(text('seenIn.with', { factor, ...counted }))[0]).toBeVisible()
  expect(screen.getByText(text('seenIn.noCause'))).toBeVisible()
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

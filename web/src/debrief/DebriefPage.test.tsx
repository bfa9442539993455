import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, expect, test, vi } from 'vitest'
import type { Advice, Debrief, DebriefRow } from '../api'
import { lesson, packet, show, text } from '../page.testing'
import { shelfOf } from '../store'
import DebriefPage from './DebriefPage'

afterEach(() => {
  vi.restoreAllMocks()
  sessionStorage.clear()
})

const ridden = lesson({ startedAt: '2026-11-24T17:00:00Z', endedAt: '2026-11-24T17:45:00Z', exchanges: 12 })
const PATH = `/api/v1/lessons/${ridden.id}`
const NONE = [
  [0, 0, 0, 0],
  [0, 0, 0, 0],
]
const SIDE = { tallied: 0, yes: 4, asks: 6, low: 0.3, high: 0.9, meanStrength: 2, counts: NONE }
const NOBODY = { ...SIDE, yes: 0, asks: 0, meanStrength: null }

const yesOf = (yes: number, asks: number) => ({ yes, asks, low: 0.2, high: 0.9 })

const advice: Advice = {
  decision: 'STAY',
  ruleId: 'stay',
  book: 'rung-decision/3',
  choices: ['MOVE_ON', 'STAY', 'STEP_BACK'],
  beside: [],
  findings: [],
}

const row: DebriefRow = {
  rung: 'counter-bend.walk.rail',
  exercise: 'counter-bend',
  name: 'Counter-bend on the rail',
  gait: 'WALK',
  place: 'RAIL',
  state: 'IN_WORK',
  works: 'OUTSIDE',
  day: 3,
  pair: { left: SIDE, right: SIDE, none: NOBODY },
  others: { left: NOBODY, right: NOBODY, none: NOBODY },
  marks: {
    answers: [],
    rewards: 0,
    lines: [],
    holds: [],
    headsCm: [],
    praised: 0,
    lighterFirst: [],
    tallied: 0,
    slips: 0,
  },
  changes: [
    {
      side: 'LEFT',
      within: 'NOT_SHOWN',
      thirds: { first: yesOf(2, 4), last: yesOf(3, 4), leftOut: 3, p: 1 },
      sinceBefore: 'BETTER',
      before: {
        now: yesOf(10, 16),
        before: yesOf(6, 24),
        lessons: 3,
        gain: 0.375,
        low: 0.06,
        high: 0.61,
      },
      overLessons: 'STANDS_STILL',
      slope: { points: 0.4, low: -0.9, high: 1.6, lessons: 12 },
    },
    {
      side: 'RIGHT',
      within: 'TOO_FEW',
      thirds: null,
      sinceBefore: 'TOO_FEW',
      before: null,
      overLessons: 'TOO_FEW',
      slope: null,
    },
  ],
  costs: [
    {
      side: 'LEFT',
      firstAt: [4, 2, 0, 0],
      missed: 2,
      released: 9,
      corrected: 0,
      errors: 0,
      soakS: 7,
      soaks: 3,
    },
    {
      side: 'RIGHT',
      firstAt: [0, 0, 0, 0],
      missed: 0,
      released: 0,
      corrected: 0,
      errors: 0,
      soakS: null,
      soaks: 0,
    },
  ],
  handBacks: [],
  better: 'SINCE',
  advice,
  decision: null,
}

const debrief = (more: Partial<Debrief> = {}): Debrief => ({
  lesson: ridden,
  rows: [row],
  weather: null,
  headgear: null,
  softness: { softAfterS: 200, lastTimeS: 550, soakS: 7, corrections: 2 },
  probes: [
    {
      name: 'Counter-bend',
      gait: 'WALK',
      place: 'RAIL',
      between: 'Shoulder-in',
      yesBefore: 1,
      asksBefore: 6,
      yesAfter: 6,
      asksAfter: 6,
      verdict: 'HELPED_TODAY',
      p: 0.01,
      fewest: 4,
      overDays: 'HINT',
      helped: 5,
      days: 6,
      daysNeeded: 6,
    },
  ],
  helpWords: [],
  stops: [{ advice: 'GOOD_PLACE', rule: 'good-place', workedMinutes: 14, riddenOnMinutes: 9 }],
  notes: [{ at: '2026-11-24T17:20:00Z', text: 'softer on the left today' }],
  voices: [],
  after: { felt: null, isToBeAsked: false, nextTime: null, forRider: null },
  seen: {
    faults: [],
    signs: [],
    missed: [],
    corrections: { made: 0, total: 0, isConsistent: null, byPolicy: [] },
    aids: {
      lightly: { count: 2, of: 6, isGood: false, fewest: 5 },
      firstAt: [3, 2, 0, 1],
      intoTheHand: { count: 1, of: 3, isGood: null, fewest: 5 },
      whipFirst: { count: 0, of: 0, isGood: null, fewest: 0 },
    },
    effort: null,
    load: null,
    turnoutDays: null,
    worthChecking: [
      {
        name: 'leg-back',
        side: 'LEFT',
        yesWith: 1,
        with: 6,
        yesWithout: 7,
        without: 8,
        low: -0.93,
        high: -0.2,
        adjusted: 0.021,
      },
    ],
    compared: [],
    notCompared: [{ name: 'looks-down', side: 'NONE', why: 'WITH' }],
  },
  kept: 14,
  leftMs: 600_000,
  rightMs: 540_000,
  stopSigns: [],
  isRiddenWhilePaused: false,
  clips: [],
  ...more,
})

const open = (answers: Record<string, unknown>) =>
  show(<DebriefPage />, {
    path: '/lessons/:id/debrief',
    at: `/lessons/${ridden.id}/debrief`,
    answers: { [`GET ${PATH}/plait`]: { plait: null }, ...answers },
  })

/** The line of an exercise, opened. */
async function opened() {
  await userEvent.click(await screen.findByRole('button', { name: /Counter-bend on the rail/ }))
}

test('what is worth checking is said in counts, and opened to all that was compared', async () => {
  open({ [`GET ${PATH}/debrief`]: debrief() })
  const all = await screen.findByText(text('seenIn.compared', { count: 1 }))
  expect(screen.getAllByText(/YES 1 of 6 times with it, 7 of 8 without/)[0]).toBeVisible()
  await userEvent.click(all)
  expect(screen.getByText(/Difference -93 to -20 points, adjusted p 0\.021/)).toBeVisible()
  expect(screen.getByText(new RegExp(text('seenIn.tooFew.WITH')))).toHaveTextContent(/looks down/i)
})

test('what changed is said in short, and opened with its numbers', async () => {
  open({ [`GET ${PATH}/debrief`]: debrief() })
  expect(await screen.findByText(new RegExp(text('change.since.BETTER')))).toHaveTextContent(
    text('change.tooFew'),
  )
  await opened()
  const [short] = screen.getAllByText(new RegExp(text('change.since.BETTER'))).slice(-1) as [HTMLElement]
  await userEvent.click(short)
  expect(screen.getByText(/10 of 16 now, 6 of 24 then: better \(38 points, 6 to 61\)/)).toBeVisible()
  expect(screen.getByText(/2 of 4 in its first third, 3 of 4 in its last/)).toHaveTextContent(
    'The last 3 asks',
  )
  expect(
    screen.getByText(/Over 12 lessons: stands still \(0\.4 points a lesson, -0\.9 to 1\.6\)/),
  ).toBeVisible()
  expect(screen.getByText(text('change.noBefore'))).toBeVisible()
})

test('a rung stands with its advice, and the notes with their time', async () => {
  open({ [`GET ${PATH}/debrief`]: debrief() })
  expect(await screen.findByRole('heading', { name: /Counter-bend on the rail/ })).toBeVisible()
  expect(screen.getByText(/softer on the left today/)).toBeInTheDocument()
  expect(screen.getByText(/Soft after 3:20/)).toHaveTextContent('Soft after 3:20 · last time 9:10')
  expect(screen.getByText('About 7 s to think after each of 2 corrections')).toBeVisible()
  expect(screen.getByText(/day 3/)).toBeVisible()
  expect(screen.getByText(/1 of 6 before/)).toHaveTextContent('YES 1 of 6 before, 6 of 6 after')
  expect(screen.getByText(text('probe.verdict.HELPED_TODAY'))).toBeInTheDocument()
  expect(screen.getByText(/on 5 of the last 6 days/)).toBeInTheDocument()
  expect(screen.getByText(/A good place to stop came after 14 min/)).toHaveTextContent(
    '9 more minutes were ridden.',
  )
})

test('what was only measured is said in seconds, and no answers are drawn', async () => {
  const side = (of: 'LEFT' | 'RIGHT', successes: number) => ({
    kind: 'SIDE' as const,
    side: of,
    tallied: 0,
    counted: { successes, total: 90 },
    window: 60,
    needed: 72,
    interval: { low: 0.4, high: 0.9 },
    held: 1,
    toHold: 1,
    missing: [],
    entries: [],
  })
  const finding = {
    ruleId: 'criterion.band',
    thresholds: { share: 0.8, leastS: 60 },
    judgement: { kind: 'MET' as const, evidence: [side('LEFT', 81), side('RIGHT', 89)] },
  }
  const only = {
    ...row,
    pair: { left: NOBODY, right: NOBODY, none: NOBODY },
    advice: { ...advice, findings: [finding] },
  }
  open({ [`GET ${PATH}/debrief`]: debrief({ rows: [only] }) })
  expect(await screen.findByText(/Measured:.*81 of 90 s in the band.*89 of 90 s in the band/)).toBeVisible()
  expect(screen.queryByText(text('debrief.notRiddenRein'))).toBeNull()
})

test('what was only held is said as such, not as asked for nought times', async () => {
  const holds: DebriefRow['marks']['holds'] = [
    { unit: 'STRIDES', amount: 8 },
    { unit: 'STRIDES', amount: 12 },
  ]
  const held = { ...row, pair: { left: NOBODY, right: NOBODY, none: NOBODY }, marks: { ...row.marks, holds } }
  open({ [`GET ${PATH}/debrief`]: debrief({ rows: [held] }) })
  expect(
    await screen.findByText(text('marks.held', { stretches: `8, 12 ${text('pair.holdUnit.STRIDES')}` })),
  ).toBeVisible()
  expect(screen.queryByText(text('debrief.notRiddenRein'))).toBeNull()
})

test('what was touched in beside the asks stands there in words', async () => {
  const marks: DebriefRow['marks'] = {
    ...row.marks,
    answers: [
      { pad: 'POLES', answer: 'CLEAN', rein: 'LEFT', times: 7 },
      { pad: 'POLES', answer: 'TRIPPED', rein: 'RIGHT', times: 2 },
    ],
    lines: [
      {
        ridden: 6,
        planned: 5,
        takeOff: 'DEEP',
        straight: false,
        rail: 'DOWN',
        speed: 'GREW',
        lead: 'LEFT',
        change: 'LATE',
      },
    ],
    holds: [{ unit: 'STRIDES', amount: 8 }],
    headsCm: [10, -10],
    praised: 1,
    lighterFirst: [{ first: 1, then: 3, times: 2 }],
    tallied: 6,
    slips: 2,
  }
  const weather = { footing: 'DEEP' as const, temperatureC: 9, humidityPct: null }
  const headgear = { id: 'cavesson', name: 'Cavesson' }
  open({ [`GET ${PATH}/debrief`]: debrief({ rows: [{ ...row, marks }], weather, headgear }) })
  await opened()
  expect(screen.getByRole('row', { name: /Clean 7/ })).toBeVisible()
  expect(screen.getByRole('row', { name: /Tripped 2/ })).toBeVisible()
  const said = [
    `${text('marks.line', { place: 1, strides: '6 strides' })} ${text('marks.ofPlanned', { count: 5 })}, deep, crooked, Pole down, quicker, landed on the left lead, late change`,
    text('marks.lighterFirst', { first: 1, then: 3, count: 2 }),
    text('marks.praised', { count: 1 }),
    text('marks.tallied', { count: 6 }),
    text('marks.slips', { count: 2 }),
    `${text('debrief.worn', { headgear: 'Cavesson' })} · ${text('marks.footing', { footing: 'deep' })} · ${text('marks.temperature', { degrees: 9 })}`,
  ]
  for (const words of said) expect(screen.getByText(words)).toBeVisible()
  const drawn = [
    text('marks.held', { stretches: `8 ${text('pair.holdUnit.STRIDES')}` }),
    text('marks.heads', { heights: '+10, −10' }),
  ]
  for (const name of drawn) expect(screen.getByRole('img', { name })).toBeVisible()
})

test('what was chosen is sent with what was advised, and why', async () => {
  const { sent } = open({
    [`GET ${PATH}/debrief`]: debrief(),
    [`POST ${PATH}/decisions`]: { id: 'd' },
  })
  const user = userEvent.setup()
  await opened()
  await user.type(screen.getByLabelText(text('debrief.reason')), ' one more lesson ')
  await user.click(screen.getByRole('button', { name: text('decision.STEP_BACK') }))
  await vi.waitFor(() =>
    expect(sent(`POST ${PATH}/decisions`)).toEqual([
      expect.objectContaining({
        rung: 'counter-bend.walk.rail',
        chosen: 'STEP_BACK',
        seen: 'STAY',
        reason: 'one more lesson',
      }),
    ]),
  )
})

test('a stop sign of the lesson stands before everything else', async () => {
  open({
    [`GET ${PATH}/debrief`]: debrief({
      stopSigns: [{ sign: 'UNLEVEL', side: 'LEFT', at: '2026-11-24T17:30:00Z' }],
    }),
  })
  const sign = (await screen.findAllByText(new RegExp(text('stopSign.UNLEVEL'))))[0] as HTMLElement
  const rung = screen.getByRole('heading', { name: /Counter-bend on the rail/ })
  expect(sign.compareDocumentPosition(rung) & Node.DOCUMENT_POSITION_FOLLOWING).toBeTruthy()
})

test('how the aids were used is told in counts, and what to tell the rider once there are enough', async () => {
  open({ [`GET ${PATH}/debrief`]: debrief() })
  expect(
    await screen.findByText(text('aids.lightly', { count: 2, of: 6 }), { exact: false }),
  ).toBeInTheDocument()
  expect(screen.getByText(text('rule.aids-asks-lightly-first'))).toBeInTheDocument()
  expect(screen.getByText(text('aids.tooFew', { count: 5 }))).toBeInTheDocument()
  expect(screen.queryByText(text('rule.aids-drives-into-the-hand'))).toBeNull()
})

test('the rider is asked before any number is shown, and what was felt is kept', async () => {
  const after = { felt: null, isToBeAsked: true, nextTime: null, forRider: null }
  const { me } = open({ [`GET ${PATH}/debrief`]: debrief({ after }), [`GET ${PATH}/packet`]: packet(ridden) })
  const user = userEvent.setup()
  await user.type(
    await screen.findByLabelText(text('riderFelt.line', { rider: ridden.rider })),
    'lighter at the end',
  )
  expect(screen.queryByText(/4 of 6/)).toBeNull()
  expect(screen.queryByText(/Soft after/)).toBeNull()
  await user.click(screen.getByRole('button', { name: text('riderFelt.key.RIGHT') }))
  const keep = screen.getByRole('button', { name: text('riderFelt.keep') })
  await vi.waitFor(() => expect(keep).toBeEnabled())
  await user.click(keep)
  expect((await screen.findAllByText(/4 of 6/))[0]).toBeVisible()
  const log = await shelfOf(me.person).entries.toArray()
  expect(log.find((e) => e.kind === 'rider_felt')?.payload).toEqual({
    text: 'lighter at the end',
    better: 'RIGHT',
  })
})

test('who does not ask sees the numbers at once, and what was felt stands beside them', async () => {
  const asked = { felt: null, isToBeAsked: true, nextTime: null, forRider: null }
  open({ [`GET ${PATH}/debrief`]: debrief({ after: asked }) })
  await userEvent.click(await screen.findByRole('button', { name: text('riderFelt.skip') }))
  expect(screen.getAllByText(/4 of 6/)[0]).toBeVisible()
  expect(document.querySelector('[data-felt]')).toBeNull()
})

test('all that was advised and is open is agreed with in one touch', async () => {
  const other: DebriefRow = { ...row, rung: 'flexion.halt.rail', exercise: 'flexion', name: 'Flexion' }
  const { sent } = open({
    [`GET ${PATH}/debrief`]: debrief({ rows: [row, other] }),
    [`POST ${PATH}/decisions/agreed`]: [],
  })
  await userEvent.click(await screen.findByRole('button', { name: text('debrief.next.agree', { count: 2 }) }))
  await vi.waitFor(() => expect(sent(`POST ${PATH}/decisions/agreed`)).toHaveLength(1))
  expect(sent(`POST ${PATH}/decisions/agreed`)[0]).toMatchObject({
    rungs: [
      { rung: 'counter-bend.walk.rail', seen: 'STAY' },
      { rung: 'flexion.halt.rail', seen: 'STAY' },
    ],
  })
  expect(screen.getByText(text('debrief.next.leave'))).toBeVisible()
})

test('what the rider felt stands beside the numbers, and the note for next time can be changed', async () => {
  const after = {
    felt: { text: 'lighter at the end', better: 'RIGHT' as const, leftKg: null, rightKg: null },
    isToBeAsked: false,
    nextTime: 'begin on the right rein',
    forRider: null,
  }
  open({ [`GET ${PATH}/debrief`]: debrief({ after }) })
  expect(await screen.findByText(/lighter at the end/)).toHaveTextContent(text('riderFelt.side.RIGHT'))
  await userEvent.click(screen.getByRole('button', { name: text('nextTime.change') }))
  expect(screen.getByLabelText(text('nextTime.label'))).toHaveValue('begin on the right rein')
})

test('left and right are laid beside each other with what it cost, as far as it was noted', async () => {
  open({ [`GET ${PATH}/debrief`]: debrief() })
  await opened()
  const cost = within(screen.getByRole('table', { name: text('cost.title') }))
  expect(cost.getByRole('row', { name: new RegExp(text('cost.firstAt')) })).toHaveTextContent(
    '1 (4 ×), 2 (2 ×)–',
  )
  expect(cost.getByRole('row', { name: new RegExp(text('cost.missed')) })).toHaveTextContent('2 of 9–')
  expect(cost.getByRole('row', { name: new RegExp(text('cost.soak')) })).toHaveTextContent('7 s (3 ×)–')
  expect(cost.queryByRole('row', { name: new RegExp(text('cost.corrected')) })).toBeNull()
  expect(screen.getByText(text('change.multiple.first'))).toBeVisible()
  expect(screen.getAllByRole('listitem', { name: /10 of 16|2 of 4 YES/ })[0]).toBeVisible()
})

test('what the coach rode stands between before and after, and says what came of it', async () => {
  const handBack = {
    side: 'RIGHT' as const,
    before: yesOf(1, 6),
    by: 'COACH' as const,
    other: yesOf(3, 3),
    after: yesOf(5, 6),
    gain: { estimate: 0.667, low: 0.12, high: 0.87 },
  }
  open({ [`GET ${PATH}/debrief`]: debrief({ rows: [{ ...row, handBacks: [handBack] }] }) })
  await opened()
  const strip = within(screen.getByRole('region', { name: text('handBack.title') }))
  expect(
    strip.getAllByRole('listitem', { name: /of \d YES/ }).map((i) => i.getAttribute('aria-label')),
  ).toEqual([
    expect.stringContaining('1 of 6'),
    expect.stringContaining('3 of 3'),
    expect.stringContaining('5 of 6'),
  ])
  expect(strip.getByText(text('handBack.gain', { points: 67, low: 12, high: 87 }))).toBeVisible()
})

test('the rider is shown only the chosen parts, each in a word', async () => {
  const { me } = open({ [`GET ${PATH}/debrief`]: debrief(), [`GET ${PATH}/packet`]: packet(ridden) })
  const user = userEvent.setup()
  await user.click(await screen.findByText(text('forRider.title', { rider: ridden.rider })))
  expect(screen.getByRole('checkbox', { name: new RegExp(text('better.SINCE')) })).toBeChecked()
  await user.click(screen.getByRole('checkbox', { name: text('forRider.homework') }))
  await user.type(screen.getByLabelText(text('forRider.think')), 'look where you go')
  const key = screen.getByRole('button', { name: text('forRider.show', { rider: ridden.rider }) })
  await vi.waitFor(() => expect(key).toBeEnabled())
  await user.click(key)
  await vi.waitFor(async () =>
    expect((await shelfOf(me.person).entries.toArray()).find((e) => e.kind === 'for_rider')?.payload).toEqual(
      {
        homework: false,
        think: 'look where you go',
        better: [{ rung: 'counter-bend.walk.rail', better: 'SINCE' }],
      },
    ),
  )
})

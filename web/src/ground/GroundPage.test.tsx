import { cleanup, screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, test } from 'vitest'
import type { GroundRoom, GroundView, ThingOnGround } from '../api'
import { lesson, Refusal, show, text } from '../page.testing'
import GroundPage from './GroundPage'
import { newThing } from './things'
import type { Addable } from './things'

beforeEach(() => localStorage.clear())

const bounds = (least: number, most: number, usual: number) => ({ least, most, usual })

const ROOM: GroundRoom = {
  arenas: [
    {
      drawn: {
        id: 'SMALL',
        name: null,
        shape: 'RECTANGLE',
        widthM: 20,
        lengthM: 40,
        slopePct: 0,
        letters: { A: { x: 10, y: 0 }, B: { x: 20, y: 20 } },
      },
      version: 0,
      told: null,
      isPutAway: false,
    },
  ],
  forms: [
    {
      form: 'CIRCLE',
      fields: ['AT', 'SIZE'],
      size: bounds(6, 60, 20),
      count: bounds(0, 0, 0),
      usualAt: 'A',
    },
  ],
  gaits: [
    { pace: 'WALK', variants: ['COLLECTED', 'MEDIUM'], usual: 'MEDIUM' },
    { pace: 'TROT', variants: ['WORKING', 'MEDIUM'], usual: 'WORKING' },
  ],
  layouts: [],
  corner: bounds(1, 30, 3),
  narrowest: bounds(6, 60, 10),
  lineM: 21.9456,
  cavaletti: { count: 3, apartM: 3.2004, heightM: 0.4 },
  mostPairs: 8,
  mostThings: 40,
  paceM: 0.914,
  isPaceWalked: false,
}

const THING: Omit<ThingOnGround, 'id'> = {
  refusal: null,
  cautions: [],
  bars: [],
  spots: [],
  figure: null,
  row: null,
  fan: null,
  fences: null,
  course: null,
  inTheWayOf: [],
  sideways: null,
  quarters: null,
}

const pair = lesson({ horse: 'Skerry', rider: 'Maren' })

const VIEW: GroundView = {
  arena: ROOM.arenas[0]?.drawn ?? {
    id: '',
    name: null,
    shape: 'OVAL',
    widthM: 1,
    lengthM: 1,
    slopePct: 0,
    letters: {},
  },
  horses: [
    {
      pair: pair.pair,
      horse: 'Skerry',
      rider: 'Maren',
      heightCm: 128,
      evenLeftM: null,
      evenRightM: 20,
      stride: { lengthM: 2.12, stepM: 2.12 / 2, speedMs: 3.2, measuredOn: null, isOld: false },
      jumping: { lengthM: 2.9, stepM: 2.9, speedMs: 5, measuredOn: '2026-11-09', isOld: false },
    },
  ],
  things: [],
}

interface Sent {
  things: { id: string }[]
}

/** Answers each measure with one thing told as it is here. */
function open(told: Partial<ThingOnGround>, room: unknown = ROOM) {
  const answers = {
    'GET /api/v1/ground': room,
    'GET /api/v1/today': { date: '2026-11-24', lessons: [] },
    'GET /api/v1/pairs/names': {
      pairs: [{ id: pair.pair, riderId: 'r', horseId: 'h', rider: 'Maren', horse: 'Skerry' }],
    },
    'POST /api/v1/ground/measures': (body: unknown) => ({
      ...VIEW,
      things: (body as Sent).things.map(({ id }) => ({ ...THING, ...told, id })),
    }),
  }
  const user = userEvent.setup()
  return {
    user,
    ...show(<GroundPage />, {
      path: '/ground',
      at: `/ground?pair=${pair.pair}`,
      answers,
      me: { person: 'coach', actions: ['SEE_PLAN', 'RECORD', 'PLAN'] },
    }),
  }
}

const add = (kind: Addable) => screen.findByRole('button', { name: `+ ${text(`ground.kind.${kind}`)}` })

type Goes = Omit<NonNullable<ThingOnGround['figure']>['horses'][number], 'pair' | 'bendsDeg' | 'mostBendDeg'>

const circleFor = (horse: Goes) => ({
  figure: {
    pieces: [],
    lengthM: 47.1,
    bendChangesM: [],
    leftM: 0,
    rightM: 47.1,
    horses: [
      {
        pair: pair.pair,
        bendsDeg: [-14.7],
        mostBendDeg: 14.7,
        ...horse,
      },
    ],
  },
})

test('says of a figure what it is for this horse', async () => {
  const { user } = open(
    circleFor({
      tooTight: null,
      seconds: 14.7,
      steps: 44.4,
      fewerM: 0.1,
      moreM: -0.09,
      rightLegsMoreM: -1.5,
    }),
  )
  await user.click(await add('figure'))
  expect(await screen.findByText(/44 steps/)).toBeVisible()
  expect(
    screen.getByText(new RegExp(text('ground.legs', { side: text('side.LEFT'), metres: '1.5 m' }))),
  ).toBeVisible()
  expect(screen.getByText(text('ground.rideAlong', { horse: 'Skerry' }))).toBeVisible()
})

test('refuses a figure to a horse for which it is too tight, with the place', async () => {
  const { user } = open(
    circleFor({
      tooTight: { where: { x: 10, y: 0 }, side: 'RIGHT', diameterM: 15, leastM: 20, reason: 'EVEN' },
      seconds: null,
      steps: null,
      fewerM: null,
      moreM: null,
      rightLegsMoreM: null,
    }),
  )
  await user.click(await add('figure'))
  expect(
    await screen.findByText(
      text('ground.tight.EVEN', {
        horse: 'Skerry',
        side: text('side.RIGHT'),
        metres: '15.0 m',
        least: '20 m',
        x: '10.0 m',
        y: '0.0 m',
      }),
    ),
  ).toBeVisible()
  // nobody rides it, one only looks along it
  expect(screen.getByText(text('ground.lookAlong'))).toBeVisible()
  expect(screen.queryByText(/14\.7°/)).toBeNull()
})

test('says why a thing cannot be ridden, with the place', async () => {
  const { user } = open({ refusal: { code: 'LEAVES', where: { x: -0.2, y: 20 } } })
  await user.click(await add('figure'))
  expect(await screen.findByText(text('ground.refusal.LEAVES', { x: '-0.2 m', y: '20.0 m' }))).toBeVisible()
})

test('a line of fences offers to move the second one, and moves it', async () => {
  const count = (strides: number, moveOutM: number, suits: 'LONG' | 'SHORT') => ({
    strides,
    strideM: 3.1,
    fixedStrideM: 3.2,
    moveOutM,
    suits,
  })
  const { user, asked } = open({
    cautions: ['FENCES'],
    fences: {
      gaps: [
        {
          distanceM: 21.95,
          horses: [
            {
              pair: pair.pair,
              strides: 6.6,
              nearest: 7,
              bounce: null,
              counts: [count(6, -1.68, 'LONG'), count(7, 1.22, 'SHORT')],
            },
          ],
        },
      ],
    },
  })
  await user.click(await add('fences'))
  expect(await screen.findByText(text('ground.caution.FENCES'))).toBeVisible()
  await user.click(await screen.findByRole('button', { name: text('ground.addFence') }))
  await user.click(
    await screen.findByRole('button', { name: text('ground.moveIn', { fence: 2, metres: '1.68 m' }) }),
  )
  await waitFor(() =>
    expect(asked.at(-1)?.body).toMatchObject({ things: [{ fences: { distancesM: [20.27] } }] }),
  )
  await user.keyboard('{Control>}z{/Control}')
  expect(
    screen.getByLabelText(
      text('ground.field', { label: text('ground.distance', { from: 1, to: 2 }), unit: 'm' }),
    ),
  ).toHaveValue('21.95')
})

test('a fan names whom it leaves out and adds a row for that horse', async () => {
  const { user } = open({
    fan: {
      gapDeg: 11.65,
      innerM: 0.9,
      middleM: 1.2,
      outerM: 1.5,
      leastLineM: 5.4,
      mostLineM: 6.6,
      leastStepM: 1.1,
      mostStepM: 1.34,
      horses: [{ pair: pair.pair, stepM: 0.85, lineM: 4.18, fits: false }],
    },
  })
  await user.click(await add('fan'))
  await user.click(
    await screen.findByRole('button', { name: text('ground.ownRow', { horse: 'Skerry', step: '0.85 m' }) }),
  )
  expect(
    await screen.findByLabelText(text('ground.field', { label: text('ground.apart'), unit: 'm' })),
  ).toHaveValue('0.85')
})

test('a number that may not stand says what may, and the last one stays', async () => {
  const { user, asked } = open({})
  await user.click(await add('row'))
  const poles = await screen.findByLabelText(text('ground.poles'))
  await user.clear(poles)
  await user.type(poles, '30')
  expect(screen.getByText(text('ground.between', { least: 1, most: 12 }))).toBeVisible()
  await user.tab()
  expect(poles).toHaveValue('3')
  expect(asked.filter((a) => a.request.includes('/ground/')).at(-1)?.body).toMatchObject({
    things: [{ row: { poles: 3 } }],
  })
})

test('spots are ticked off, and the list stays on the device without a network', async () => {
  const spot = {
    kind: 'CONE' as const,
    number: 1,
    x: 10,
    y: 20,
    tapes: [
      { from: 'A', metres: 20, paces: 21.9 },
      { from: 'CORNER_AK', metres: 22.36, paces: 24.5 },
    ],
    which: { letter: 'C', isNearer: true },
  }
  const first = open({ spots: [spot] })
  await first.user.click(await add('cone'))
  await first.user.click(await screen.findByRole('checkbox'))
  expect(screen.getByRole('checkbox')).toBeChecked()
  expect(screen.getByText(text('ground.done', { done: 1, of: 1 }))).toBeVisible()
  expect(within(screen.getByRole('checkbox')).getByText(text('ground.corners.CORNER_AK'))).toBeVisible()
  cleanup()
  open({}, new Refusal(500, 'failure'))
  expect(await screen.findByRole('checkbox')).toBeChecked()
  expect(screen.getByText(text('ground.done', { done: 1, of: 1 }))).toBeVisible()
})

test('feet and inches: shown, typed and sent in metres', async () => {
  const { user, asked } = open({ row: { apartM: 1.25, horses: [] } })
  await user.click(await screen.findByRole('button', { name: text('units.names.FEET') }))
  await user.click(await add('row'))
  expect(await screen.findByText(text('ground.rowSays', { metres: '4 ft 1 in' }))).toBeVisible()
  const apart = screen.getByLabelText(text('ground.field', { label: text('ground.apart'), unit: 'ft in' }))
  await user.type(apart, "4' 6")
  await waitFor(() => expect(asked.at(-1)?.body).toMatchObject({ things: [{ row: { apartM: 1.3716 } }] }))
  await user.clear(apart)
  await user.type(apart, '40')
  expect(screen.getByText(text('ground.between', { least: '1 ft 4 in', most: '16 ft 5 in' }))).toBeVisible()
  await user.click(screen.getByRole('button', { name: text('units.names.METRES') }))
})

test('a course is put together over the fences that stand, turned round and reordered', async () => {
  const { user, asked } = open({
    course: {
      pieces: [],
      lengthM: 61.2,
      allowedS: 10.5,
      legs: [{ from: 1, lengthM: 30.6, turnDeg: 0, horses: [{ pair: pair.pair, strides: 9.5 }] }],
      horses: [{ pair: pair.pair, seconds: 12.2, tooTight: null }],
    },
    inTheWayOf: [],
  })
  await user.click(await add('fences'))
  expect(screen.queryByRole('button', { name: '+ Course' })).not.toBeInTheDocument()
  await user.click(await add('fences'))
  await user.click(await add('course'))
  expect(await screen.findByText(text('ground.overTime', { seconds: '12' }))).toBeVisible()
  const second = text('ground.numbered', { name: text('ground.kind.fences'), number: 2 })
  await user.click(screen.getByRole('button', { name: text('ground.otherWay', { name: second }) }))
  await user.click(screen.getByRole('button', { name: text('ground.earlier', { name: second }) }))
  await waitFor(() => {
    const sent = asked.at(-1)?.body as { things: { id: string; course: { over: object[] } | null }[] }
    const [first, other, course] = sent.things
    expect(course?.course?.over).toEqual([
      { fences: other?.id, isReversed: true },
      { fences: first?.id, isReversed: false },
    ])
  })
})

test('a landmark of an arena is moved by keys, and its numbers follow', async () => {
  const { user } = open({})
  await user.click(await screen.findByText(text('ground.addLandmark')))
  document.querySelector<SVGGElement>('[data-landmark]')?.focus()
  await user.keyboard('{ArrowRight}{Shift>}{ArrowUp}{/Shift}')
  const field = (key: 'across' | 'up') =>
    screen.getAllByLabelText(text('ground.field', { label: text(`ground.${key}`), unit: 'm' })).at(-1)
  expect(field('across')).toHaveValue('0.5')
  expect(field('up')).toHaveValue('0.1')
  // and back again, by keys and by the hand
  await user.keyboard('{Control>}z{/Control}')
  expect(field('up')).toHaveValue('0')
  const card = within(screen.getByRole('group', { name: text('ground.arenas') }))
  await user.click(card.getByRole('button', { name: text('ground.redo') }))
  expect(field('up')).toHaveValue('0.1')
  await user.type(screen.getByLabelText(text('ground.landmark')), 'Oak')
  await user.click(card.getByRole('button', { name: text('ground.undo') }))
  expect(screen.getByLabelText(text('ground.landmark'))).toHaveValue('')
  expect(field('up')).toHaveValue('0.1')
})

const planned = lesson()
const PLANNED = {
  lesson: planned,
  plan: {
    beforeS: 300,
    blocks: [{ of: { gait: 'TROT' }, ground: { kind: 'POLE_LINE' }, circleM: null, workS: 120, restS: 30 }],
  },
  ground: { version: 3, things: [], pace: 'TROT', variant: 'WORKING', measured: VIEW },
}

test('a lesson’s ground is set up from its plan, kept for it, and left again', async () => {
  const made = { ...newThing('row', 'row', ROOM, VIEW.arena), laidS: 720 }
  const user = userEvent.setup()
  const { sent } = show(<GroundPage />, {
    path: '/ground',
    at: `/ground?pair=${planned.pair}&lesson=${planned.id}`,
    answers: {
      'GET /api/v1/ground': ROOM,
      'GET /api/v1/today': { date: '2026-11-24', lessons: [] },
      'GET /api/v1/pairs/names': { pairs: [] },
      [`GET /api/v1/lessons/${planned.id}/plan`]: PLANNED,
      [`PUT /api/v1/lessons/${planned.id}/ground`]: PLANNED.ground,
      'POST /api/v1/ground/merged': { things: [{ thing: made, pairs: [planned.pair] }], noRoom: [] },
      'POST /api/v1/ground/measures': (body: unknown) => ({
        ...VIEW,
        things: (body as Sent).things.map(({ id }) => ({ ...THING, id })),
      }),
    },
    me: { person: 'coach', actions: ['SEE_PLAN', 'RECORD', 'PLAN'] },
  })
  await user.click(await screen.findByRole('button', { name: text('ground.fromPlans', { count: 1 }) }))
  expect(await screen.findByText(text('ground.somethingMoves'))).toBeVisible()
  const need = sent('POST /api/v1/ground/merged')[0]
  expect(need).toMatchObject({ needs: [{ pair: planned.pair, pace: 'TROT', fromS: 300, lastsS: 150 }] })
  await user.click(
    screen.getByRole('button', { name: text('ground.keepForLessons', { names: planned.horse }) }),
  )
  expect(await screen.findByText(text('ground.keptForLessons', { names: planned.horse }))).toBeVisible()
  const kept = sent(`PUT /api/v1/lessons/${planned.id}/ground`)[0]
  expect(kept).toMatchObject({ version: 3, arena: 'SMALL', things: [{ id: 'row', laidS: 720 }] })
  await user.click(screen.getByRole('button', { name: text('ground.notForLessons') }))
  expect(screen.queryByText(text('ground.somethingMoves'))).not.toBeInTheDocument()
})

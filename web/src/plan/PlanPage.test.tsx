import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, expect, test, vi } from 'vitest'
import type { PlanBlock, PlannedLesson } from '../api'
import { lesson, show, text } from '../page.testing'
import PlanPage from './PlanPage'

afterEach(() => vi.restoreAllMocks())

const planned = lesson()
const PATH = `/api/v1/lessons/${planned.id}/plan`
const rung = (exercise: string, name: string) => ({
  rung: `${exercise}.walk.rail`,
  exercise,
  name,
  shortName: name,
  gait: 'WALK',
  place: 'RAIL',
})
const BEND = rung('counter-bend', 'Counter-bend')
const STOP = rung('quiet-halt', 'Quiet halt')
const block = (of: PlanBlock['of'], role: PlanBlock['role']): PlanBlock => ({
  of,
  role,
  turns: [
    { rein: 'LEFT', seconds: 120 },
    { rein: 'RIGHT', seconds: 240 },
  ],
  workS: 360,
  restS: 60,
  leftS: 120,
  rightS: 240,
  longer: 'RIGHT',
  side: 'NONE',
  locked: false,
  reasons: [],
  circleM: null,
  bendDegrees: null,
  ground: { kind: 'TRACK', lengthM: 40, smallestRadiusM: null, changesOfBend: 0, pieces: [], forHorse: null },
  position: 'Sit level.',
  goodSigns: [],
  cautions: ['Know the passing rule.'],
  aside: null,
  wayBack: null,
  wayBackSaid: 'Walk on straight.',
})
const plan = (more: Partial<PlannedLesson['plan']> = {}): PlannedLesson => ({
  lesson: planned,
  plan: {
    book: 'plan/1',
    focus: ['BEND'],
    blocks: [block(BEND, 'MAIN'), block(STOP, 'LAST')],
    notes: [],
    workS: 720,
    restS: 120,
    leftS: 240,
    rightS: 480,
    beforeS: 300,
    afterS: 300,
    kit: [],
    helpers: [],
    later: [],
    ...more,
  },
  latch: null,
  roomS: 720,
  alternatives: [],
  strandNames: {},
  version: 0,
  isAsProposed: true,
  keptBy: null,
  focus: null,
  choice: null,
  choices: [{ rung: BEND, strand: 'bend', state: 'IN_WORK' }],
  breaches: [],
  changes: [],
  arena: { lengthM: 40, widthM: 20, letters: {} },
  ground: null,
})

const open = (view: PlannedLesson, answers: Record<string, unknown> = {}) =>
  show(<PlanPage />, {
    path: '/lessons/:id/plan',
    at: `/lessons/${planned.id}/plan`,
    me: { actions: ['PLAN', 'RECORD', 'SEE_TODAY'] },
    answers: { [`GET ${PATH}`]: view, ...answers },
  })

test('the first exercise stands open, with its cautions', async () => {
  open(plan())
  expect(await screen.findByRole('heading', { level: 1 })).toHaveTextContent(text('focus.BEND'))
  expect(screen.getByText('Know the passing rule.')).toBeVisible()
  expect(screen.getByRole('link', { name: text('plan.ride') })).toBeVisible()
})

test('a plan that is as proposed is kept as it stands', async () => {
  const { sent } = open(plan(), { [`PUT ${PATH}`]: { ...plan(), version: 1, keptBy: 'Ottilie' } })
  await userEvent.click(await screen.findByRole('button', { name: text('plan.keep') }))
  await vi.waitFor(() => expect(sent(`PUT ${PATH}`)).toHaveLength(1))
  expect(sent(`PUT ${PATH}`)[0]).toMatchObject({
    version: 0,
    blocks: [
      { rung: BEND.rung, role: 'MAIN', seconds: 360, longer: 'RIGHT' },
      { rung: STOP.rung, role: 'LAST' },
    ],
  })
})

test('where help comes first nothing leads to Ride, and nothing is kept', async () => {
  open(plan({ focus: ['HELP_FIRST'], blocks: [] }))
  expect(await screen.findByRole('heading', { level: 1 })).toHaveTextContent(text('focus.HELP_FIRST'))
  expect(screen.queryByRole('link', { name: text('plan.ride') })).toBeNull()
  expect(screen.queryByRole('button', { name: text('plan.keep') })).toBeNull()
})

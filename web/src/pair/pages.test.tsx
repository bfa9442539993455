import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, describe, expect, test, vi } from 'vitest'
import { pairItem, Refusal, show, step, text } from '../page.testing'
import type { PairView, SchoolsOfPair, SchoolView } from '../api'
import { FactsCard } from './FactsCard'
import PairPage from './PairPage'
import PairsPage from './PairsPage'
import { SchoolCard } from './SchoolCard'

afterEach(() => vi.restoreAllMocks())

const marzipan = pairItem()
const tamarack = pairItem({ horse: 'Tamarack', rider: 'Imre' })
const names = (...pairs: (typeof marzipan)[]) => ({
  'GET /api/v1/pairs/names': {
    pairs: pairs.map(({ id, riderId, horseId, rider, horse }) => ({ id, riderId, horseId, rider, horse })),
  },
})
const FACTS = {
  heightCm: 158,
  bornYear: null,
  horseKg: 520,
  shouldWeighKg: null,
  riderKg: null,
  tackKg: null,
  girthCm: null,
  lengthCm: null,
  weeksOff: null,
  minutesBefore: null,
  inWorkSince: null,
  backSince: null,
}
const facts = (more = {}) => ({
  facts: FACTS,
  version: 3,
  overrule: null,
  weightShare: null,
  tapeKg: null,
  weightLevel: null,
  ...more,
})

const HELD: SchoolView['settings'] = {
  sideReins: 'ALLOWED',
  leg: null,
  slack: 'GOAL',
  bit: null,
  landingLead: 'LEFT_ALONE',
  canterFrom: 'TROT',
  order: null,
}
const OWN: SchoolsOfPair['own'] = {
  sideReins: null,
  leg: null,
  slack: null,
  bit: null,
  landingLead: null,
  canterFrom: null,
  order: null,
}

const schoolOf = (school: SchoolView['school'], more: Partial<SchoolView> = {}): SchoolView => ({
  school,
  ladder: ['look', 'touch', 'press', 'tap'],
  teaches: 'The release.',
  frame: 'Softness first.',
  leg: 'Off.',
  notAllowed: 'Nothing is released on a brace.',
  why: 'What is let go teaches.',
  correction: 'WHEN_CLEAR',
  strands: ['bend', 'ground', 'rider', 'canter'],
  settings: HELD,
  change: null,
  ...more,
})

describe('the school of a pair', () => {
  const PATH = `/api/v1/pairs/${marzipan.id}/school`
  const open = () =>
    show(<SchoolCard pair={{ ...marzipan, school: 'PRESSURE_AND_RELEASE' } as unknown as PairView} />, {
      answers: {
        [`GET ${PATH}`]: {
          now: 'PRESSURE_AND_RELEASE',
          version: 2,
          own: OWN,
          schools: [
            schoolOf('PRESSURE_AND_RELEASE'),
            schoolOf('REWARD_BASED', {
              ladder: [],
              change: {
                comes: ['Touch the target'],
                goes: ['Renvers', 'Travers'],
                isByChoice: true,
                isByStrength: false,
              },
            }),
          ],
        },
        [`PUT ${PATH}`]: {},
        [`PUT ${PATH.replace(/school$/, 'settings')}`]: {},
      },
    })

  test('says what is not allowed and why, and the ladder in its words', async () => {
    open()
    expect(await screen.findByText(/Nothing is released on a brace/)).toHaveTextContent(
      'What is let go teaches.',
    )
    expect(screen.getAllByRole('listitem').map((l) => l.textContent)).toEqual([
      'look',
      'touch',
      'press',
      'tap',
    ])
  })

  test('what teachers disagree on says what holds and where it acts, and is settled by one choice', async () => {
    const { sent } = open()
    const user = userEvent.setup()
    await user.click(await screen.findByText(text('setting.none')))
    const reins = screen.getByLabelText(text('setting.sideReins.title'))
    expect(reins).toHaveDisplayValue(
      text('setting.bySchool', {
        school: text('school.PRESSURE_AND_RELEASE'),
        choice: text('setting.sideReins.ALLOWED'),
      }),
    )
    expect(screen.getByText(text('setting.sideReins.acts'))).toBeVisible()
    expect(screen.getByLabelText(text('setting.leg.title'))).toHaveDisplayValue(text('setting.leg.open'))
    await user.selectOptions(reins, 'NEVER')
    expect(sent(`PUT ${PATH.replace(/school$/, 'settings')}`)).toEqual([
      { version: 2, settings: { ...OWN, sideReins: 'NEVER' } },
    ])
  })

  test('another one says what it would change before it is chosen', async () => {
    const { sent } = open()
    const user = userEvent.setup()
    await user.click(await screen.findByText(text('schoolOf.change')))
    await user.selectOptions(screen.getByRole('combobox', { name: text('schoolOf.change') }), 'REWARD_BASED')
    expect(screen.getByText(text('schoolOf.goes', { count: 2, names: 'Renvers, Travers' }))).toBeVisible()
    expect(screen.getByText(text('schoolOf.byChoice'))).toBeVisible()
    expect(screen.getByText(text('schoolOf.noLadder'))).toBeVisible()
    expect(sent(`PUT ${PATH}`)).toEqual([])
    await user.click(screen.getByRole('button', { name: text('schoolOf.do', { horse: marzipan.horse }) }))
    await vi.waitFor(() => expect(sent(`PUT ${PATH}`)).toEqual([{ school: 'REWARD_BASED' }]))
  })
})

describe('the list of pairs', () => {
  test('goes on where the page ends', async () => {
    show(<PairsPage />, {
      answers: {
        ...names(),
        'GET /api/v1/pairs': { pairs: [marzipan], next: 'abc' },
        'GET /api/v1/pairs?after=abc': { pairs: [tamarack], next: null },
      },
    })
    const user = userEvent.setup()
    expect(await screen.findByText(/Marzipan/)).toBeVisible()
    expect(screen.queryByText(/Tamarack/)).toBeNull()
    await user.click(screen.getByRole('button', { name: text('list.more') }))
    expect(await screen.findByText(/Tamarack/)).toBeVisible()
    expect(screen.queryByRole('button', { name: text('list.more') })).toBeNull()
  })

  test('says what went wrong, and asks again', async () => {
    const { asked } = show(<PairsPage />, {
      answers: { ...names(), 'GET /api/v1/pairs': new Refusal(422, 'refused') },
    })
    expect(await screen.findByRole('alert')).toHaveTextContent(text('problem.refused'))
    await userEvent.click(screen.getByRole('button', { name: text('problem.again') }))
    await vi.waitFor(() =>
      expect(asked.filter((a) => a.request === 'GET /api/v1/pairs').length).toBeGreaterThan(1),
    )
  })

  test('a new rider is paired with a horse that is here already', async () => {
    const { sent } = show(<PairsPage />, {
      answers: {
        ...names(marzipan, tamarack),
        'GET /api/v1/pairs': { pairs: [marzipan, tamarack], next: null },
        'POST /api/v1/pairs': { id: 'new' },
      },
    })
    const user = userEvent.setup()
    await user.selectOptions(
      await screen.findByRole('combobox', { name: text('pairs.horse') }),
      tamarack.horseId,
    )
    expect(screen.queryByLabelText(text('pairs.newHorseName'))).toBeNull()
    await user.type(screen.getByLabelText(text('pairs.rider')), 'Rosalba')
    await user.click(screen.getByRole('button', { name: text('pairs.goAdd') }))
    expect(await screen.findByRole('separator')).toBeVisible()
    expect(sent('POST /api/v1/pairs')).toEqual([
      expect.objectContaining({
        rider: 'Rosalba',
        horseId: tamarack.horseId,
        horse: 'Tamarack',
        school: 'CLASSICAL',
      }),
    ])
  })
})

describe('a pair', () => {
  const view = {
    id: marzipan.id,
    horseId: marzipan.horseId,
    rider: 'Tobiah',
    horse: 'Marzipan',
    description: null,
    school: 'CLASSICAL',
    goal: null,
    stair: [
      step({ reopened: true }),
      step({ rung: 'tolt.walk.rail', name: 'tolt.walk.rail', state: 'CLOSED' }),
    ],
    trendStrand: null,
    trend: [],
    lessons: [],
    nextLessons: null,
    decisions: [],
    nextDecisions: null,
    behind: [],
    settled: [{ exercise: 'Surcingle and side reins', instead: null }],
    first: { order: 'JAW_FIRST', strands: ['jaw', 'bend'] },
    strandNames: {},
    placings: [
      {
        id: 'p',
        pair: marzipan.id,
        rung: 'counter-bend.walk.rail',
        known: true,
        by: 'Ottilie',
        at: '2026-11-20T10:00:00Z',
      },
    ],
  }

  test('what a clip contradicts is said of the feet of either side', async () => {
    const complained = vi.spyOn(console, 'error')
    const beats = (feet: 'LEFT' | 'RIGHT') =>
      ({ kind: 'FOUR_BEATS', side: 'LEFT', feet, share: 0.06, low: 0.04, high: 0.08 }) as const
    show(<PairPage />, {
      path: '/pairs/:id',
      at: `/pairs/${marzipan.id}`,
      answers: {
        [`GET /api/v1/pairs/${marzipan.id}`]: {
          ...view,
          stair: [step({ missing: [beats('LEFT'), beats('RIGHT')] })],
        },
        [`GET /api/v1/pairs/${marzipan.id}/facts`]: facts(),
        [`GET /api/v1/pairs/${marzipan.id}/people`]: { people: [] },
      },
    })
    expect(await screen.findByText(/the left fore lands/)).toBeInTheDocument()
    expect(screen.getByText(/the right fore lands/)).toBeInTheDocument()
    expect(complained.mock.calls.flat().filter((said) => String(said).includes('same key'))).toEqual([])
  })

  test('is placed on its stair by the coach’s word, and taken back', async () => {
    const placed = step({ rung: 'yield.walk.rail', name: 'Yield', state: 'PLACED' })
    const { sent } = show(<PairPage />, {
      path: '/pairs/:id',
      at: `/pairs/${marzipan.id}`,
      answers: {
        [`GET /api/v1/pairs/${marzipan.id}`]: { ...view, stair: [step(), placed] },
        [`GET /api/v1/pairs/${marzipan.id}/facts`]: facts(),
        [`GET /api/v1/pairs/${marzipan.id}/people`]: { people: [] },
        [`POST /api/v1/pairs/${marzipan.id}/placings`]: undefined,
      },
    })
    const user = userEvent.setup()
    const known = await screen.findAllByRole('button', { name: new RegExp(text('placing.known')) })
    await user.click(known[0] as HTMLElement)
    await vi.waitFor(() => expect(sent(`POST /api/v1/pairs/${marzipan.id}/placings`)).toHaveLength(1))
    await user.click(screen.getByRole('button', { name: /^Yield.*: Take back/ }))
    await vi.waitFor(() =>
      expect(sent(`POST /api/v1/pairs/${marzipan.id}/placings`)).toEqual([
        expect.objectContaining({ rung: step().rung, known: true }),
        expect.objectContaining({ rung: 'yield.walk.rail', known: false }),
      ]),
    )
    expect(screen.getByText(/20 Nov, Ottilie: can do/)).toBeInTheDocument()
  })

  test('shows its stair by strand; a rung that has left the library says so', async () => {
    show(<PairPage />, {
      path: '/pairs/:id',
      at: `/pairs/${marzipan.id}`,
      answers: {
        [`GET /api/v1/pairs/${marzipan.id}`]: view,
        [`GET /api/v1/pairs/${marzipan.id}/facts`]: facts(),
        [`GET /api/v1/pairs/${marzipan.id}/people`]: { people: [] },
      },
    })
    expect(await screen.findByRole('heading', { level: 1 })).toHaveTextContent('Marzipan')
    expect(screen.getByRole('heading', { name: text('strand.bend') })).toBeVisible()
  })

  test('says on the stair what was settled to come first, and which rung is to be passed again', async () => {
    show(<PairPage />, {
      path: '/pairs/:id',
      at: `/pairs/${marzipan.id}`,
      answers: {
        [`GET /api/v1/pairs/${marzipan.id}`]: view,
        [`GET /api/v1/pairs/${marzipan.id}/facts`]: facts(),
        [`GET /api/v1/pairs/${marzipan.id}/people`]: { people: [] },
      },
    })
    expect(
      await screen.findByText(
        text('pair.comesFirst', {
          first: text('setting.order.JAW_FIRST'),
          strands: `${text('strand.jaw')}, ${text('strand.bend')}`,
        }),
      ),
    ).toBeVisible()
    expect(screen.getByRole('listitem', { name: new RegExp(text('state.reopened')) })).toHaveTextContent(
      `↺ ${text('state.reopened')}`,
    )
  })
})

describe('the facts of a horse', () => {
  const path = `/api/v1/pairs/${marzipan.id}/facts`

  test('are kept as numbers, those emptied as nothing, against the version that was read', async () => {
    const { sent } = show(<FactsCard pair={marzipan.id} />, {
      answers: { [`GET ${path}`]: facts(), [`PUT ${path}`]: facts({ version: 4 }) },
    })
    const user = userEvent.setup()
    const height = await screen.findByLabelText(text('facts.heightCm'))
    expect(height).toHaveValue(158)
    expect(screen.queryByRole('button', { name: text('facts.keep') })).toBeNull()
    await user.clear(height)
    await user.type(screen.getByLabelText(text('facts.riderKg')), '61.5')
    await user.click(screen.getByRole('button', { name: text('facts.keep') }))
    await vi.waitFor(() => expect(sent(`PUT ${path}`)).toHaveLength(1))
    expect(sent(`PUT ${path}`)[0]).toEqual({ version: 3, facts: { ...FACTS, heightCm: null, riderKg: 61.5 } })
  })

  test('another horse is advised until somebody says why not', async () => {
    const { sent } = show(<FactsCard pair={marzipan.id} />, {
      answers: {
        [`GET ${path}`]: facts({ weightShare: 0.23, tapeKg: null, weightLevel: 'ANOTHER_HORSE' }),
        [`POST ${path}/overrule`]: facts({ version: 4 }),
      },
    })
    const user = userEvent.setup()
    const keep = await screen.findByRole('button', { name: text('facts.overrule') })
    expect(keep).toBeDisabled()
    await user.type(screen.getByLabelText(text('facts.reason')), ' twenty minutes in walk ')
    await user.click(keep)
    await vi.waitFor(() =>
      expect(sent(`POST ${path}/overrule`)).toEqual([
        expect.objectContaining({ reason: 'twenty minutes in walk' }),
      ]),
    )
  })
})

import { ChakraProvider } from '@chakra-ui/react'
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { render } from '@testing-library/react'
import type { ReactElement } from 'react'
import { MemoryRouter, Route, Routes } from 'react-router'
import { v7 } from 'uuid'
import { vi } from 'vitest'
import type { Assignment, Cards, HomeworkStep, Lesson, Me, Packet, PairItem, Plan, Step } from './api'
import { SafetyProvider } from './safety/SafetyProvider'
import { MeProvider } from './session'
import i18next from './text'
import { system } from './theme'

/** What was asked of the server. */
export interface Asked {
  request: string
  body: unknown
}

/** An answer that is a problem. */
export class Refusal {
  constructor(
    readonly status: number,
    readonly code: string,
    readonly issues: { code: string; path: string; expected: string }[] = [],
  ) {}
}

const COACH: Me['actions'] = [
  'SEE_TODAY',
  'SEE_PAIRS',
  'ADD_PAIR',
  'EDIT_PAIR',
  'ADD_LESSON',
  'RECORD',
  'SEE_HOMEWORK',
  'SET_HOMEWORK',
  'DECIDE',
]

export interface Given {
  /** The address of the page, as a pattern, and where the reader stands. */
  path?: string
  at?: string
  me?: Partial<Me>
  /** By method and path, GET /api/v1/today; what is missing cannot be reached. A function is asked with what was sent. */
  answers?: Record<string, unknown>
}

/** What the language file says under a key, so that a test names the key and not the wording. */
export function text(key: string, values: Record<string, unknown> = {}): string {
  if (!i18next.exists(key, values)) throw new Error(`There is no text ${key}.`)
  return i18next.t(key, { ...values, defaultValue: '' })
}

/** Shows a page as somebody signed in sees it, before a server that answers what it is told to. */
export function show(page: ReactElement, { path = '/', at = path, me, answers = {} }: Given = {}) {
  const asked: Asked[] = []
  const all: Record<string, unknown> = {
    'GET /api/v1/safety': { horses: [], contacts: [], serverMs: Date.now() },
    ...answers,
  }
  vi.spyOn(globalThis, 'fetch').mockImplementation(async (input, init) => {
    const request = new Request(input, init)
    const { pathname, search } = new URL(request.url)
    const key = `${request.method} ${pathname}`
    const body: unknown = request.method === 'GET' ? undefined : JSON.parse((await request.text()) || 'null')
    asked.push({ request: key + search, body })
    const answer = all[key + search] ?? all[key]
    if (answer === undefined) throw new TypeError(`no network: ${key + search}`)
    const [status, json] =
      answer instanceof Refusal
        ? [answer.status, { code: answer.code, issues: answer.issues }]
        : [200, typeof answer === 'function' ? (answer as (sent: unknown) => unknown)(body) : answer]
    return new Response(JSON.stringify(json), { status, headers: { 'Content-Type': 'application/json' } })
  })
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } })
  const reader: Me = {
    person: v7(),
    name: 'Ottilie',
    role: 'COACH',
    yard: 'Saltmarsh',
    timeZone: 'UTC',
    actions: COACH,
    ...me,
  }
  render(
    <ChakraProvider value={system}>
      <QueryClientProvider client={client}>
        <MemoryRouter initialEntries={[at]}>
          <MeProvider value={reader}>
            <SafetyProvider>
              <Routes>
                <Route path={path} element={page} />
                <Route path="*" element={<hr />} />
              </Routes>
            </SafetyProvider>
          </MeProvider>
        </MemoryRouter>
      </QueryClientProvider>
    </ChakraProvider>,
  )
  /** The bodies sent with this request, in order. */
  const sent = (request: string) => asked.filter((a) => a.request === request).map((a) => a.body)
  /** From now on this is answered, and whoever shows it hears of it. */
  const change = (request: string, answer: unknown) => {
    all[request] = answer
    return client.invalidateQueries()
  }
  return { asked, sent, change, client, me: reader }
}

export const lesson = (more: Partial<Lesson> = {}): Lesson => ({
  id: v7(),
  pair: v7(),
  rider: 'Tobiah',
  horse: 'Marzipan',
  horseId: v7(),
  plannedAt: '2026-11-24T17:00:00Z',
  minutes: 45,
  startedAt: null,
  endedAt: null,
  exchanges: 0,
  borrowed: null,
  group: null,
  ...more,
})

const SIDE = { successes: 4, asks: 6, tallied: 0, window: 10, needed: 8, lessonsHeld: 0, lessonsNeeded: 2 }

export const step = (more: Partial<Step> = {}): Step => ({
  rung: 'counter-bend.walk.rail',
  strand: 'bend',
  exercise: 'counter-bend',
  name: 'Counter-bend on the rail',
  shortName: 'Counter-bend',
  gait: 'WALK',
  place: 'RAIL',
  state: 'IN_WORK',
  reopened: false,
  works: 'OUTSIDE',
  left: SIDE,
  right: SIDE,
  awaits: [],
  day: 3,
  missing: [],
  ...more,
})

export const pairItem = (more: Partial<PairItem> = {}): PairItem => ({
  id: v7(),
  riderId: v7(),
  horseId: v7(),
  rider: 'Tobiah',
  horse: 'Marzipan',
  school: 'CLASSICAL',
  inWork: [step()],
  lastLessonAt: '2026-11-20T17:00:00Z',
  lessons: 12,
  ...more,
})

const PLAN: Plan = {
  afterS: 0,
  beforeS: 0,
  blocks: [],
  book: 'plan/1',
  focus: [],
  leftS: 0,
  notes: [],
  kit: [],
  helpers: [],
  later: [],
  restS: 0,
  rightS: 0,
  workS: 0,
}

const CLASSICAL: Packet['school'] = {
  school: 'CLASSICAL',
  ladder: [],
  notAllowed: 'Never.',
  why: 'So.',
  pads: {},
  correction: 'PREVENT',
  whenStuck: 'END_ON_KNOWN',
}

/** What a lesson needs on the device: one rung, no plan, nothing watched. */
export const packet = (of: Lesson, more: Partial<Packet> = {}, plan: Partial<Plan> = {}): Packet => ({
  lesson: of,
  rungs: [step()],
  maySpeak: true,
  mayKeepStills: true,
  strandNames: {},
  headgear: { now: null, all: [{ id: 'side-pull', name: 'Side-pull', bit: 'BITLESS' }] },
  school: CLASSICAL,
  schools: [
    CLASSICAL,
    { ...CLASSICAL, school: 'REWARD_BASED', pads: { STRENGTH: 'CHOICE' }, correction: 'IGNORE' },
  ],
  settled: { slack: 'FAULT', landingLead: 'CHANGED', bit: null, correction: 'PREVENT' },
  corrections: {},
  ownPads: {},
  band: null,
  cues: [],
  ground: { stands: null, onCones: [], coneParts: [] },
  known: { fears: null, sightAndHearing: null, ownGait: null, head: null, unwanted: [] },
  usual: [
    {
      exercise: 'counter-bend',
      pad: 'STRENGTH',
      padKind: 'STRENGTH',
      circleM: null,
      left: [],
      right: [],
      none: [],
    },
  ],
  plan: {
    latch: null,
    isKept: false,
    plan: { ...PLAN, ...plan },
    work: null,
    heat: { light: 150, lightFromC: 35, shade: 130, speaksFromC: 22, stop: 180 },
    probeAsks: 4,
    nudges: {
      betterBy: 1,
      breathS: 60,
      goodStopS: 600,
      quietS: 30,
      stuckWrong: 3,
      turnS: 300,
      whenStuck: 'END_ON_KNOWN',
      workS: 2700,
      yesRunning: 3,
    },
  },
  looksBefore: [],
  lastTime: { open: [], helps: [], note: null },
  seenBefore: [],
  watch: [],
  watchWeeks: 4,
  entries: [],
  arrival: 0,
  serverMs: Date.now(),
  ...more,
})

export const HOMEWORK_STEP: HomeworkStep = {
  rung: 'counter-bend.walk.rail',
  name: 'Counter-bend on the rail',
  gait: 'WALK',
  place: 'RAIL',
  works: 'OUTSIDE',
  amount: 6,
  unit: 'REPEATS',
  secondsARein: 216,
  instruction: 'Turn the nose to the fence.',
  feel: 'Soft.',
  goesWrong: 'Ask for half as much.',
  film: ['SIDE', 'FEET'],
  stopIf: [],
  secondBest: 'Walk straight.',
  cautions: [],
  aside: null,
  ground: null,
}

const DONE = { done: 0, set: 4 }
export const assignment = (more: Partial<Assignment> = {}): Assignment => ({
  id: 'a',
  pair: v7(),
  rider: 'Tobiah',
  horse: 'Marzipan',
  steps: [HOMEWORK_STEP, { ...HOMEWORK_STEP, gait: 'TROT' }],
  step: 0,
  stepSince: '2026-11-20',
  isPaused: false,
  stop: null,
  stopSigns: [],
  easyRunning: 1,
  easyNeeded: 2,
  daysToGo: 3,
  minDays: 5,
  goodShare: null,
  programme: null,
  isReady: false,
  daysAWeek: 4,
  setOn: '2026-11-20',
  setAt: '2026-11-20T18:00:00Z',
  days: DONE,
  leftSeconds: DONE,
  rightSeconds: DONE,
  overDays: [],
  lookIn: 'QUESTION',
  advised: 'CARRY_ON',
  turns: [],
  doneTodayLeftS: 0,
  doneTodayRightS: 0,
  practices: [],
  pausedPractices: [],
  lookIns: [],
  ...more,
})

export const cards = (...all: Assignment[]): Cards => ({
  serverMs: Date.now(),
  pairs: all.map((card) => ({
    pair: card.pair,
    horseId: v7(),
    horse: card.horse,
    rider: card.rider,
    cards: [card],
    stair: [step()],
    strandNames: {},
  })),
})

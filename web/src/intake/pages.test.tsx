import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test, vi } from 'vitest'
import type { CueBook, Intake, PainCounts } from '../api'
import { Refusal, show, text } from '../page.testing'
import CountPage from './CountPage'
import IntakePage from './IntakePage'

const INTAKE: Intake = {
  horseName: 'Tamarack',
  riderName: 'Imre',
  goal: 'Sit still in the trot.',
  horse: {
    ownGait: null,
    breed: 'Connemara',
    formerUse: null,
    trainedYears: null,
    temperament: null,
    fears: null,
    sightAndHearing: null,
    history: null,
    timeOff: null,
    teethOn: null,
    soundness: [],
    turnoutDays: null,
    turnoutHours: null,
  },
  horseVersion: 2,
  rider: { experience: null, worries: null, ridesDays: null },
  riderVersion: 0,
  together: {
    togetherSince: null,
    grounds: null,
    kit: null,
    otherTeachers: null,
    clashes: null,
    head: null,
    unwanted: [],
  },
  togetherVersion: 0,
}

const BOOK: CueBook = {
  cues: [
    {
      id: 'c1',
      version: 1,
      cue: {
        signal: 'Both legs',
        meaning: 'longer',
        gait: null,
        since: null,
        isProven: false,
        isPutAway: false,
      },
    },
  ],
  clashes: [{ signal: 'Both legs', first: 'longer', second: 'quicker' }],
}

const path = '/api/v1/pairs/p'
const answers = {
  [`GET ${path}/intake`]: INTAKE,
  [`GET ${path}/cues`]: BOOK,
  [`PUT ${path}/intake/horse`]: { ...INTAKE, horseVersion: 3 },
}

test('one part is saved by itself, what was emptied as nothing, against the version that was read', async () => {
  const { sent } = show(<IntakePage />, { path: '/pairs/:id/about', at: '/pairs/p/about', answers })
  const user = userEvent.setup()
  await user.clear(await screen.findByLabelText(text('intake.breed')))
  await user.type(screen.getByLabelText(text('intake.fears')), 'Umbrellas')
  await user.click(screen.getByRole('button', { name: text('intake.addSoundness') }))
  await user.click(screen.getByRole('button', { name: text('intake.save') }))
  await vi.waitFor(() => expect(sent(`PUT ${path}/intake/horse`)).toHaveLength(1))
  expect(sent(`PUT ${path}/intake/horse`)[0]).toEqual({
    part: 'horse',
    version: 2,
    // a note in which nothing stands is none
    horse: { ...INTAKE.horse, breed: null, fears: 'Umbrellas' },
  })
})

test('what somebody else changed meanwhile is said, and what was typed stays', async () => {
  show(<IntakePage />, {
    path: '/pairs/:id/about',
    at: '/pairs/p/about',
    answers: { ...answers, [`PUT ${path}/intake/rider`]: new Refusal(412, 'changed_meanwhile') },
  })
  const user = userEvent.setup()
  const worries = await screen.findByLabelText(text('intake.worries'))
  await user.type(worries, 'Cantering')
  await user.click(screen.getByRole('button', { name: text('intake.save') }))
  expect(await screen.findByRole('alert')).toBeInTheDocument()
  expect(worries).toHaveValue('Cantering')
})

test('a signal with two meanings stands before the book', async () => {
  show(<IntakePage />, { path: '/pairs/:id/about', at: '/pairs/p/about', answers })
  expect(await screen.findByText(text('cue.clash', { ...BOOK.clashes[0] }))).toBeInTheDocument()
})

const COUNTS: PainCounts = {
  horse: 'Tamarack',
  vetFrom: 2,
  questions: [
    { id: 'ears-back', region: 'FACE', asks: 'Are the ears back?' },
    { id: 'rushes', region: 'GAIT', asks: 'Does it rush?' },
    { id: 'bucks', region: 'ANSWER', asks: 'Does it buck?' },
  ],
  counts: [],
}

test('one question at a time; one back takes the last answer back; the count is saved by its ids', async () => {
  const saved = {
    id: 'x',
    seen: ['ears-back', 'bucks'],
    count: 2,
    isVetFirst: true,
    by: 'Ottilie',
    at: '2026-11-28T09:00:00Z',
  }
  const { sent } = show(<CountPage />, {
    path: '/pairs/:id/count',
    at: '/pairs/p/count',
    answers: {
      [`GET ${path}/pain-counts`]: COUNTS,
      [`POST ${path}/pain-counts`]: { ...COUNTS, counts: [saved] },
    },
  })
  const user = userEvent.setup()
  const touch = (key: string) => user.click(screen.getByRole('button', { name: text(key) }))
  await user.click(await screen.findByRole('button', { name: text('pain.begin') }))
  await touch('pain.yes')
  await touch('pain.yes')
  await touch('pain.undo')
  expect(screen.getByText('Does it rush?')).toBeInTheDocument()
  await touch('pain.no')
  await touch('pain.yes')
  expect(screen.getByText(text('pain.result', { count: 2, of: 3 }))).toBeInTheDocument()
  await touch('pain.keep')
  await vi.waitFor(() => expect(sent(`POST ${path}/pain-counts`)).toHaveLength(1))
  expect(sent(`POST ${path}/pain-counts`)[0]).toMatchObject({ seen: ['ears-back', 'bucks'] })
  const earlier = await screen.findByText(text('pain.vetFirst', { count: 2, of: 3 }))
  expect(within(earlier.closest('section') as HTMLElement).getByText(text('pain.fewer'))).toBeInTheDocument()
})

import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, expect, test, vi } from 'vitest'
import type { Exercise, ExerciseItem } from '../api'
import { show, text } from '../page.testing'
import ExercisePage from './ExercisePage'
import LibraryPage from './LibraryPage'

afterEach(() => vi.restoreAllMocks())

const item = (id: string, name: string, more: Partial<ExerciseItem> = {}): ExerciseItem => ({
  id,
  strand: 'quarters',
  name,
  gaits: ['WALK'],
  schools: ['CLASSICAL'],
  purpose: ['SUPPLENESS'],
  people: 'NOBODY',
  kit: [],
  isAlone: true,
  isHard: false,
  ...more,
})

const aid = (side: 'LEFT' | 'RIGHT', says: string | null = null) => ({
  means: 'LEG' as const,
  side,
  strength: 2,
  manner: 'TAP' as const,
  foot: null,
  says,
})

const RENVERS: Exercise = {
  id: 'renvers',
  strand: 'quarters',
  name: 'Renvers',
  purpose: ['COLLECTION'],
  schools: ['CLASSICAL'],
  space: 'a long side',
  people: 'NOBODY',
  kit: [{ item: 'four cones', substitute: 'four plastic tubs' }],
  figure: 'TRACK',
  circleM: null,
  ground: 'Out of shoulder-in.',
  works: 'OUTSIDE',
  moves: 'SHOULDERS_IN',
  position: 'Look along the track.',
  left: { flexed: 'RIGHT', worked: 'RIGHT', aids: [aid('LEFT', 'Behind the girth.')] },
  right: { flexed: 'LEFT', worked: 'LEFT', aids: [aid('RIGHT', 'Behind the girth.')] },
  goodSigns: ['beat stays'],
  faults: [{ seen: 'Falls in.', do: 'Shoulder-in again.' }],
  notJudgedYet: [{ what: 'the angle', from: 'renvers.trot.rail' }],
  correction: 'WHEN_CLEAR',
  wayBack: 'Travers.',
  instruction: 'Ride a shoulder-in.',
  cautions: ['Forward first, then sideways.'],
  dose: { least: 2, most: 3, unit: 'REPEATS', minutesEach: 0.8 },
  feel: 'The line stays.',
  goesWrong: 'Travers.',
  stopIf: ['knocks its legs'],
  secondBest: 'Shoulder-in.',
  hack: null,
  isHard: false,
  isAlone: true,
  rungs: [
    {
      rung: 'renvers.trot.rail',
      gait: 'TROT',
      place: 'RAIL',
      needs: [{ exercise: 'travers', name: 'Travers', gait: 'TROT', place: 'RAIL' }],
      wayBack: null,
      criterion: { kind: 'hold', numbers: { amount: 5, times: 3 }, unit: 'STRIDES' },
    },
  ],
  pairs: [{ pair: 'p', horse: 'Quillon', rider: 'Saskia', at: '2026-11-20T10:00:00Z' }],
}

test('an exercise is found by a word, and all are shown again by one key', async () => {
  show(<LibraryPage />, {
    answers: {
      'GET /api/v1/library': {
        exercises: [item('renvers', 'Renvers'), item('half-pass', 'Half-pass', { gaits: ['TROT'] })],
        strands: [],
      },
    },
  })
  const user = userEvent.setup()
  await user.type(await screen.findByRole('searchbox'), 'half')
  expect(screen.getByRole('status')).toHaveTextContent(text('library.count', { count: 1 }))
  expect(screen.getByRole('link')).toHaveAttribute('href', '/library/half-pass')
  await user.type(screen.getByRole('searchbox'), 'zzz')
  expect(screen.getByText(text('library.none'))).toBeVisible()
  await user.click(screen.getByRole('button', { name: text('library.all') }))
  expect(screen.getAllByRole('link')).toHaveLength(2)
  await user.selectOptions(screen.getByLabelText(text('library.gait')), 'TROT')
  expect(screen.getAllByRole('link')).toHaveLength(1)
})

test('a strand is walked as a stair by the arrow keys, and says what it needs of other strands', async () => {
  const step = (rung: string, needs: string[], wayBack: string | null) => ({
    rung,
    exercise: rung.split('.')[0] ?? '',
    shortName: rung.split('.')[0] ?? '',
    gait: 'TROT',
    place: 'RAIL',
    needs,
    wayBack,
  })
  show(<LibraryPage />, {
    answers: {
      'GET /api/v1/library': {
        exercises: [item('travers', 'Travers')],
        strands: [
          {
            strand: 'quarters',
            steps: [
              step('travers.trot.rail', ['shoulder-in.trot.rail'], 'shoulder-in.trot.rail'),
              step('renvers.trot.rail', ['travers.trot.rail'], 'travers.trot.rail'),
            ],
          },
          { strand: 'shoulders', steps: [step('shoulder-in.trot.rail', [], null)] },
        ],
      },
    },
  })
  const user = userEvent.setup()
  await user.click(await screen.findByRole('button', { name: text('library.asStair') }))
  const [first, second] = within(screen.getByRole('list', { name: /Quarters/ })).getAllByRole('link')
  expect(first).toHaveTextContent(text('library.needsShort', { rungs: 'shoulder-in (trot)' }))
  expect(first).toHaveTextContent(text('library.goesBackShort', { rung: 'shoulder-in (trot)' }))
  expect(second).not.toHaveTextContent('needs')
  first?.focus()
  await user.keyboard('{ArrowRight}')
  expect(second).toHaveFocus()
  await user.keyboard('{ArrowRight}{Home}')
  expect(first).toHaveFocus()
})

test('an exercise can be set out on either rein by what its page says', async () => {
  show(<ExercisePage />, {
    path: '/library/:id',
    at: '/library/renvers',
    answers: { 'GET /api/v1/library/renvers': RENVERS },
  })
  expect(await screen.findByRole('heading', { level: 1 })).toHaveTextContent('Renvers')
  expect(screen.getByText('Forward first, then sideways.')).toBeVisible()
  const right = within(screen.getByRole('region', { name: text('library.onRein.RIGHT') }))
  expect(right.getByText(new RegExp(text('library.flexed.LEFT')))).toHaveTextContent(
    text('library.worked.LEFT'),
  )
  expect(right.getByRole('listitem')).toHaveTextContent('Right leg: tap, light. Behind the girth.')
  expect(
    screen.getByText(text('library.criterion.hold', { amount: 5, unit: 'strides', times: 3 })),
  ).toBeVisible()
  expect(screen.getByText(/Travers, trot, rail/)).toBeVisible()
  expect(screen.getByRole('link', { name: /Quillon/ })).toHaveAttribute('href', '/pairs/p')
  expect(screen.getByText(/four cones, or four plastic tubs/)).toBeVisible()
})

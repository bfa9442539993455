import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, expect, test, vi } from 'vitest'
import type { ExerciseItem } from '../api'
import { show, text } from '../page.testing'
import ExercisePage from './ExercisePage'
import { RENVERS } from './library.testing'
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
  isOwn: false,
  ...more,
})

test('an exercise is found by a word, and all are shown again by one key', async () => {
  show(<LibraryPage />, {
    answers: {
      'GET /api/v1/library': {
        exercises: [item('renvers', 'Renvers'), item('half-pass', 'Half-pass', { gaits: ['TROT'] })],
        strands: [],
        strandNames: {},
        bySchool: [{ school: 'GAITED', strands: ['rhythm', 'bend'] }],
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

test('a pair’s school opens what it teaches, in its order', async () => {
  show(<LibraryPage />, {
    path: '/library',
    at: '/library?school=GAITED',
    answers: {
      'GET /api/v1/library': {
        exercises: [
          item('own-gate', 'Gate', { strand: 'own', schools: ['GAITED'] }),
          item('counter-bend', 'Counter-bend', { strand: 'bend', schools: ['CLASSICAL', 'GAITED'] }),
          item('renvers', 'Renvers'),
          item('four-beats', 'Four clear beats', { strand: 'rhythm', schools: ['GAITED'] }),
        ],
        strands: [],
        strandNames: {},
        bySchool: [{ school: 'GAITED', strands: ['rhythm', 'bend'] }],
      },
    },
  })
  const school = await screen.findByLabelText(text('library.school'))
  expect(school).toHaveValue('GAITED')
  expect(screen.getAllByRole('link').map((l) => l.getAttribute('href'))).toEqual([
    '/library/four-beats',
    '/library/counter-bend',
    '/library/own-gate',
  ])
  await userEvent.setup().selectOptions(school, '')
  expect(screen.getAllByRole('link')).toHaveLength(4)
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
        strandNames: {},
        bySchool: [{ school: 'GAITED', strands: ['rhythm', 'bend'] }],
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

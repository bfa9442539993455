import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, expect, test, vi } from 'vitest'
import type { OwnExercise, OwnForm } from '../api'
import { Refusal, show, text } from '../page.testing'
import ExercisePage from './ExercisePage'
import { HandOn } from './HandOn'
import { RENVERS } from './library.testing'
import { blankForm } from './ownForm'
import OwnPage from './OwnPage'
import ProgrammePage from './ProgrammePage'

afterEach(() => vi.restoreAllMocks())

const MAKER = { actions: ['MAKE_EXERCISES' as const, 'SEE_PLAN' as const] }
const FORM: OwnForm = { ...blankForm(['the steps get uneven']), name: 'Gate halt', feel: 'It waits.' }
const own = (more: Partial<OwnExercise> = {}): OwnExercise => ({
  id: 'own-gate',
  version: 2,
  exercise: FORM,
  isPutAway: false,
  by: 'Ottilie Brandvold',
  at: '2026-11-20T10:00:00Z',
  ...more,
})

/** The requests that saved something, with their bodies. */
const saved = (asked: { request: string; body: unknown }[]) =>
  asked.filter((a) => a.request.startsWith('PUT'))

test('an exercise is made of a name, a feel and a few touches', async () => {
  const { asked } = show(<OwnPage />, { path: '/library/new', me: MAKER, answers: {} })
  const user = userEvent.setup()
  await user.click(screen.getByRole('button', { name: text('own.save') }))
  expect(screen.getByText(text('own.missing.name'))).toBeInTheDocument()
  expect(saved(asked)).toEqual([])
  await user.type(screen.getByLabelText(text('own.name')), 'Gate halt')
  await user.type(screen.getByLabelText(text('own.feel')), 'It waits.')
  const gaits = screen.getByRole('group', { name: text('own.gaits') })
  await user.click(within(gaits).getByRole('button', { name: text('gait.TROT') }))
  await user.click(screen.getByRole('button', { name: text('own.stop.tired') }))
  await user.type(screen.getByLabelText(text('own.stopOther')), 'it rushes the gate{Enter}')
  await user.click(screen.getByRole('button', { name: text('own.more') }))
  await user.click(screen.getByRole('button', { name: text('own.save') }))
  const [put] = saved(asked)
  expect(put?.request).toMatch(/^PUT \/api\/v1\/library\/own\/own-[0-9a-f-]{36}$/)
  expect(put?.body).toMatchObject({
    version: 0,
    isPutAway: false,
    exercise: {
      name: 'Gate halt',
      steps: [
        { gait: 'WALK', place: 'RAIL' },
        { gait: 'TROT', place: 'RAIL' },
      ],
      dose: { least: 6, most: 6, unit: 'MINUTES' },
      stopIf: [text('own.stop.uneven'), text('own.stop.tired'), 'it rushes the gate'],
    },
  })
})

test('what the server finds wrong is said, and nothing typed is lost', async () => {
  const page = { ...RENVERS, id: 'own-gate', own: own() }
  show(<OwnPage />, {
    path: '/library/:id/change',
    at: '/library/own-gate/change',
    me: MAKER,
    answers: {
      'GET /api/v1/library/own-gate': page,
      'PUT /api/v1/library/own/own-gate': new Refusal(422, 'refused', [
        { code: 'same_name', path: 'name', expected: 'another name' },
      ]),
    },
  })
  const user = userEvent.setup()
  const name = await screen.findByLabelText(text('own.name'))
  await user.type(name, ' again')
  await user.click(screen.getByRole('button', { name: text('own.save') }))
  expect(await screen.findByText(text('issue.same_name'))).toBeInTheDocument()
  expect(name).toHaveValue('Gate halt again')
})

test('an own exercise is put away, or made as it was', async () => {
  const page = { ...RENVERS, id: 'own-gate', own: own() }
  const { sent } = show(<ExercisePage />, {
    path: '/library/:id',
    at: '/library/own-gate',
    me: MAKER,
    answers: {
      'GET /api/v1/library/own-gate': page,
      'GET /api/v1/library/own/own-gate/versions': {
        versions: [own(), own({ version: 1, exercise: { ...FORM, feel: 'Soft.' } })],
      },
      'PUT /api/v1/library/own/own-gate': own({ version: 3 }),
    },
  })
  const user = userEvent.setup()
  await user.click(await screen.findByRole('button', { name: text('own.putAway') }))
  const put = 'PUT /api/v1/library/own/own-gate'
  await vi.waitFor(() => expect(sent(put)).toHaveLength(1))
  expect(sent(put)[0]).toMatchObject({ version: 2, isPutAway: true })
  await user.click(screen.getByText(text('own.versions', { count: 2 })))
  await user.click(await screen.findByRole('button', { name: text('own.restore') }))
  await vi.waitFor(() => expect(sent(put)).toHaveLength(2))
  expect(sent(put)[1]).toMatchObject({ version: 2, isPutAway: false, exercise: { feel: 'Soft.' } })
})

test('an exercise that ships shows what the coach put beside it', async () => {
  const { sent } = show(<ExercisePage />, {
    path: '/library/:id',
    at: '/library/renvers',
    me: MAKER,
    answers: {
      'GET /api/v1/library/renvers': { ...RENVERS, asideVersion: 4 },
      'PUT /api/v1/library/renvers/aside': null,
    },
  })
  const user = userEvent.setup()
  await user.click(await screen.findByRole('button', { name: text('own.addAside') }))
  await user.type(screen.getByLabelText(text('own.link')), 'films.example')
  expect(screen.getByText(text('own.missing.link'))).toBeInTheDocument()
  expect(screen.getByRole('button', { name: text('own.saveAside') })).toBeDisabled()
  await user.clear(screen.getByLabelText(text('own.link')))
  await user.type(screen.getByLabelText(text('own.link')), 'https://films.example/renvers')
  await user.click(screen.getByRole('button', { name: text('own.saveAside') }))
  await vi.waitFor(() =>
    expect(sent('PUT /api/v1/library/renvers/aside')).toEqual([
      {
        version: 4,
        aside: { note: null, link: 'https://films.example/renvers', picture: null, sound: null },
      },
    ]),
  )
})

test('the stages of a programme are made with it, in their order', async () => {
  const { asked } = show(<ProgrammePage />, {
    path: '/library/programmes/new',
    me: MAKER,
    answers: { 'GET /api/v1/library/own': { exercises: [own()], progressions: [] } },
  })
  const user = userEvent.setup()
  await user.type(await screen.findByLabelText(text('programme.name')), 'Wash bay')
  await user.type(screen.getByLabelText(text('own.name')), 'Look at it')
  await user.type(screen.getByLabelText(text('own.feel')), 'It looks and breathes.')
  await user.clear(screen.getByLabelText(text('programme.days')))
  await user.type(screen.getByLabelText(text('programme.days')), '14')
  await user.selectOptions(screen.getByLabelText(text('programme.addOwn')), 'own-gate')
  await user.click(screen.getByRole('button', { name: text('programme.up', { number: 2 }) }))
  await user.click(screen.getByRole('button', { name: text('programme.save') }))
  const [put] = saved(asked)
  const body = put?.body as { made: { id: string }[]; progression: { exercises: string[] } }
  expect(body.made).toHaveLength(1)
  expect(body).toMatchObject({
    version: 0,
    made: [{ exercise: { name: 'Look at it', gate: { minDays: 14 } } }],
    progression: { name: 'Wash bay', exercises: ['own-gate', body.made[0]?.id] },
  })
})

test('a file says what it would do before it is taken in', async () => {
  const { sent } = show(<HandOn />, {
    me: MAKER,
    answers: {
      'POST /api/v1/library/imports': {
        isDone: false,
        exercises: [{ id: 'own-gate', name: 'Gate halt', effect: 'ADDS', issues: [] }],
        progressions: [],
      },
    },
  })
  const user = userEvent.setup()
  const field = screen.getByLabelText(text('own.import'))
  await user.upload(field, new File(['no json'], 'x.json', { type: 'application/json' }))
  expect(await screen.findByText(text('own.unreadable'))).toBeInTheDocument()
  const file = { exercises: [{ id: 'own-gate', exercise: FORM }], progressions: [] }
  await user.upload(field, new File([JSON.stringify(file)], 'own-work.json', { type: 'application/json' }))
  expect(await screen.findByText(text('own.effect.ADDS'))).toBeInTheDocument()
  await user.click(screen.getByRole('button', { name: text('own.take') }))
  await vi.waitFor(() =>
    expect(sent('POST /api/v1/library/imports')).toEqual([
      { isPreview: true, file },
      { isPreview: false, file },
    ]),
  )
})

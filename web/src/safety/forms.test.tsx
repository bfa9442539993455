import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, describe, expect, test, vi } from 'vitest'
import { show, text } from '../page.testing'
import { AnswerForm } from './AnswerForm'
import { ContactsCard } from './ContactsCard'
import type { HorseNow } from './now'

afterEach(() => vi.restoreAllMocks())

const SAFETY = { horses: [], contacts: [], serverMs: Date.UTC(2026, 10, 24, 12) }
const ANSWERS = 'POST /api/v1/horses/h/pause-answers'
const paused = {
  horse: 'h',
  name: 'Marzipan',
  pairs: ['p'],
  isPaused: true,
  isDayOver: false,
  signs: [],
  limits: null,
  view: undefined,
} as unknown as HorseNow

describe('an answer for a paused horse', () => {
  const open = () => {
    const onDone = vi.fn()
    const shown = show(<AnswerForm now={paused} onDone={onDone} />, {
      answers: { 'GET /api/v1/safety': SAFETY, [ANSWERS]: SAFETY },
    })
    return { ...shown, onDone, user: userEvent.setup() }
  }

  test('keeps resting unless something else is said', async () => {
    const { sent, user, onDone } = open()
    await user.click(await screen.findByRole('button', { name: text('pauseAnswer.handWalk') }))
    await user.click(screen.getByRole('button', { name: text('pauseAnswer.keep.KEEP_RESTING') }))
    await vi.waitFor(() => expect(onDone).toHaveBeenCalled())
    expect(sent(ANSWERS)).toEqual([
      expect.objectContaining({ kind: 'KEEP_RESTING', mayHandWalk: true, whom: null, onDay: null }),
    ])
  })

  test('a clearance says who, when and within what limits, and nothing of hand-walking', async () => {
    const { sent, user } = open()
    await user.click(await screen.findByRole('button', { name: text('pauseAnswer.handWalk') }))
    await user.click(screen.getByRole('button', { name: text('pauseAnswer.kind.CLEARED') }))
    await user.click(screen.getByRole('button', { name: text('whom.VET') }))
    await user.click(screen.getByRole('button', { name: text('safety.fastest.TROT') }))
    await user.type(screen.getByLabelText(text('pauseAnswer.name')), 'Dr Quill')
    await user.type(screen.getByLabelText(text('pauseAnswer.minutes')), '20')
    await user.click(
      screen.getByRole('button', { name: text('pauseAnswer.keep.CLEARED', { horse: 'Marzipan' }) }),
    )
    await vi.waitFor(() => expect(sent(ANSWERS)).toHaveLength(1))
    expect(sent(ANSWERS)[0]).toMatchObject({
      kind: 'CLEARED',
      whom: 'VET',
      name: 'Dr Quill',
      fastest: 'TROT',
      minutes: 20,
      untilDay: null,
      mayHandWalk: false,
    })
  })

  test('a limit that is touched again is lifted', async () => {
    const { sent, user } = open()
    await user.click(await screen.findByRole('button', { name: text('pauseAnswer.kind.CLEARED') }))
    const walk = screen.getByRole('button', { name: text('safety.fastest.WALK') })
    await user.click(walk)
    expect(walk).toHaveAttribute('aria-pressed', 'true')
    await user.click(walk)
    await user.click(
      screen.getByRole('button', { name: text('pauseAnswer.keep.CLEARED', { horse: 'Marzipan' }) }),
    )
    await vi.waitFor(() => expect(sent(ANSWERS)).toHaveLength(1))
    expect(sent(ANSWERS)[0]).toMatchObject({ kind: 'CLEARED', fastest: null })
  })
})

test('the numbers of a yard are changed line by line and kept together', async () => {
  const contacts = [
    { horse: null, kind: 'VET', name: 'Dr Quill', phone: '0100 1' },
    { horse: null, kind: 'FARRIER', name: 'Old', phone: '0100 2' },
  ]
  const { sent } = show(<ContactsCard horse={null} />, {
    answers: {
      'GET /api/v1/safety': { ...SAFETY, contacts },
      'PUT /api/v1/contacts': { ...SAFETY, contacts: [] },
    },
  })
  const user = userEvent.setup()
  await user.click(await screen.findByRole('button', { name: text('contacts.change') }))
  const remove = screen.getAllByRole('button', { name: text('contacts.remove') })
  expect(remove).toHaveLength(2)
  await user.click(remove[1] as HTMLElement)
  await user.click(screen.getByRole('button', { name: text('contacts.another') }))
  await user.selectOptions(
    screen.getAllByLabelText(text('contacts.kind'))[1] as HTMLElement,
    text('contact.OWNER'),
  )
  await user.type(screen.getAllByLabelText(text('contacts.name'))[1] as HTMLElement, 'Imre')
  await user.type(screen.getAllByLabelText(text('contacts.phone'))[1] as HTMLElement, '0100 3')
  await user.click(screen.getByRole('button', { name: text('contacts.keep') }))
  await vi.waitFor(() => expect(sent('PUT /api/v1/contacts')).toHaveLength(1))
  expect(sent('PUT /api/v1/contacts')[0]).toEqual({
    horse: null,
    contacts: [
      { kind: 'VET', name: 'Dr Quill', phone: '0100 1' },
      { kind: 'OWNER', name: 'Imre', phone: '0100 3' },
    ],
  })
})

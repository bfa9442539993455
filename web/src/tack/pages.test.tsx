import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test, vi } from 'vitest'
import type { HeadgearView, LeverView, PieceView, Tack } from '../api'
import { show, text } from '../page.testing'
import TackPage from './TackPage'

const PULLS = [1, 2, 4, 6].flatMap((reinKg) =>
  [0, 30, 45, 60, 90].map((angleDeg) => {
    const chinKg = reinKg * 3.5 * Math.sin((angleDeg * Math.PI) / 180)
    return { reinKg, angleDeg, chinKg, mouthKg: reinKg + chinKg }
  }),
)

const lever: LeverView = {
  aboveCm: 5,
  belowCm: 17.5,
  ratio: 3.5,
  isUsualSize: true,
  pulls: PULLS,
  chain: null,
}

const headgear = (id: string, more: Partial<HeadgearView>): HeadgearView => ({
  id,
  name: id,
  acts: 'It acts.',
  caution: null,
  action: 'DIRECT',
  presses: ['NOSE'],
  mayPress: [],
  isForExperts: false,
  brings: null,
  lever: null,
  ...more,
})

const piece = (more: Partial<PieceView['piece']>): PieceView['piece'] => ({
  kind: 'HEADGEAR',
  name: 'Side-pull',
  headgear: 'side-pull',
  aboveMm: null,
  belowMm: null,
  slackMm: null,
  since: '2026-10-01',
  until: null,
  firstHolds: null,
  note: null,
  lookedAtOn: null,
  ...more,
})

const TACK: Tack = {
  horse: 'Tamarack',
  rider: 'Imre',
  today: '2026-11-28',
  pieces: [
    { id: 'a', version: 3, stage: 'IN_USE', piece: piece({}), lever: null },
    {
      id: 'b',
      version: 1,
      stage: 'LATER',
      piece: piece({
        kind: 'SIDE_REINS',
        name: 'Side reins',
        headgear: null,
        since: null,
        firstHolds: 'Free forward trot.',
      }),
      lever: null,
    },
  ],
  kinds: [
    { kind: 'HEADGEAR', look: 'Look at the mouth.', caution: null },
    { kind: 'SIDE_REINS', look: 'Long at first.', caution: 'Undone to lead.' },
  ],
  headgears: [
    headgear('side-pull', { mayPress: ['POLL'] }),
    headgear('curb', {
      presses: ['TONGUE', 'BARS', 'CURB_GROOVE'],
      action: 'LEVER',
      brings: { places: ['TONGUE', 'BARS', 'CURB_GROOVE'], action: 'LEVER' },
      lever,
    }),
  ],
  now: 'side-pull',
  beside: [],
}

const answers = { 'GET /api/v1/pairs/p/tack': TACK }

async function shown() {
  const page = show(<TackPage />, { path: '/pairs/:id/tack', at: '/pairs/p/tack', answers })
  await screen.findByText(text('tack.inUse'))
  return page
}

test('the head says in words where the headgear in use presses, always and sometimes', async () => {
  await shown()
  const head = screen.getByRole('img')
  expect(head).toHaveAccessibleName(/Presses on nose. sometimes poll/)
  expect(head.querySelector('[data-place="NOSE"]')).toBeInTheDocument()
  expect(head.querySelector('[data-place="CORNERS"]')).not.toBeInTheDocument()
})

/** Statics: 4 kg, 7 in below and 2 above, at 90° and 45°. */
test('a lever says what the rein becomes at the angle touched, and that milder comes first', async () => {
  await shown()
  const user = userEvent.setup()
  await user.selectOptions(screen.getByLabelText(text('tack.shown')), 'curb')
  await user.click(screen.getByRole('button', { name: text('tack.deg', { deg: 90 }) }))
  expect(screen.getByText(text('tack.pull', { rein: 4, chin: '14.0', mouth: '18.0' }))).toBeInTheDocument()
  await user.click(screen.getByRole('button', { name: text('tack.deg', { deg: 45 }) }))
  expect(screen.getByText(text('tack.pull', { rein: 4, chin: '9.9', mouth: '13.9' }))).toBeInTheDocument()
  expect(screen.getByText(new RegExp(text('tack.milderFirst').slice(0, 30)))).toBeInTheDocument()
})

test('what waits says what must hold first, and is used from today by one touch', async () => {
  const { sent } = await shown()
  expect(screen.getByText(text('tack.firstHoldsSaid', { what: 'Free forward trot.' }))).toBeInTheDocument()
  await userEvent.setup().click(screen.getByRole('button', { name: text('tack.step.LATER') }))
  await vi.waitFor(() => expect(sent('PUT /api/v1/pairs/p/tack/b')).toHaveLength(1))
  const [said] = sent('PUT /api/v1/pairs/p/tack/b')
  expect(said).toMatchObject({ version: 1, piece: { firstHolds: 'Free forward trot.', since: '2026-11-28' } })
})

test('a caution stands in the form before its fields', async () => {
  await shown()
  const user = userEvent.setup()
  await user.click(screen.getByRole('button', { name: text('tack.changeWhat', { what: 'Side reins' }) }))
  const form = screen.getByText('Undone to lead.').closest('form') as HTMLElement
  expect(within(form).getByLabelText(text('tack.firstHolds'))).toHaveValue('Free forward trot.')
})

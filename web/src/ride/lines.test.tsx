import { cleanup, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import type { Packet } from '../api'
import type { RideMark } from '../record'
import { show, text } from '../page.testing'
import { NO_SCHOOL } from '../store'
import { HeadgearLine } from './HeadgearLine'
import { KnownLines } from './KnownLines'
import { SchoolLines } from './SchoolLines'

const NOTHING: Packet['known'] = {
  fears: null,
  sightAndHearing: null,
  ownGait: null,
  head: null,
  unwanted: [],
}

test('what must be known of a horse stands before the lesson; nothing where nobody has said', () => {
  show(<KnownLines known={NOTHING} />)
  expect(screen.queryByRole('list')).not.toBeInTheDocument()
  cleanup()
  const unwanted = [
    { name: 'trotty tölt', sign: 'Two beats are heard.' },
    { name: 'pace', sign: null },
  ]
  show(<KnownLines known={{ ...NOTHING, fears: 'Bicycles', unwanted }} />)
  expect(screen.getAllByRole('listitem').map((l) => l.textContent)).toEqual([
    text('ride.fears', { what: 'Bicycles' }),
    text('ride.unwantedSign', { gait: 'trotty tölt', sign: 'Two beats are heard.' }),
    text('ride.unwanted', { gait: 'pace' }),
  ])
})

test('the school says what is never done, and what each strength of the pad means in it', () => {
  const ladder = ['breath', 'weight', 'leg', 'whip']
  show(
    <SchoolLines school={{ ...NO_SCHOOL, ladder, notAllowed: 'Never tied.', why: 'It learns to leave.' }} />,
  )
  expect(screen.getByText('Never tied.')).toBeInTheDocument()
  expect(screen.getAllByRole('listitem').map((l) => l.textContent)).toEqual(
    ladder.map((word, i) => `${String(i + 1)} ${text(`strength.${String(i + 1)}`)}: ${word}`),
  )
  cleanup()
  show(<SchoolLines school={{ ...NO_SCHOOL, notAllowed: 'Never tied.', why: 'It learns to leave.' }} />)
  expect(screen.queryByText(text('ride.ladder'))).not.toBeInTheDocument()
})

const worn = (headgear: string): RideMark => ({
  id: headgear,
  atMs: 1,
  author: 'a',
  said: { kind: 'headgear', headgear },
})

test('what is on its head is what its tack says, until somebody says otherwise', async () => {
  const said: string[] = []
  const choice: Packet['headgear'] = {
    now: 'side-pull',
    all: [
      { id: 'side-pull', name: 'Side-pull', bit: 'BITLESS' },
      { id: 'pelham', name: 'Pelham', bit: 'LEVERAGE' },
    ],
  }
  show(<HeadgearLine choice={choice} settled={null} marks={[]} onSay={(h) => said.push(h)} />)
  const field = screen.getByLabelText(text('ride.headgear'))
  expect(field).toHaveValue('side-pull')
  await userEvent.setup().selectOptions(field, 'pelham')
  expect(said).toEqual(['pelham'])
  cleanup()
  show(
    <HeadgearLine
      choice={choice}
      settled="BITLESS"
      marks={[worn('side-pull'), worn('pelham')]}
      onSay={(h) => said.push(h)}
    />,
  )
  const other = text('ride.otherBit', { settled: text('setting.bit.BITLESS'), worn: 'Pelham' })
  expect(screen.getByText(other)).toBeInTheDocument()
  cleanup()
  show(<HeadgearLine choice={choice} settled="BITLESS" marks={[]} onSay={(h) => said.push(h)} />)
  expect(screen.queryByText(/Settled for/)).not.toBeInTheDocument()
  cleanup()
  show(<HeadgearLine choice={choice} settled={null} marks={[worn('pelham')]} onSay={(h) => said.push(h)} />)
  expect(screen.getByLabelText(text('ride.headgear'))).toHaveValue('pelham')
})

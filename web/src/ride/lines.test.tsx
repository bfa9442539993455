import { cleanup, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import type { Packet } from '../api'
import { blank } from '../ground'
import type { RideMark } from '../record'
import { lesson, packet, show, text } from '../page.testing'
import { NO_SCHOOL } from '../store'
import { ConeLine } from './ConeLine'
import { GroundLines } from './GroundLines'
import { HeadgearLine } from './HeadgearLine'
import { KnownLines } from './KnownLines'
import { PlanLine } from './PlanLine'
import { stridesSuited } from './planned'
import type { PlannedTurn } from './planned'
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

test('a turn that is over asks for one thing only: the other rein, or what comes', () => {
  const named = (shortName: string): PlannedTurn['of'] => ({
    rung: 'counter-bend.walk.rail',
    exercise: 'counter-bend',
    name: shortName,
    shortName,
    gait: 'WALK',
    place: 'RAIL',
  })
  const turn = (block: number, rein: 'LEFT' | 'RIGHT', shortName: string): PlannedTurn => ({
    block,
    of: named(shortName),
    rein,
    seconds: 60,
    circleM: null,
    side: undefined,
  })
  const turns = [turn(0, 'LEFT', 'Bend'), turn(0, 'RIGHT', 'Bend'), turn(1, 'LEFT', 'Light leg')]
  const { plan } = packet(lesson()).plan
  const line = (at: number, secondsIn: number) => {
    cleanup()
    show(
      <PlanLine
        plan={plan}
        turns={turns}
        at={at}
        turnFromMs={Date.now() - 1000 * secondsIn}
        offsetMs={0}
        mounted="RIDER"
        rungs={[]}
        onChange={() => undefined}
      />,
    )
    return screen.getByRole('button')
  }
  expect(line(0, 5)).toHaveTextContent(text('ride.next'))
  expect(line(0, 90)).toHaveTextContent(text('ride.turnOver'))
  const whatComes = line(1, 90)
  expect(whatComes).toHaveTextContent(text('ride.nowOn', { exercise: 'Light leg' }))
  expect(whatComes).not.toHaveTextContent(text('ride.next'))
})

test('the drill brings its parts one by one, and begins again after the last', async () => {
  show(<ConeLine parts={['FORWARD', 'BACK']} />)
  const key = screen.getByRole('button')
  expect(key).toHaveTextContent(text('cone.part.FORWARD'))
  await userEvent.click(key)
  expect(key).toHaveTextContent(text('cone.part.BACK'))
  await userEvent.click(key)
  expect(key).toHaveTextContent(text('cone.part.FORWARD'))
})

const STANDS: NonNullable<Packet['ground']['stands']> = {
  version: 1,
  pace: 'CANTER',
  variant: 'WORKING',
  things: [],
  measured: {
    arena: {
      id: 'SMALL',
      name: null,
      shape: 'RECTANGLE',
      widthM: 20,
      lengthM: 40,
      slopePct: 0,
      letters: {},
    },
    horses: [],
    things: [],
  },
}

const gap = (nearest: number) => ({
  distanceM: 20,
  horses: [{ pair: 'p', strides: nearest, nearest, counts: [], bounce: null }],
})

test('the pad knows the strides of the line that stands', () => {
  const thing = {
    id: 'line',
    refusal: null,
    cautions: [],
    inTheWayOf: [],
    bars: [],
    spots: [],
    figure: null,
    row: null,
    fan: null,
    course: null,
    sideways: null,
    quarters: null,
  }
  const stands = (...nearest: number[]) => ({
    onCones: [],
    coneParts: [],
    stands: {
      ...STANDS,
      measured: { ...STANDS.measured, things: [{ ...thing, fences: { gaps: nearest.map(gap) } }] },
    },
  })
  expect(stridesSuited(stands(0, 6))).toBe(6)
  expect(stridesSuited(stands(0))).toBeUndefined()
  expect(stridesSuited({ ...stands(), stands: null })).toBeUndefined()
})

test('what the ground is for this horse is said before the lesson; nothing where nothing is known', () => {
  show(<GroundLines packet={packet(lesson())} />)
  expect(screen.queryByText(text('ride.onGround'))).not.toBeInTheDocument()
  cleanup()
  const things = [{ ...blank('cone'), cone: { x: 5, y: 5 }, laidS: 720 }]
  const of = packet(lesson(), { ground: { onCones: [], coneParts: [], stands: { ...STANDS, things } } })
  show(<GroundLines packet={of} />)
  expect(screen.getByText(text('ride.onGround'))).toBeVisible()
})

import { cleanup, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import i18next from 'i18next'
import { expect, test, vi } from 'vitest'
import { lesson, packet, show, text } from '../page.testing'
import { changed } from './choose'
import { CueChips } from './CueChips'
import { LetterChips } from './LetterChips'
import { figureInWords } from './FigureDrawer'
import { TeachingChips } from './TeachingChips'
import type { RiddenSegment } from './choose'
import type { Text } from '../text'

const known = packet(lesson())
const now: RiddenSegment = {
  exercise: 'counter-bend',
  gait: 'WALK',
  place: 'RAIL',
  rein: 'LEFT',
  mounted: 'RIDER',
}
const key = (name: string) => screen.getByRole('button', { name })

test('a stretch borrows a school by one touch and gives it back by another', async () => {
  const onChange = vi.fn()
  show(<TeachingChips known={known} now={now} onChange={onChange} />)
  expect(key(text('school.CLASSICAL'))).toHaveAttribute('aria-pressed', 'true')
  await userEvent.click(key(text('school.REWARD_BASED')))
  expect(onChange).toHaveBeenLastCalledWith({ school: 'REWARD_BASED' })
  cleanup()
  show(<TeachingChips known={known} now={{ ...now, school: 'REWARD_BASED' }} onChange={onChange} />)
  expect(screen.getByText('Never.')).toBeInTheDocument()
  expect(key(text('correctShort.IGNORE'))).toHaveAttribute('aria-pressed', 'true')
  await userEvent.click(key(text('school.CLASSICAL')))
  expect(onChange).toHaveBeenLastCalledWith({ school: undefined })
})

test('what is done about an error is as exercise and school have it, unless it is said for the stretch', async () => {
  const onChange = vi.fn()
  const own = { ...known, corrections: { 'counter-bend': 'AT_ONCE' as const } }
  show(<TeachingChips known={own} now={now} onChange={onChange} />)
  expect(key(text('correctShort.AT_ONCE'))).toHaveAttribute('aria-pressed', 'true')
  await userEvent.click(key(text('correctShort.PREVENT')))
  expect(onChange).toHaveBeenLastCalledWith({ correction: 'PREVENT' })
  await userEvent.click(key(text('correctShort.AT_ONCE')))
  expect(onChange).toHaveBeenLastCalledWith({ correction: undefined })
  cleanup()
  show(<TeachingChips known={known} now={now} onChange={onChange} />)
  expect(key(text('correctShort.PREVENT'))).toHaveAttribute('aria-pressed', 'true')
})

test('a packet that an earlier version fetched offers nothing', () => {
  show(<TeachingChips known={{ ...known, schools: [] }} now={now} onChange={vi.fn()} />)
  expect(screen.queryByRole('button')).not.toBeInTheDocument()
})

const CUES = [
  { id: 'c1', signal: 'Both legs, twice', meaning: 'quicker', gait: 'TROT' },
  { id: 'c2', signal: 'Click', meaning: 'walk on', gait: null },
]

test('a stretch is asked by a cue of its gait, and by none again', async () => {
  const onChange = vi.fn()
  show(<CueChips cues={CUES} now={now} onChange={onChange} />)
  expect(screen.queryByText('quicker'), 'a cue of trot in walk').not.toBeInTheDocument()
  await userEvent.click(key('Click walk on'))
  expect(onChange).toHaveBeenLastCalledWith({ cue: 'c2' })
  cleanup()
  show(<CueChips cues={CUES} now={{ ...now, gait: 'TROT', cue: 'c1' }} onChange={onChange} />)
  expect(key('Both legs, twice quicker')).toHaveAttribute('aria-pressed', 'true')
  await userEvent.click(key('Both legs, twice quicker'))
  expect(onChange).toHaveBeenLastCalledWith({ cue: undefined })
  cleanup()
  show(<CueChips cues={[]} now={now} onChange={onChange} />)
  expect(screen.queryByRole('button')).not.toBeInTheDocument()
})

test('a cue goes on over a change of rein, and ends with its gait', () => {
  const trot: RiddenSegment = { ...now, gait: 'TROT', cue: 'c1' }
  expect(changed(known, trot, { rein: 'RIGHT' }).cue).toBe('c1')
  expect(changed(known, trot, { gait: 'WALK' }).cue).toBeUndefined()
  expect(changed(known, trot, { cue: undefined }).cue).toBeUndefined()
  expect(figureInWords(i18next.t as unknown as Text, trot)).toBe(
    `${text('place.RAIL')}, ${text('figure.byCue')}`,
  )
})

test('a stretch begins at a letter of the arena it is ridden in, along the track alone', async () => {
  const onChange = vi.fn()
  const letters = Object.fromEntries('AFBMCHEKXD'.split('').map((letter) => [letter, { x: 0, y: 0 }]))
  const ground = { stands: { measured: { arena: { letters } } }, onCones: [], coneParts: [] } as never
  show(<LetterChips ground={ground} now={{ ...now, from: 'F' }} onChange={onChange} isLive />)
  expect(screen.getAllByRole('button').map((b) => b.textContent)).toEqual('AFBMCHEK'.split(''))
  await userEvent.click(key('F'))
  expect(onChange).toHaveBeenLastCalledWith({ from: 'F' })
  cleanup()
  show(<LetterChips ground={ground} now={{ ...now, from: 'F' }} onChange={onChange} />)
  await userEvent.click(key('F'))
  expect(onChange, 'afterwards it can be taken back').toHaveBeenLastCalledWith({ from: undefined })
  cleanup()
  show(<LetterChips ground={ground} now={{ ...now, place: 'CIRCLE' }} onChange={onChange} />)
  show(<LetterChips ground={known.ground} now={now} onChange={onChange} />)
  expect(screen.queryByRole('button'), 'nobody said which arena').not.toBeInTheDocument()
})

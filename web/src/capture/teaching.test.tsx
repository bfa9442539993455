import { cleanup, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test, vi } from 'vitest'
import { lesson, packet, show, text } from '../page.testing'
import { TeachingChips } from './TeachingChips'
import type { RiddenSegment } from './choose'

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

import { ChakraProvider } from '@chakra-ui/react'
import { render, screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, test, vi } from 'vitest'
import type { Mark, RideMark } from '../record'
import { system } from '../theme'
import { PolesPad, PositionPad } from './AnswerPad'
import { AskDrawer } from './AskDrawer'
import { awayMs, ChoicePad } from './ChoicePad'
import { LinePad } from './LinePad'
import { TallyDrawer } from './TallyDrawer'

function show(what: React.ReactElement) {
  render(<ChakraProvider value={system}>{what}</ChakraProvider>)
}

function marked(...said: Mark[]): RideMark[] {
  return said.map((each, i) => ({ id: `m${i}`, atMs: 1000 * i, author: 'a', said: each }))
}

const key = (name: string | RegExp) => screen.getByRole('button', { name })

describe('the pad of choices', () => {
  const choice = (is: 'COMES' | 'LEAVES' | 'RETURNS'): Mark => ({ kind: 'choice', segment: 's', choice: is })

  test('counts choices and rewards, without strengths', async () => {
    const onChoice = vi.fn()
    const onReward = vi.fn()
    const marks = marked(choice('COMES'), { kind: 'reward', segment: 's' }, choice('COMES'))
    show(<ChoicePad marks={marks} offsetMs={0} onChoice={onChoice} onReward={onReward} />)
    expect(screen.getAllByRole('button')).toHaveLength(6)
    await userEvent.click(key('Comes, 2 so far'))
    await userEvent.click(key('Reward, 1 so far'))
    await userEvent.click(key('Comes back, 0 so far'))
    expect(onChoice.mock.calls).toEqual([
      ['COMES', undefined],
      ['RETURNS', undefined],
    ])
    expect(onReward).toHaveBeenCalledOnce()
  })

  test('keeps the seconds until it came back by itself', async () => {
    const onChoice = vi.fn()
    const marks = marked(choice('COMES'), choice('LEAVES'))
    show(<ChoicePad marks={marks} offsetMs={15_400 - Date.now()} onChoice={onChoice} onReward={vi.fn()} />)
    expect(key(/Comes back/)).toHaveTextContent('away 0:14')
    await userEvent.click(key(/Comes back/))
    expect(onChoice.mock.calls).toEqual([['RETURNS', 14]])
    expect(awayMs(marked(choice('LEAVES'), choice('RETURNS')), 15_400)).toBeUndefined()
  })
})

describe('the pad of lines', () => {
  const line = { kind: 'line', segment: 's', planned: 6, ridden: 7, takeOff: 'DEEP' } as const

  test('one touch is one line, around the strides planned', async () => {
    const onLine = vi.fn()
    show(<LinePad landingLead="CHANGED" lines={[]} onLine={onLine} onAmend={vi.fn()} />)
    await userEvent.click(key('One more'))
    await userEvent.click(key('6 strides, right spot, 0 so far'))
    await userEvent.click(key('8 strides, long, 0 so far'))
    expect(onLine.mock.calls).toEqual([
      [{ planned: 6, ridden: 6, takeOff: 'RIGHT' }],
      [{ planned: 6, ridden: 8, takeOff: 'LONG' }],
    ])
    expect(key('Pole down')).toBeDisabled()
  })

  test('the line that stands says how many are planned', () => {
    show(<LinePad landingLead="CHANGED" suited={1} lines={[]} onLine={vi.fn()} onAmend={vi.fn()} />)
    expect(screen.getByRole('status')).toHaveTextContent('1')
    expect(key('1 strides, right spot, 0 so far')).toBeVisible()
  })

  test('adds to what was said of the last line, and takes it away again', async () => {
    const onAmend = vi.fn()
    const lines = marked(line, { ...line, rail: 'DOWN' })
    show(<LinePad landingLead="CHANGED" lines={lines} onLine={vi.fn()} onAmend={onAmend} />)
    expect(key('7 strides, deep, 2 so far')).toHaveTextContent('2')
    await userEvent.click(key('left lead'))
    await userEvent.click(key('Pole down'))
    expect(onAmend.mock.calls).toEqual([
      [lines[1], { lead: 'LEFT' }],
      [lines[1], { rail: undefined }],
    ])
  })
})

describe('what a long touch opens', () => {
  const usual = [{ means: 'LEG', side: 'LEFT', manner: 'TAP' }] as const

  test('says the usual aids by leaving them out', async () => {
    const onKeep = vi.fn()
    show(
      <AskDrawer
        ask={{ strength: 3, response: 'BRACE' }}
        usual={[...usual]}
        canRelease
        onKeep={onKeep}
        onClose={vi.fn()}
      />,
    )
    expect(key('left leg')).toBeVisible()
    await userEvent.click(key('missed'))
    await userEvent.click(key('Save'))
    expect(onKeep.mock.calls).toEqual([[{ strength: 3, response: 'BRACE' }, 'MISSED']])
  })

  test('keeps the level first asked and the aids in order', async () => {
    const onKeep = vi.fn()
    show(
      <AskDrawer
        ask={{ strength: 3, response: 'TRY' }}
        usual={[...usual]}
        canRelease={false}
        onKeep={onKeep}
        onClose={vi.fn()}
      />,
    )
    const first = within(screen.getByRole('group', { name: 'First asked at' }))
    await userEvent.click(first.getByRole('button', { name: /^1/ }))
    await userEvent.click(key('left leg'))
    await userEvent.selectOptions(screen.getByLabelText('Add an aid …'), 'voice')
    await userEvent.selectOptions(screen.getByLabelText('voice: how given'), 'give')
    await userEvent.click(key('one after the other'))
    expect(screen.queryByRole('group', { name: 'Release' })).toBeNull()
    await userEvent.click(key('Save'))
    expect(onKeep.mock.calls).toEqual([
      [
        {
          strength: 3,
          response: 'TRY',
          first: 1,
          aids: [
            { means: 'LEG', side: 'RIGHT', manner: 'TAP' },
            { means: 'VOICE', side: 'NONE', manner: 'GIVE' },
          ],
          order: 'IN_TURN',
        },
        undefined,
      ],
    ])
  })

  test('drops a first level above that of the answer', async () => {
    const onKeep = vi.fn()
    show(
      <AskDrawer
        ask={{ strength: 4, response: 'YES', first: 3 }}
        usual={[]}
        canRelease={false}
        onKeep={onKeep}
        onClose={vi.fn()}
      />,
    )
    const level = within(screen.getByRole('group', { name: 'Answered at' }))
    await userEvent.click(level.getByRole('button', { name: /^2/ }))
    await userEvent.click(key('Save'))
    expect(onKeep.mock.calls).toEqual([[{ strength: 2, response: 'YES' }, undefined]])
  })
})

describe('pads of words', () => {
  test('poles: one key an answer, with its count', async () => {
    const onAnswer = vi.fn()
    const marks = marked({ kind: 'poles', segment: 's', answer: 'CLEAN' })
    show(<PolesPad marks={marks} onAnswer={onAnswer} />)
    await userEvent.click(key('Clean, 1 so far'))
    await userEvent.click(key('Tripped, 0 so far'))
    expect(onAnswer.mock.calls).toEqual([['CLEAN'], ['TRIPPED']])
  })

  test('the rider’s position: holds, comes and goes, lost', async () => {
    const onAnswer = vi.fn()
    show(<PositionPad marks={[]} onAnswer={onAnswer} />)
    expect(screen.getAllByRole('button')).toHaveLength(3)
    await userEvent.click(key('Comes and goes, 0 so far'))
    expect(onAnswer.mock.calls).toEqual([['COMES_AND_GOES']])
  })
})

describe('a tally', () => {
  const within_ = (name: string) => within(screen.getByRole('group', { name }))
  const touch = (group: string, name: string) => userEvent.click(within_(group).getByRole('button', { name }))

  test('takes three touches, the last keeps it', async () => {
    const onKeep = vi.fn()
    show(<TallyDrawer turn="Bend, left rein" hasStrength onKeep={onKeep} onClose={vi.fn()} />)
    expect(within_('How many were good?').getByRole('button', { name: '3' })).toBeDisabled()
    await touch('About how many times was it asked?', '6')
    expect(within_('How many were good?').getByRole('button', { name: '7' })).toBeDisabled()
    await touch('How many were good?', '5')
    await touch('About how strongly?', '2 light')
    expect(onKeep.mock.calls).toEqual([[{ good: 5, others: 1, strength: 2 }]])
  })

  test('takes two where nothing is asked by strength', async () => {
    const onKeep = vi.fn()
    show(<TallyDrawer turn="Poles" hasStrength={false} onKeep={onKeep} onClose={vi.fn()} />)
    await touch('About how many times was it asked?', '8')
    await touch('How many were good?', '0')
    expect(onKeep.mock.calls).toEqual([[{ good: 0, others: 8 }]])
  })
})

import { fireEvent, renderHook } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, test } from 'vitest'
import { PendingTouches } from './pendingTouches'
import { useKeys } from './useKeys'

let said: string[]
let touched: PendingTouches
let end: () => void

function listen(isElsewhere = false, rows = 0) {
  const say =
    (what: string) =>
    (...with_: unknown[]) => {
      said.push([what, ...with_].join(' '))
    }
  const { unmount } = renderHook(() =>
    useKeys(touched, {
      onTouch: say('touch'),
      onMore: say('more'),
      onRein: say('rein'),
      onReinOfAll: say('all'),
      onOther: say('other'),
      onUndo: say('undo'),
      onSee: say('see'),
      onTouches: say('touches'),
      onFigure: say('figure'),
      onProbe: say('probe'),
      onPraise: say('praise'),
      onCorrected: say('corrected'),
      onSlip: say('slip'),
      onTally: say('tally'),
      onWrong: say('wrong'),
      rows,
      onRow: say('row'),
      isElsewhere,
    }),
  )
  end = unmount
}

beforeEach(() => {
  said = []
  touched = new PendingTouches()
})
afterEach(() => end())

test('on a pad without strengths a digit is its answer', () => {
  listen(false, 3)
  for (const key of ['1', '3', '4', 'y']) fireEvent.keyDown(window, { key })
  expect(said).toEqual(['row 0', 'row 2'])
})

describe('keys of the pad', () => {
  test.each([
    ['2 y', ['touch 2 YES']],
    ['4 w', ['touch 4 WRONG']],
    ['1 3 b', ['touch 3 BRACE']],
    ['y', []],
    ['2 y y', ['touch 2 YES']],
    ['2 shift+T', ['more 2 TRY']],
    ['l r', ['rein LEFT', 'rein RIGHT']],
    ['shift+L shift+R . ,', ['all LEFT', 'all RIGHT', 'other 1', 'other -1']],
    ['p c m o d', ['praise', 'corrected', 'slip', 'tally', 'probe']],
    ['s a f', ['see', 'touches', 'figure']],
    ['ctrl+z', ['undo']],
    ['ctrl+y', []],
    ['5 y', []],
  ])('%s', (keys, expected) => {
    listen()
    for (const press of keys.split(' ')) {
      const [key = '', modifier] = press.split('+').reverse()
      fireEvent.keyDown(window, { key, ctrlKey: modifier === 'ctrl', shiftKey: modifier === 'shift' })
    }
    expect(said).toEqual(expected)
  })

  test('a digit waits for its letter, and is seen to', () => {
    listen()
    fireEvent.keyDown(window, { key: '3' })
    expect(touched.armed()).toBe(3)
    fireEvent.keyDown(window, { key: 'n' })
    expect(touched.armed()).toBeNull()
  })

  test('a sheet that is open has the keys, but for the one that closes it', () => {
    listen(true)
    for (const key of ['2', 'y', 'l', 'p', 's']) fireEvent.keyDown(window, { key })
    expect(said).toEqual(['see'])
  })

  test('who writes a note is not riding', () => {
    listen()
    const field = document.body.appendChild(document.createElement('input'))
    fireEvent.keyDown(field, { key: 'l', bubbles: true })
    field.remove()
    expect(said).toEqual([])
  })
})

import { useEffect, useRef } from 'react'
import { STRENGTHS } from '../record'
import type { Response, Strength } from '../record'
import { isTyping } from '../ui'
import type { PendingTouches } from './pendingTouches'

const LETTERS: Record<string, Response> = { y: 'YES', t: 'TRY', b: 'BRACE', n: 'NONE', w: 'WRONG' }

const REINS: Record<string, 'LEFT' | 'RIGHT'> = { l: 'LEFT', r: 'RIGHT' }
const OTHERS: Record<string, 1 | -1> = { '.': 1, ',': -1 }

interface Keys {
  onTouch: (strength: Strength, response: Response) => void
  onRein: (rein: 'LEFT' | 'RIGHT') => void
  /** With the shift key: the whole group changes the rein. */
  onReinOfAll: (rein: 'LEFT' | 'RIGHT') => void
  /** To the next pair of the group, or back. */
  onOther: (by: 1 | -1) => void
  onUndo: () => void
  onSee: () => void
  /** With the shift key: there is more to say of this ask. */
  onMore: (strength: Strength, response: Response) => void
  onTouches: () => void
  onFigure: () => void
  onPraise: () => void
  onCorrected: () => void
  /** The rider's slip on the last ask. */
  onSlip: () => void
  onTally: () => void
  /** Did that help? */
  onProbe: () => void
  /** Something is wrong. */
  onWrong: () => void
  /** How many answers a pad without strengths has; there a digit is its answer. */
  rows: number
  onRow: (row: number) => void
  /** A sheet is open and has the keys. */
  isElsewhere: boolean
}

/** The pad by keys: a digit, which is seen to wait, then a letter. */
export function useKeys(touched: PendingTouches, keys: Keys): void {
  const latest = useRef(keys)
  useEffect(() => {
    latest.current = keys
  })
  useEffect(() => {
    const press = (e: KeyboardEvent) => {
      const now = latest.current
      const strength = touched.armed()
      if (isTyping(e.target) || e.altKey) return
      const key = e.key.toLowerCase()
      if (e.ctrlKey || e.metaKey) {
        if (key === 'z') now.onUndo()
        return
      }
      if (now.isElsewhere && key !== 's') return
      if (now.rows > 0 && /^[1-9]$/.test(key)) {
        if (Number(key) <= now.rows) now.onRow(Number(key) - 1)
        return
      }
      const digit = STRENGTHS.find((s) => String(s) === key)
      const response = LETTERS[key]
      if (digit) touched.arm(digit)
      else if (response && strength) {
        if (e.shiftKey) now.onMore(strength, response)
        else now.onTouch(strength, response)
        touched.arm(null)
      } else if (REINS[key]) (e.shiftKey ? now.onReinOfAll : now.onRein)(REINS[key])
      else if (OTHERS[key]) now.onOther(OTHERS[key])
      else if (key === 's') now.onSee()
      else if (key === 'a') now.onTouches()
      else if (key === 'f') now.onFigure()
      else if (key === 'd') now.onProbe()
      else if (key === 'p') now.onPraise()
      else if (key === 'c') now.onCorrected()
      else if (key === 'm') now.onSlip()
      else if (key === 'o') now.onTally()
      else if (key === 'x') now.onWrong()
    }
    window.addEventListener('keydown', press)
    return () => window.removeEventListener('keydown', press)
  }, [touched])
}

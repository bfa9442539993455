import { useEffect, useRef, useState } from 'react'
import { STRENGTHS } from '../record'
import type { Response, Strength } from '../record'

const LETTERS: Record<string, Response> = { y: 'YES', t: 'TRY', b: 'BRACE', n: 'NONE', w: 'WRONG' }

interface Keys {
  onTouch: (strength: Strength, response: Response) => void
  onRein: (rein: 'LEFT' | 'RIGHT') => void
  onUndo: () => void
  onSee: () => void
}

/** The pad by keys: a digit, then a letter. Returns the digit that waits for its letter. */
export function useKeys(keys: Keys): Strength | null {
  const [armed, setArmed] = useState<Strength | null>(null)
  const latest = useRef({ keys, armed })
  useEffect(() => {
    latest.current = { keys, armed }
  })
  useEffect(() => {
    const press = (e: KeyboardEvent) => {
      const { keys: now, armed: strength } = latest.current
      if (e.target instanceof HTMLInputElement || e.altKey) return
      const key = e.key.toLowerCase()
      if (e.ctrlKey || e.metaKey) {
        if (key === 'z') now.onUndo()
        return
      }
      const digit = STRENGTHS.find((s) => String(s) === key)
      const response = LETTERS[key]
      if (digit) setArmed(digit)
      else if (response && strength) {
        now.onTouch(strength, response)
        setArmed(null)
      } else if (key === 'l') now.onRein('LEFT')
      else if (key === 'r') now.onRein('RIGHT')
      else if (key === 's') now.onSee()
    }
    window.addEventListener('keydown', press)
    return () => window.removeEventListener('keydown', press)
  }, [])
  return armed
}

import { useEffect } from 'react'
import type { Foot } from '../record'
import { isTyping, useSteady } from '../ui'
import { RATES } from './player'
import type { Player } from './player'

/** As the feet stand under the two hands: fore feet above, hind feet below. */
export const FOOT_KEYS: Record<string, Foot> = {
  e: 'LEFT_FORE',
  r: 'RIGHT_FORE',
  d: 'LEFT_HIND',
  f: 'RIGHT_HIND',
}

interface ClipKeys {
  /** Left out for those who only watch. */
  onFoot?: (foot: Foot) => void
  onUndo?: () => void
  /** The next key is written. */
  onComment?: () => void
  onZoom: (by: 1 | -1) => void
  /** Letters and digits are the pad's. */
  isOnPad?: boolean
  /** Of the second picture: those that are pressed while something of it has the focus. */
  isBeside?: boolean
}

/** The clip by keys alone. */
export function useClipKeys(
  player: Player | null,
  { onFoot, onUndo, onComment, onZoom, isOnPad = false, isBeside = false }: ClipKeys,
): void {
  const press = useSteady((e: KeyboardEvent) => {
    // what has the focus went first
    if (e.defaultPrevented) return
    if (!player || isTyping(e.target) || e.altKey || e.ctrlKey || e.metaKey) return
    if (isBeside !== isInBeside(e.target)) return
    const key = e.key.toLowerCase()
    const foot = FOOT_KEYS[key]
    const rate = isOnPad ? undefined : RATES[Number(key) - 1]
    if (foot && onFoot) onFoot(foot)
    else if (rate) player.setRate(rate)
    else if (key === ' ' && !isKey(e.target)) player.toggle()
    else if (key === 'arrowleft' || key === 'arrowright') {
      const by = key === 'arrowleft' ? -1 : 1
      if (e.shiftKey) player.seek(player.now().atMs + by * 1000)
      else player.step(by)
    } else if (key === 'l' && !isOnPad) player.loopLast()
    else if (key === 'backspace' && onUndo) onUndo()
    else if (key === 'c' && onComment) onComment()
    else if (key === '+' || key === '=') onZoom(1)
    else if (key === '-') onZoom(-1)
    else return
    e.preventDefault()
  })
  useEffect(() => {
    window.addEventListener('keydown', press)
    return () => window.removeEventListener('keydown', press)
  }, [press])
}

/** Space presses the key that has the focus. */
function isKey(target: EventTarget | null): boolean {
  return target instanceof Element && target.closest('button, a, summary, label') !== null
}

function isInBeside(target: EventTarget | null): boolean {
  return target instanceof Element && target.closest('[data-beside]') !== null
}

import { useEffect } from 'react'
import { isTyping } from './isTyping'
import { useSteady } from './useSteady'

/** A way back, and forth again. */
export interface Past {
  undo: () => void
  redo: () => void
}

type Press = Pick<KeyboardEvent, 'key' | 'shiftKey' | 'ctrlKey' | 'metaKey' | 'preventDefault'>

/** Goes a step back or forth where the keys for it were pressed. */
export function stepped(e: Press, { undo, redo }: Past) {
  if (!(e.ctrlKey || e.metaKey)) return false
  const key = e.key.toLowerCase()
  const isRedo = key === 'y' || (key === 'z' && e.shiftKey)
  if (!isRedo && key !== 'z') return false
  e.preventDefault()
  if (isRedo) redo()
  else undo()
  return true
}

/**
 * The way back and forth by keys, wherever one stands on the page.
 *
 * @param past left out where nothing may be changed
 */
export function usePastKeys(past?: Past) {
  const press = useSteady((e: KeyboardEvent) => {
    if (past && !isTyping(e.target)) stepped(e, past)
  })
  useEffect(() => {
    window.addEventListener('keydown', press)
    return () => window.removeEventListener('keydown', press)
  }, [press])
}

import { useEffect } from 'react'
import { useSteady } from '../ui'

/** The way back and forth by keys, wherever one stands on the page. */
export function useGroundKeys({ undo, redo }: { undo: () => void; redo: () => void }) {
  const press = useSteady((e: KeyboardEvent) => {
    const isTyping = e.target instanceof HTMLElement && /^(INPUT|TEXTAREA|SELECT)$/.test(e.target.tagName)
    if (isTyping || !(e.ctrlKey || e.metaKey)) return
    const key = e.key.toLowerCase()
    const isRedo = key === 'y' || (key === 'z' && e.shiftKey)
    if (!isRedo && key !== 'z') return
    e.preventDefault()
    if (isRedo) redo()
    else undo()
  })
  useEffect(() => {
    window.addEventListener('keydown', press)
    return () => window.removeEventListener('keydown', press)
  }, [press])
}

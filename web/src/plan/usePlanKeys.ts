import { usePastKeys } from '../ui'

interface PlanKeys {
  /** Blocks on the line. */
  count: number
  canEdit: boolean
  onSelect: (block: number) => void
  onPlace: (from: number, to: number) => void
  onLength: (block: number, by: 1 | -1) => void
  onLock: (block: number) => void
  onRemove: (block: number) => void
  onUndo: () => void
  onRedo: () => void
}

/** The time line by keys: what the hand draws, and the way back from it. Answers what to do at a key on a block. */
export function usePlanKeys(keys: PlanKeys) {
  usePastKeys(keys.canEdit ? { undo: keys.onUndo, redo: keys.onRedo } : undefined)
  return (at: number, e: React.KeyboardEvent) => {
    if (e.ctrlKey || e.metaKey) return
    const did = pressed(keys, at, e)
    if (did) e.preventDefault()
  }
}

/** Whether the key did something here. */
function pressed(keys: PlanKeys, at: number, { key, altKey }: React.KeyboardEvent): boolean {
  const by = key === 'ArrowLeft' ? -1 : key === 'ArrowRight' ? 1 : 0
  if (by !== 0) {
    const to = at + by
    if (to < 0 || to >= keys.count) return true
    if (!altKey) keys.onSelect(to)
    else if (keys.canEdit) keys.onPlace(at, to)
    focusOn(to)
    return true
  }
  if (!keys.canEdit || altKey) return false
  switch (key) {
    case '+':
    case '=':
      keys.onLength(at, 1)
      return true
    case '-':
      keys.onLength(at, -1)
      return true
    case 'l':
    case 'L':
      keys.onLock(at)
      return true
    case 'Delete':
    case 'Backspace':
      keys.onRemove(at)
      return true
    default:
      return false
  }
}

function focusOn(block: number) {
  document.querySelector<HTMLElement>(`[data-line-block="${block}"]`)?.focus()
}

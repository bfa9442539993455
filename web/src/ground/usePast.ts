import { useReducer } from 'react'

interface State<T> {
  past: T[]
  now: T
  future: T[]
  /** What the last step was, where steps of a kind are one. */
  as?: string
}

type Step<T> = { do: 'set'; now: T; as?: string } | { do: 'undo' } | { do: 'redo' } | { do: 'begin'; now: T }

const MOST = 100

function next<T>(state: State<T>, step: Step<T>): State<T> {
  if (step.do === 'begin') return { past: [], now: step.now, future: [] }
  if (step.do === 'set') {
    const { now, as } = step
    if (as !== undefined && as === state.as) return { ...state, now, future: [] }
    return { past: [...state.past.slice(1 - MOST), state.now], now, future: [], as }
  }
  const { past, now, future } = state
  if (step.do === 'undo') {
    const before = past.at(-1)
    return before === undefined ? state : { past: past.slice(0, -1), now: before, future: [now, ...future] }
  }
  const [after, ...later] = future
  return after === undefined ? state : { past: [...past, now], now: after, future: later }
}

/** Something that is worked on, and every step back. Steps told to be of one kind, one after the other, are one: a word typed. */
export function usePast<T>(first: T) {
  const [state, step] = useReducer(next<T>, { past: [], now: first, future: [] })
  return {
    now: state.now,
    canUndo: state.past.length > 0,
    canRedo: state.future.length > 0,
    set: (now: T, as?: string) => step({ do: 'set', now, as }),
    /** Something else is worked on. */
    begin: (now: T) => step({ do: 'begin', now }),
    undo: () => step({ do: 'undo' }),
    redo: () => step({ do: 'redo' }),
  }
}

import { useReducer } from 'react'
import type { WantedThing } from '../api'

interface State {
  past: WantedThing[][]
  now: WantedThing[]
  future: WantedThing[][]
}

type Step = { do: 'set'; things: WantedThing[] } | { do: 'undo' } | { do: 'redo' }

const MOST = 100

function next(state: State, step: Step): State {
  if (step.do === 'set') {
    return { past: [...state.past.slice(1 - MOST), state.now], now: step.things, future: [] }
  }
  if (step.do === 'undo') {
    const before = state.past.at(-1)
    if (!before) return state
    return { past: state.past.slice(0, -1), now: before, future: [state.now, ...state.future] }
  }
  const after = state.future[0]
  if (!after) return state
  return { past: [...state.past, state.now], now: after, future: state.future.slice(1) }
}

/** The things of a set-up, and every step back. */
export function useThings(first: WantedThing[]) {
  const [state, step] = useReducer(next, { past: [], now: first, future: [] })
  const set = (things: WantedThing[]) => step({ do: 'set', things })
  return {
    things: state.now,
    canUndo: state.past.length > 0,
    canRedo: state.future.length > 0,
    set,
    add: (thing: WantedThing) => set([...state.now, thing]),
    change: (thing: WantedThing) => set(state.now.map((t) => (t.id === thing.id ? thing : t))),
    remove: (id: string) => set(state.now.filter((t) => t.id !== id)),
    undo: () => step({ do: 'undo' }),
    redo: () => step({ do: 'redo' }),
  }
}

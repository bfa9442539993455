import { useSyncExternalStore } from 'react'

export const MODES = ['light', 'dark', 'sun'] as const
export type Mode = (typeof MODES)[number]

const listeners = new Set<() => void>()

function current(): Mode {
  const named = document.documentElement.className
  return MODES.find((m) => m === named) ?? 'light'
}

/** The mode painted now, and a way to force another; `/mode.js` sets it before the first paint. */
export function useMode(): [Mode, (mode: Mode) => void] {
  const mode = useSyncExternalStore((listener) => {
    listeners.add(listener)
    return () => listeners.delete(listener)
  }, current)
  return [
    mode,
    (chosen) => {
      document.documentElement.className = chosen
      localStorage.setItem('strophos.mode', chosen)
      listeners.forEach((listener) => listener())
    },
  ]
}

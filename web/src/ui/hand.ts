import { useSyncExternalStore } from 'react'

export const HANDS = ['right', 'left'] as const
export type Hand = (typeof HANDS)[number]

const KEY = 'strophos.hand'
const listeners = new Set<() => void>()

function current(): Hand {
  return localStorage.getItem(KEY) === 'left' ? 'left' : 'right'
}

/** The hand that holds the device: what the thumb must reach lies on its side. Left and right rein stay where they are. */
export function useHand(): [Hand, (hand: Hand) => void] {
  const hand = useSyncExternalStore((listener) => {
    listeners.add(listener)
    return () => listeners.delete(listener)
  }, current)
  return [
    hand,
    (chosen) => {
      localStorage.setItem(KEY, chosen)
      listeners.forEach((listener) => listener())
    },
  ]
}

import { useState } from 'react'

interface WhatCame<T> {
  shown: T[]
  /** Came since it was drawn. */
  later: T[]
  /** Lets in all that is there now. */
  show: () => void
}

/** What was there when it was first drawn; what comes later waits until it is asked for, so that nothing moves under the thumb. */
export function useHeld<T>(items: T[], keyOf: (item: T) => string): WhatCame<T> {
  const [known, setKnown] = useState<Set<string> | null>(null)
  const now = known ?? new Set(items.map(keyOf))
  if (known === null) setKnown(now)
  return {
    shown: items.filter((item) => now.has(keyOf(item))),
    later: items.filter((item) => !now.has(keyOf(item))),
    show: () => setKnown(null),
  }
}

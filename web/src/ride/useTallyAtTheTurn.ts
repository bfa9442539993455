import { useEffect, useRef } from 'react'
import { uncounted } from '../capture'
import type { Ride, Segment } from '../record'

/** Asks once, when the rein or the exercise was changed, for the answers of a turn in which hardly any was touched in. */
export function useTallyAtTheTurn(ride: Ride, segment: Segment, ask: (turn: string) => void): void {
  const seen = useRef(segment.id)
  useEffect(() => {
    if (seen.current === segment.id) return
    seen.current = segment.id
    const turn = uncounted(ride, segment)
    if (turn) ask(turn.id)
  }, [ride, segment, ask])
}

import type { Step } from '../api'
import type { Rein, Side } from './generated/words'

export type WorkedSide = Step['works']

const OPPOSITE: Record<Side, Side> = { LEFT: 'RIGHT', RIGHT: 'LEFT', NONE: 'NONE' }

/**
 * The side of the horse that an exercise works on this rein; none where it is not known, or there is none. The twin of the server's
 * rule, held to the same examples.
 *
 * @param said what the segment says; counts only where the exercise leaves it open
 */
export function workedSide(works: WorkedSide, rein: Rein, said: Side = 'NONE'): Side {
  switch (works) {
    case 'INSIDE':
      return rein
    case 'OUTSIDE':
      return OPPOSITE[rein]
    case 'CHOSEN':
      return said
    case 'NEITHER':
      return 'NONE'
  }
}

/** What is judged apart: both sides; or the exercise as a whole, where there is no side. */
export function sidesOf(works: WorkedSide): Side[] {
  return works === 'NEITHER' ? ['NONE'] : ['LEFT', 'RIGHT']
}

/** The rein on which this side is worked; none where either will do. */
export function reinFor(works: WorkedSide, side: Side): Rein {
  return works === 'INSIDE' ? side : works === 'OUTSIDE' ? OPPOSITE[side] : 'NONE'
}

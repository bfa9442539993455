import type { Assignment } from '../api'
import type { RunningTimer } from '../store'

/** Time to put the phone away before the first turn. */
export const AWAY_MS = 15_000

export type Turn = Assignment['turns'][number]

/** Where a practice is. */
export interface Moment {
  /** Before the first turn; 0 afterwards. */
  awayMs: number
  /** The turn ridden; undefined before the first and after the last. */
  turn: Turn | undefined
  index: number
  /** What is left of the turn. */
  leftMs: number
  isOver: boolean
  /** Seconds ridden on each rein so far. */
  doneS: { LEFT: number; RIGHT: number }
}

/** Time run, without pauses. */
export function ranMs(timer: RunningTimer, nowMs: number): number {
  return Math.max(0, (timer.pausedMs ?? nowMs) - timer.startedMs - timer.restedMs)
}

/** Where a timer stands after so much time. A pure function, so that a closed tab loses nothing. */
export function momentAt(turns: Turn[], elapsedMs: number): Moment {
  const done = { LEFT: 0, RIGHT: 0 }
  let atMs = elapsedMs - AWAY_MS
  if (atMs < 0) return { awayMs: -atMs, turn: undefined, index: -1, leftMs: 0, isOver: false, doneS: done }
  for (const [index, turn] of turns.entries()) {
    const lengthMs = turn.seconds * 1000
    if (atMs < lengthMs) {
      count(done, turn, Math.floor(atMs / 1000))
      return { awayMs: 0, turn, index, leftMs: lengthMs - atMs, isOver: false, doneS: done }
    }
    count(done, turn, turn.seconds)
    atMs -= lengthMs
  }
  return { awayMs: 0, turn: undefined, index: turns.length, leftMs: 0, isOver: true, doneS: done }
}

/** Without a rein, half of the time belongs to either. */
function count(done: Moment['doneS'], turn: Turn, seconds: number): void {
  if (turn.rein === 'NONE') {
    done.LEFT += Math.ceil(seconds / 2)
    done.RIGHT += Math.floor(seconds / 2)
  } else done[turn.rein] += seconds
}

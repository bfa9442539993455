import type { Rein, Response } from '../record'
import type { HeatLevel } from './heat'

/** What is said while riding, the gravest first. */
export const NUDGES = [
  'STOP_TIRED',
  'STOP_HEAT',
  'HARD_STOP',
  'STUCK_END',
  'STUCK_STAY',
  'CHANGE_REIN',
  'BREATHER',
  'GOOD_STOP',
] as const
export type Nudge = (typeof NUDGES)[number]

/** Safety caps: they do not wait for a quiet time. */
const HARD: readonly Nudge[] = ['STOP_TIRED', 'STOP_HEAT', 'HARD_STOP']

/** Thresholds as resolved for one lesson, in seconds; they come with the packet. */
export interface NudgeRules {
  turnS: number
  breathS: number
  workS: number
  goodStopS: number
  yesRunning: number
  betterBy: number
  stuckWrong: number
  whenStuck: 'END_ON_KNOWN' | 'STAY_UNTIL_SOFT'
  quietS: number
}

/** A ride at one moment; see the server's rule, whose twin this is. */
export interface RideNowKey {
  turnMs: number
  spellMs: number
  workMs: number
  asks: { rein: Rein; response: Response }[]
  isTired: boolean
  heat: HeatLevel
  sinceStepBack: Response[]
  isFrightened: boolean
  shown: Nudge | null
  sinceNudgeMs: number | null
  wasGoodStopSaid: boolean
}

/**
 * The nudge to show; null for none. One that stands stays while it holds; another comes up only after a quiet time; the
 * hard stops do not wait.
 */
export function nudgeAt(now: RideNowKey, rules: NudgeRules): Nudge | null {
  const due = NUDGES.find((n) => holds(n, now, rules)) ?? null
  if (due === null || due === now.shown || HARD.includes(due)) return due
  const isQuiet = now.sinceNudgeMs !== null && now.sinceNudgeMs < rules.quietS * 1000
  if (!isQuiet) return due
  return now.shown && holds(now.shown, now, rules) ? now.shown : null
}

function holds(nudge: Nudge, now: RideNowKey, rules: NudgeRules): boolean {
  switch (nudge) {
    case 'STOP_TIRED':
      return now.isTired
    case 'STOP_HEAT':
      return now.heat === 'STOP'
    case 'STUCK_END':
      return isStuck(now, rules) && !stays(now, rules)
    case 'STUCK_STAY':
      return isStuck(now, rules) && stays(now, rules)
    case 'HARD_STOP':
      return now.workMs >= rules.workS * 1000
    case 'CHANGE_REIN':
      return now.turnMs >= rules.turnS * 1000
    case 'BREATHER':
      return now.spellMs >= rules.breathS * 1000
    case 'GOOD_STOP':
      return (
        (!now.wasGoodStopSaid || now.shown === 'GOOD_STOP') &&
        now.workMs >= rules.goodStopS * 1000 &&
        isReached(now, 'LEFT', rules) &&
        isReached(now, 'RIGHT', rules)
      )
  }
}

/** The last answers since the step back were all wrong. */
function isStuck({ sinceStepBack }: RideNowKey, { stuckWrong: n }: NudgeRules): boolean {
  return sinceStepBack.length >= n && sinceStepBack.slice(-n).every((r) => r === 'WRONG')
}

/** Never with a frightened horse. */
function stays({ isFrightened }: RideNowKey, { whenStuck }: NudgeRules): boolean {
  return whenStuck === 'STAY_UNTIL_SOFT' && !isFrightened
}

/** The last answers on the rein were all YES, or clearly better than its first ones. */
function isReached({ asks }: RideNowKey, rein: Rein, { yesRunning: n, betterBy }: NudgeRules): boolean {
  const here = asks.filter((a) => a.rein === rein).map((a) => a.response)
  if (here.length < n) return false
  const last = here.slice(-n)
  // thirds of halves are not exact in binary
  const isBetter = here.length >= 2 * n && score(last) - score(here.slice(0, n)) >= betterBy - 1e-9
  return isBetter || last.every((r) => r === 'YES')
}

/** Mean of YES 1, TRY ½, else 0. */
function score(answers: Response[]): number {
  const sum = answers.reduce((s, r) => s + (r === 'YES' ? 1 : r === 'TRY' ? 0.5 : 0), 0)
  return sum / answers.length
}

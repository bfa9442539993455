import type { Nudge, NudgeRules } from '../nudge'
import { RestTime } from './clocks'
import { NudgeLine } from './NudgeLine'

export interface SaysProps {
  nudge: Nudge | null
  rules: NudgeRules
  /** When the rest that goes on began; null while ridden. */
  restFromMs: number | null
  offsetMs: number
}

/** What is to be said now: how long the horse has rested, or a nudge. */
export function Says({ nudge, rules, restFromMs, offsetMs }: SaysProps) {
  if (restFromMs !== null) return <RestTime fromMs={restFromMs} offsetMs={offsetMs} />
  return nudge && <NudgeLine nudge={nudge} rules={rules} />
}

import type { Nudge, NudgeRules } from '../nudge'
import { RestTime } from '../capture'
import { NudgeLine } from './NudgeLine'

export interface NudgeOrRestProps {
  nudge: Nudge | null
  rules: NudgeRules
  /** When the rest that goes on began; null while ridden. */
  restFromMs: number | null
  offsetMs: number
}

/** What is to be said now: how long the horse has rested, or a nudge. */
export function NudgeOrRest({ nudge, rules, restFromMs, offsetMs }: NudgeOrRestProps) {
  if (restFromMs !== null) return <RestTime fromMs={restFromMs} offsetMs={offsetMs} />
  return nudge && <NudgeLine nudge={nudge} rules={rules} />
}

export { nudgeAt } from './nudge'
export type { Nudge, NudgeRules, RideNow } from './nudge'

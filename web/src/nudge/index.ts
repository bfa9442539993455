export { heatLevel, STANDARD_HEAT } from './heat'
export type { HeatLevel, HeatRules } from './heat'
export { nudgeAt } from './nudge'
export type { Nudge, NudgeRules, RideNowKey } from './nudge'

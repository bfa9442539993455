export { OutboxLine } from './OutboxLine'
export { ReinClock } from './ReinClock'
export { useRide } from './useRide'
export type { Recorder } from './useRide'

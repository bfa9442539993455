export { PlaitCard } from './PlaitCard'
export { PlaitOfClip } from './PlaitOfClip'
export type { MeasuredReins } from './measured'

export { PlaitCard } from './PlaitCard'
export type { MeasuredReins } from './measured'

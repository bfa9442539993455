export { LastNote } from './FromLastTime'
export { BentHorse, HorseToScale } from './HorseFromAbove'
export { limitsOf } from './limits'
export type { Limit } from './limits'

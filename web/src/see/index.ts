export { SeePanel } from './SeePanel'
export type { NewMark } from './newMark'
export { wordOf } from './words'
export { WatchList } from './WatchList'

export { SeePanel } from './SeePanel'
export type { NewMark } from './newMark'
export { HABITS, RIDER, wordOf } from './words'
export { WatchList } from './WatchList'

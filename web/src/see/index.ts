export { SeePanel } from './SeePanel'
export type { Said as Seen } from './SeePanel'
export { wordOf } from './words'
export { WatchList } from './WatchList'

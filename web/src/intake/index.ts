export { KnownPart } from './KnownPart'
export { WatchCard } from './WatchCard'

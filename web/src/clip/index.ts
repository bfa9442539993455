export { ClipsCard } from './ClipsCard'
export { LagHistory } from './LagHistory'
export { ReadLine } from './ReadLine'
export { RiderClips } from './RiderClips'

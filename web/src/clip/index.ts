export { ClipsCard } from './ClipsCard'
export { RiderClips } from './RiderClips'

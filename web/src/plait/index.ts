export { PlaitCard } from './PlaitCard'

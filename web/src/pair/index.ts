export { missingSentence } from './missing'

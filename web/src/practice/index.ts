export { default as PracticePage } from './PracticePage'

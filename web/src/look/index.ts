export { default as LookPage } from './LookPage'

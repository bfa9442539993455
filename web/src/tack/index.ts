export { HeadIcon } from './HeadIcon'

export { Live } from './Live'
export { useNews } from './news'

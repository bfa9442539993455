export { doseSentence } from './dose'
export { Inbox } from './Inbox'

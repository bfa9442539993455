export { doseSentence } from './dose'
export { Inbox } from './Inbox'
export { stepOf } from './Running'

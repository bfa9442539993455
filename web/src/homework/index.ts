export { doseSentence } from './dose'
export { Inbox, LookInAnswer } from './Inbox'
export { useSet } from './useSet'
export { stepOf } from './Running'

export { PeopleCard } from './PeopleCard'

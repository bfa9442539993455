export { ContactCard, reinsFrom, useMeasured } from './ContactCard'

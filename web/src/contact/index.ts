export { Compared } from './Compared'
export { ContactCard, reinsFrom, useMeasured } from './ContactCard'

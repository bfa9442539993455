export { MeProvider, useEnter, useMe, useSession } from './session'

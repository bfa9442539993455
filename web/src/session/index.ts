export { MeProvider, useEnter, useMe, useSession } from './session'
export { leave } from './leaving'

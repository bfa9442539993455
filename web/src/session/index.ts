export { MeProvider, useAskAgain, useEnter, useMe, useSession } from './session'
export { leave } from './leaving'

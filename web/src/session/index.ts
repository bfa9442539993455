export { MeProvider, useAskAgain, useEnter, useMe, useSession, useSignOut } from './session'
export { Door } from './Door'

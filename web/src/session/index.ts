export { MeProvider, useAskAgain, useEnter, useMe, useSession, useSignOut } from './session'

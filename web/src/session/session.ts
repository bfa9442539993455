import { useQuery, useQueryClient } from '@tanstack/react-query'
import { createContext, useContext } from 'react'
import { answerOf, api, endSession, Unreachable } from '../api'
import type { Me, SessionView } from '../api'
import { lastSignedIn, rememberSignedIn, shelfOf, sweep, unsentOn } from '../store'
import { isLeftOpen, leave, leaveOpen } from './leaving'

const KEY = ['session']

/** Who is here. Without a network, whoever was signed in here last: they can ride on. */
export function useSession() {
  return useQuery({ queryKey: KEY, queryFn: findSession, staleTime: Infinity, retry: false })
}

async function findSession(): Promise<SessionView> {
  try {
    if (isLeftOpen()) await close()
    const session = await answerOf(api.GET('/api/v1/session'))
    // a device without room lets its rider in all the same
    await rememberSignedIn(session.me).catch(() => undefined)
    return session
  } catch (e) {
    const me = e instanceof Unreachable ? await lastSignedIn() : null
    if (me) return { me, setUpNeeded: false }
    throw e
  }
}

async function close(): Promise<void> {
  await answerOf(endSession())
  leaveOpen(false)
}

/**
 * Signs out. What the server has goes from this device, and every name with it, also without a network: then the session itself is
 * ended as soon as there is one, before anybody is let in here.
 */
export function useSignOut(): () => Promise<void> {
  const { person } = useMe()
  const enter = useEnter()
  return async () => {
    leaveOpen(true)
    try {
      await close()
    } catch (e) {
      if (!(e instanceof Unreachable)) throw e
    }
    const shelf = shelfOf(person)
    leave({ unsent: await unsentOn(shelf) })
    // no screen looks at the shelf any more when it is swept
    await enter({ me: null, setUpNeeded: false })
    await sweep(shelf)
  }
}

/** Takes a new session as it is, and forgets what the one before had fetched. */
export function useEnter() {
  const client = useQueryClient()
  return async (session: SessionView) => {
    await rememberSignedIn(session.me)
    // whoever signs in ends the session of before by doing so
    if (session.me) leaveOpen(false)
    // not clear(): the screen watches the session's query, which must stay the same one
    client.removeQueries({ predicate: (query) => query.queryKey[0] !== KEY[0] })
    client.setQueryData(KEY, session)
  }
}

/** Asks the server anew who is here: whose session has ended is led to the door, and comes back to the same screen. */
export function useAskAgain(): () => void {
  const client = useQueryClient()
  return () => void client.invalidateQueries({ queryKey: KEY })
}

const MeContext = createContext<Me | null>(null)
export const MeProvider = MeContext.Provider

/** The person signed in. */
export function useMe(): Me {
  const me = useContext(MeContext)
  if (!me) throw new Error('useMe needs a MeProvider above it: this screen stands outside the sign-in.')
  return me
}

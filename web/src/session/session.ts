import { useQuery, useQueryClient } from '@tanstack/react-query'
import { createContext, useContext } from 'react'
import { answerOf, api, Unreachable } from '../api'
import type { Me, SessionView } from '../api'
import { lastSignedIn, rememberSignedIn } from '../store'

const KEY = ['session']

/** Who is here. Without a network, whoever was signed in here last: they can ride on. */
export function useSession() {
  return useQuery({ queryKey: KEY, queryFn: findSession, staleTime: Infinity, retry: false })
}

async function findSession(): Promise<SessionView> {
  try {
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

/** Takes a new session as it is, and forgets what the one before had fetched. */
export function useEnter() {
  const client = useQueryClient()
  return async (session: SessionView) => {
    await rememberSignedIn(session.me)
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

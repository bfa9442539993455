import createClient from 'openapi-fetch'
import type { paths } from './schema'

/** The request token, from the cookie the server set. */
function requestToken(): string {
  return /(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1] ?? ''
}

/** An answer that takes longer will not come: a swallowed one must not hold up what waits behind it. */
const PATIENCE_MS = 30_000

/** Ends what is asked in the name of whoever is here; see {@link endSession}. */
let leaving = new AbortController()

/** Aborted when the session that is open now ends: for what goes on asking by itself, one thing after the other. */
export function untilLeaving(): AbortSignal {
  return leaving.signal
}

/** Asks in the name of whoever is here. */
function fetchHere(request: Request): Promise<globalThis.Response> {
  const patient = () => ({ signal: AbortSignal.any([leaving.signal, AbortSignal.timeout(PATIENCE_MS)]) })
  return fetchWithToken(request, patient)
}

/** Sends the token; an old one is refreshed once, since signing in makes a new one. */
async function fetchWithToken(request: Request, patient: () => RequestInit): Promise<globalThis.Response> {
  const again = request.clone()
  const answer = await fetch(withToken(request), patient())
  if (answer.status !== 403 || request.method === 'GET') return answer
  const problem: unknown = await answer.clone().json()
  const isStale =
    typeof problem === 'object' && problem !== null && 'code' in problem && problem.code === 'stale_token'
  if (!isStale) return answer
  await fetch('/api/v1/session', patient())
  return fetch(withToken(again), patient())
}

function patiently(): RequestInit {
  return { signal: AbortSignal.timeout(PATIENCE_MS) }
}

function withToken(request: Request): Request {
  if (request.method !== 'GET') request.headers.set('X-XSRF-TOKEN', requestToken())
  return request
}

// the address is read when a request is made, so that tests can stand in for fetch
export const api = createClient<paths>({ baseUrl: window.location.origin, fetch: fetchHere })

/**
 * Ends the session at the server. What is still being asked in its name is dropped first, and nothing new is asked until the server
 * has answered: an answer that came later would leave names on a device that has been swept.
 */
export async function endSession() {
  leaving.abort()
  try {
    return await api.DELETE('/api/v1/session', { fetch: (request) => fetchWithToken(request, patiently) })
  } finally {
    leaving = new AbortController()
  }
}

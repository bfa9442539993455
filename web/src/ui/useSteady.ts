import { useCallback, useEffect, useRef } from 'react'

/**
 * The same function at every rendering, which calls what was given last: for handlers of parts that must not be drawn anew
 * because of them. Not to be called while rendering.
 */
export function useSteady<A extends unknown[], R>(handle: (...args: A) => R): (...args: A) => R {
  const latest = useRef(handle)
  useEffect(() => {
    latest.current = handle
  })
  return useCallback((...args: A) => latest.current(...args), [])
}

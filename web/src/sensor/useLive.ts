import { useSyncExternalStore } from 'react'
import { liveReins } from './live'
import type { LiveReins, LiveState } from './live'

/** How the sensor of this tab stands. */
export function useLive(live: LiveReins = liveReins): LiveState {
  return useSyncExternalStore(live.subscribe, live.current)
}

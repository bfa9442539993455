import { useSyncExternalStore } from 'react'
import { registerSW } from 'virtual:pwa-register'

let isWaiting = false
let take: ((reload?: boolean) => Promise<void>) | undefined
const listeners = new Set<() => void>()

/** Makes the application work without a network. A new version waits until it is asked for, or every tab is closed. */
export function keepOnDevice(): void {
  take = registerSW({
    onNeedRefresh: () => {
      isWaiting = true
      listeners.forEach((listener) => listener())
    },
  })
}

/** Goes over to the new version; undefined when there is none. */
export function useUpdate(): (() => void) | undefined {
  const isThere = useSyncExternalStore(
    (listener) => {
      listeners.add(listener)
      return () => listeners.delete(listener)
    },
    () => isWaiting,
  )
  return isThere ? () => void take?.(true) : undefined
}

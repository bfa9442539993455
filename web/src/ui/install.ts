import { useSyncExternalStore } from 'react'

interface InstallPrompt extends Event {
  prompt: () => Promise<{ outcome: 'accepted' | 'dismissed' }>
}

let offered: InstallPrompt | undefined
const listeners = new Set<() => void>()

function put(next: InstallPrompt | undefined) {
  offered = next
  listeners.forEach((listener) => listener())
}

/** Keeps the browser's offer to install for when somebody asks for it: it never comes up by itself, least in a lesson. */
export function listenForInstall(): void {
  window.addEventListener('beforeinstallprompt', (e) => {
    e.preventDefault()
    put(e as InstallPrompt)
  })
  window.addEventListener('appinstalled', () => put(undefined))
}

/** Installs the application on this device; undefined when the browser does not offer it, or it is installed. */
export function useInstall(): (() => Promise<void>) | undefined {
  const offer = useSyncExternalStore(
    (listener) => {
      listeners.add(listener)
      return () => listeners.delete(listener)
    },
    () => offered,
  )
  return (
    offer &&
    (async () => {
      await offer.prompt()
      put(undefined)
    })
  )
}

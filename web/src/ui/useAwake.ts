import { useEffect } from 'react'

/** Keeps the screen on while riding or practising, where the device allows it: a sleeping page makes no sound. */
export function useAwake(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | undefined
    const hold = async () => {
      if (!('wakeLock' in navigator) || document.visibilityState !== 'visible') return
      try {
        lock = await navigator.wakeLock.request('screen')
      } catch {
        // low battery or a device that forbids it: the timer runs all the same
      }
    }
    const again = () => void hold()
    again()
    document.addEventListener('visibilitychange', again)
    return () => {
      document.removeEventListener('visibilitychange', again)
      void lock?.release()
    }
  }, [])
}

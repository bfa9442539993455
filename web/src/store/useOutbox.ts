import { useEffect, useState } from 'react'
import { Outbox } from './outbox'
import type { Backlog } from './outbox'

/** An outbox that sends at once, and whenever the network comes back. */
export function useOutbox(waiting: () => Backlog): Outbox {
  const [outbox] = useState(() => new Outbox(waiting()))
  useEffect(() => {
    const wake = () => void outbox.wake()
    wake()
    window.addEventListener('online', wake)
    return () => {
      window.removeEventListener('online', wake)
      outbox.stop()
    }
  }, [outbox])
  return outbox
}

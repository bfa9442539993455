import { useEffect, useState } from 'react'
import { Outbox } from './outbox'
import type { Backlog } from './outbox'

/** An outbox that sends at once, and whenever the network comes back. */
export function useOutbox(waiting: () => Backlog): Outbox {
  const [outbox] = useState(() => new Outbox(waiting()))
  useEffect(() => {
    const send = () => void outbox.send()
    send()
    window.addEventListener('online', send)
    return () => {
      window.removeEventListener('online', send)
      outbox.stop()
    }
  }, [outbox])
  return outbox
}

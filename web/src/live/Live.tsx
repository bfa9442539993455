import { useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { tellHere, useNews } from './news'
import { listen } from './stream'

/** What is read again when something of a lesson was stored; the log of a ride reads on by itself. */
const READ_AGAIN = ['today', 'debrief', 'inbox', 'pair', 'pairs']

/** Keeps what is on the screen as it is in the yard: listens while the page is looked at. */
export function Live() {
  const queries = useQueryClient()
  useNews(
    () => void queries.invalidateQueries({ predicate: (q) => READ_AGAIN.includes(String(q.queryKey[0])) }),
  )
  useEffect(() => {
    let end: (() => void) | undefined
    const look = () => {
      end?.()
      end = undefined
      if (document.visibilityState === 'hidden' || !('locks' in navigator)) return
      tellHere(null)
      end = listen(tellHere)
    }
    look()
    document.addEventListener('visibilitychange', look)
    return () => {
      document.removeEventListener('visibilitychange', look)
      end?.()
    }
  }, [])
  return null
}

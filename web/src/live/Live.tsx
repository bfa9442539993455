import { useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { isConcerned } from './concerned'
import { tellHere, useNews } from './news'
import { listen } from './stream'

/** Keeps what is on the screen as it is in the yard: listens while the page is looked at. */
export function Live() {
  const queries = useQueryClient()
  useNews(
    (news) =>
      void queries.invalidateQueries({ predicate: (q) => isConcerned(news, q.queryKey, q.state.data) }),
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

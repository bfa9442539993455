import { useEffect, useRef } from 'react'

/** What something was stored of: a lesson and its pair, a pair, a horse. */
export interface Keys {
  lesson: string | null
  pair: string | null
  horse: string | null
}

/** Null when news may have been missed: read all again. */
export type News = Keys | null

type Listener = (news: News) => void

const hearers = new Set<Listener>()

export function tellHere(news: News): void {
  hearers.forEach((hear) => hear(news))
}

/** Hears what is stored elsewhere, while the screen that asks is shown. */
export function useNews(hear: Listener): void {
  const latest = useRef(hear)
  useEffect(() => {
    latest.current = hear
  })
  useEffect(() => {
    const hearer: Listener = (news) => latest.current(news)
    hearers.add(hearer)
    return () => void hearers.delete(hearer)
  }, [])
}

import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useLiveQuery } from 'dexie-react-hooks'
import { useEffect, useMemo, useRef } from 'react'
import { allOf } from '../api'
import { useNews } from '../live'
import { useMe } from '../session'
import { safetyOf, shelfOf } from '../store'
import type { Shelf } from '../store'
import { dayOf, today } from '../text'
import { horsesNow, isMeant } from './now'
import type { HereSign, HorseKey } from './now'
import { pausesHomework } from './signs'
import { SafetyContext, safetyKey } from './useSafety'

/** Riders have no stream of news: they ask again. */
const AGAIN_MS = 60_000

/** What stands in the way of riding, as the server and this device know it; without a network, as it was kept. Once a page. */
export function SafetyProvider({ children }: { children: React.ReactNode }) {
  const { person, timeZone } = useMe()
  const shelf = shelfOf(person)
  const client = useQueryClient()
  const { data } = useQuery({
    queryKey: safetyKey(person),
    queryFn: () => safetyOf(shelf),
    networkMode: 'always',
    retry: false,
    refetchInterval: AGAIN_MS,
    refetchOnReconnect: 'always',
    refetchOnWindowFocus: 'always',
  })
  // before the first answer, what was kept: a pause must not wait for a slow network
  const kept = useLiveQuery(() => shelf.safety.get('safety'), [shelf])
  const here = useLiveQuery(() => hereOn(shelf), [shelf])
  useSentAtOnce(shelf, () => void client.invalidateQueries(allOf('safety')))
  useNews((news) => {
    if (news === null || news.horse !== null) void client.invalidateQueries(allOf('safety'))
  })
  const safety = useMemo(() => {
    const view = data ?? kept?.safety ?? { horses: [], contacts: [], serverMs: 0 }
    const now = today(timeZone)
    const isToday = (atMs: number) => dayOf(atMs, timeZone) === now
    const horses = horsesNow(view, here ?? [], isToday)
    return {
      horses,
      contacts: view.contacts,
      serverMs: view.serverMs,
      horseNow: (which: HorseKey) => horses.find((h) => isMeant(h, which)),
      isHomeworkStopped: (pair: string) =>
        here?.some((s) => s.pair === pair && pausesHomework(s.sign)) === true,
    }
  }, [data, kept, here, timeZone])
  return <SafetyContext value={safety}>{children}</SafetyContext>
}

/** What was just sent is no longer told by this device: the server is asked at once, or a horse would look fit for a minute. */
function useSentAtOnce(shelf: Shelf, ask: () => void): void {
  const waiting = useLiveQuery(
    async () =>
      (await shelf.practices.where({ passage: 'waiting' }).count()) +
      (await shelf.signs.where({ passage: 'waiting' }).count()),
    [shelf],
  )
  const before = useRef<number>(undefined)
  useEffect(() => {
    if (waiting !== undefined && before.current !== undefined && waiting < before.current) ask()
    before.current = waiting
  }, [waiting, ask])
}

async function hereOn(shelf: Shelf): Promise<HereSign[]> {
  const [heard, signs, practices, cards] = await Promise.all([
    shelf.heard.toArray(),
    shelf.signs.where('passage').anyOf(['waiting', 'stored']).toArray(),
    shelf.practices.where({ passage: 'waiting' }).toArray(),
    shelf.cards.get('cards'),
  ])
  const pairOf = (assignment: string) =>
    cards?.cards.pairs.find((p) => p.cards.some((c) => c.id === assignment))
  return [
    ...heard,
    ...signs.filter((s) => !s.takenBack).map((s) => ({ ...s, atMs: Date.parse(s.at) })),
    ...practices.flatMap(({ id, assignment, stopSigns, startedAt }) => {
      const of = pairOf(assignment)
      if (!of) return []
      const { pair, horseId: horse, horse: name } = of
      return stopSigns.map((sign) => ({ id, pair, horse, name, sign, atMs: Date.parse(startedAt) }))
    }),
  ]
}

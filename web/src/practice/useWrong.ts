import { useQueryClient } from '@tanstack/react-query'
import { useLiveQuery } from 'dexie-react-hooks'
import { useEffect, useState } from 'react'
import { v7 } from 'uuid'
import { allOf } from '../api'
import type { OwnPair } from '../api'
import type { StopSign } from '../record'
import { useSafetyAgain } from '../safety'
import { useMe } from '../session'
import { useOutbox, waitingSigns } from '../store'
import type { StoredSign, Shelf } from '../store'
import { isoOf } from '../text'

export interface Wrong {
  /** Of which pair it is being said. */
  asked: OwnPair | undefined
  /** What was said, while what to do now is shown. */
  stopped: StoredSign | undefined
  ask: (pair: OwnPair) => void
  say: (pair: OwnPair, sign: StopSign, offsetMs: number) => Promise<void>
  takeBack: () => Promise<void>
  close: () => void
}

/** Something is wrong at the rider's own yard: kept here first, so that the horse is paused at once; then sent. */
export function useWrong(shelf: Shelf): Wrong {
  const { person } = useMe()
  const outbox = useOutbox(() => waitingSigns(shelf))
  const again = useSafetyAgain()
  const client = useQueryClient()
  const [asked, ask] = useState<OwnPair>()
  const [stopped, setStopped] = useState<StoredSign>()
  const stored = useLiveQuery(() => shelf.signs.where({ passage: 'stored' }).count(), [shelf]) ?? 0
  useEffect(() => {
    // the cards first: what the device knows by itself is forgotten when it is told how the horses stand
    if (stored > 0) void client.refetchQueries(allOf('cards')).then(again)
    // asked when one more was stored; what the answer holds is forgotten here
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [stored])
  return {
    asked,
    stopped,
    ask,
    say: async (pair, sign, offsetMs) => {
      const kept: StoredSign = {
        id: v7(),
        pair: pair.pair,
        horse: pair.horseId,
        name: pair.horse,
        author: person,
        at: isoOf(Date.now() + offsetMs),
        sign,
        side: 'NONE',
        passage: 'waiting',
      }
      await shelf.transaction('rw', shelf.signs, shelf.timers, async () => {
        await shelf.signs.add(kept)
        await shelf.timers.clear()
      })
      ask(undefined)
      setStopped(kept)
      void outbox.send()
    },
    takeBack: async () => {
      if (!stopped) return
      const { id } = stopped
      // the server may know of it already and not be asked about it any more: it is said again, as taken back
      await shelf.transaction('rw', shelf.signs, async () =>
        shelf.signs.put({
          ...((await shelf.signs.get(id)) ?? { ...stopped, passage: 'stored' }),
          takenBack: true,
        }),
      )
      setStopped(undefined)
      await outbox.send()
      again()
    },
    close: () => {
      ask(undefined)
      setStopped(undefined)
    },
  }
}

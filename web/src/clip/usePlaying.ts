import { startTransition, useEffect, useState, useSyncExternalStore } from 'react'
import { useSteady } from '../ui'
import type { Player, Playing } from './player'

/** What the clip is doing now, frame by frame. */
export function usePlaying(player: Player): Playing {
  return useSyncExternalStore(player.subscribe, player.now)
}

/** Something that depends on where the clip is, and may be drawn after its picture: the hand on the slider goes first. */
export function useWhere<T>(player: Player, of: (atMs: number) => T): T {
  const [, redraw] = useState<T>()
  const latest = useSteady(of)
  useEffect(
    () =>
      player.subscribe(() => {
        const now = latest(player.now().atMs)
        startTransition(() => redraw(now))
      }),
    [player, latest],
  )
  return of(player.now().atMs)
}

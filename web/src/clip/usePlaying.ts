import { startTransition, useEffect, useReducer, useRef, useSyncExternalStore } from 'react'
import { useSteady } from '../ui'
import type { Player, Playing } from './player'

/** What the clip is doing now, frame by frame. */
export function usePlaying(player: Player): Playing {
  return useSyncExternalStore(player.subscribe, player.now)
}

/** Something that depends on where the clip is, and may be drawn after its picture: the hand on the slider goes first. */
export function useWhere<T>(player: Player, of: (atMs: number) => T): T {
  const [, redraw] = useReducer((times: number) => times + 1, 0)
  const latest = useSteady(of)
  const value = of(player.now().atMs)
  // what is drawn may have changed without the clip: it is that which the next frame is compared with
  const drawn = useRef(value)
  useEffect(() => {
    drawn.current = value
  })
  useEffect(
    () =>
      player.subscribe(() => {
        if (latest(player.now().atMs) !== drawn.current) startTransition(redraw)
      }),
    [player, latest],
  )
  return value
}

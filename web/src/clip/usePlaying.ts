import { useSyncExternalStore } from 'react'
import type { Player, Playing } from './player'

/** What the clip is doing now, frame by frame. */
export function usePlaying(player: Player): Playing {
  return useSyncExternalStore(player.subscribe, player.now)
}

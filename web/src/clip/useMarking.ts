import { useState } from 'react'
import { BOUNDS } from '../record'
import type { Foot, Landing } from '../record'
import { detach } from '../recorder'
import type { Recorder } from '../recorder'
import { draftOf, keepDraft } from './draft'
import type { Player } from './player'

/** The landings that are being marked. */
export interface Marking {
  landings: readonly Landing[]
  /** A foot lands on the frame that is seen; marked once more there, it does not. */
  mark: (foot: Foot) => void
  /** Takes back the last one. */
  undo: () => void
  /** Writes them into the lesson. */
  keep: () => void
}

export function useMarking(clip: string, recorder: Recorder, player: Player | null): Marking {
  const [landings, setLandings] = useState(() => draftOf(recorder.author, clip))
  const change = (to: Landing[]) => {
    setLandings(to)
    keepDraft(recorder.author, clip, to)
  }
  const mark = (foot: Foot) => {
    if (!player) return
    const { atMs: ms } = player.now()
    const others = landings.filter((l) => l.foot !== foot || l.ms !== ms)
    if (others.length < landings.length) change(others)
    else if (landings.length < BOUNDS.footfalls.landings.most) change([...landings, { foot, ms }])
  }
  const keep = () => {
    if (!player || landings.length === 0) return
    const frameMs = Math.ceil(player.frameMs)
    const written = recorder.say({
      kind: 'footfalls',
      payload: { base: clip, frameMs, landings: [...landings] },
    })
    // what the device had no room for stands here as it was, and the page says so
    detach(written.then(() => change([])))
  }
  return { landings, mark, undo: () => change(landings.slice(0, -1)), keep }
}

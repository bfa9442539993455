import type { Player } from './player'

/** Further apart than this while both play, the second is brought back; nearer, a jump would show more than it mends. */
const APART_MS = 120

/**
 * A second picture goes along with the first: so much later in its own time. Where it has no picture for that moment it stands at its
 * nearest end.
 *
 * @returns ends it
 */
export function follow(leader: Player, follower: Player, offsetMs: number): () => void {
  let shownFor: number | undefined
  const keepUp = () => {
    const { atMs, isPlaying, rate } = leader.now()
    const wanted = atMs + offsetMs
    const now = follower.now()
    if (now.rate !== rate) follower.setRate(rate)
    const isThere = wanted >= 0 && wanted < follower.durationMs
    if (isPlaying && isThere) {
      if (!now.isPlaying || Math.abs(now.atMs - wanted) > APART_MS) follower.seek(wanted)
      if (!now.isPlaying) follower.toggle()
      shownFor = undefined
      return
    }
    if (now.isPlaying) follower.pause()
    if (shownFor === wanted) return
    shownFor = wanted
    // just inside the frame: its very edge may still show the one before
    follower.seek(wanted + 1)
  }
  keepUp()
  return leader.subscribe(keepUp)
}

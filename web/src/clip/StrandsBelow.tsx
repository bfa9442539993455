import { PlaitOfClip } from '../plait'
import { useSending } from '../recorder'
import type { Recorder } from '../recorder'
import type { Clip } from './clips'
import type { Player } from './player'
import { useWhere } from './usePlaying'

interface StrandsBelowProps {
  clip: Clip
  recorder: Recorder
  lesson: string
  player: Player
}

/** The time line under the picture, once it is known where in the lesson the clip lies. */
export function StrandsBelow({ clip, recorder, lesson, player }: StrandsBelowProps) {
  const { waiting } = useSending(recorder.outbox, lesson)
  const atMs = useWhere(player, (ms) => ms)
  if (clip.startMs === undefined) return null
  return (
    <PlaitOfClip
      lesson={lesson}
      startMs={clip.startMs}
      durationMs={clip.file.durationMs}
      atMs={atMs}
      waiting={waiting}
      onSeek={(ms) => player.show(ms)}
    />
  )
}

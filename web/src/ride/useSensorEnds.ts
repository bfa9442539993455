import { useEffect } from 'react'
import type { Recorder } from '../recorder'
import { liveReins } from '../sensor'

/** With the lesson ends what was measured in it, also when another device ended it. */
export function useSensorEnds(recorder: Recorder | undefined, lesson: string): void {
  const isEnded = recorder !== undefined && recorder.ride.endedAtMs !== null
  useEffect(() => {
    if (isEnded && liveReins.current().lesson === lesson) void liveReins.stop()
  }, [isEnded, lesson])
}

import { useMutation, useQueryClient } from '@tanstack/react-query'
import { queries } from '../api'
import { usePacket, useRecorder } from '../recorder'
import type { Spoken } from '../recorder'
import type { NewEntry } from '../store'

/** Something to say of a lesson after it was ridden: an entry, or the rider's own voice saying what was felt. */
type AfterWord = NewEntry | Spoken

/** Writes into a lesson's log from the table. */
export function useAfter(lesson: string) {
  // how far this device's clock is off comes with it, and is the first thing the device says in a lesson
  const kept = usePacket(lesson)
  const recorder = useRecorder(lesson)
  const client = useQueryClient()
  const said = useMutation({
    mutationFn: async (what: AfterWord) => {
      if (!recorder) throw new Error('The device is not ready.')
      await ('kind' in what ? recorder.say(what) : recorder.speak(what, true))
      await recorder.outbox.send()
      await client.invalidateQueries({ queryKey: queries.debrief(lesson).queryKey })
    },
    // it is written on the device first; what cannot be sent waits there
    networkMode: 'always',
  })
  return {
    said,
    isReady: recorder !== undefined && kept.data !== undefined && !said.isPending,
    /** The rider's voice may be kept. */
    maySpeak: kept.data?.packet.maySpeak === true,
  }
}

import { useEffect } from 'react'
import { useSafetyAgain } from '../safety'
import { useMe } from '../session'
import { hear, shelfOf } from '../store'
import type { StoredPacket } from '../store'
import { detach } from './detach'
import { useSending } from './useSending'
import type { Recorder } from './useRecorder'

/** Keeps what this lesson saw and has not sent, so that its horse is paused on every screen here; asks anew once it is sent. */
export function useSignsHere(recorder: Recorder | undefined, kept: StoredPacket | undefined): void {
  const shelf = shelfOf(useMe().person)
  const again = useSafetyAgain()
  const signs = recorder?.ride.stopSigns
  const key = signs?.map((s) => s.saidBy).join()
  useEffect(() => {
    if (kept && signs) detach(hear(shelf, kept, signs))
    // what is heard is told by its ids: a log is folded anew at each touch
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [shelf, kept, key])
  useEffect(() => {
    if (key) again()
    // asked when a sign comes or goes; sending tells by the outbox below
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key])
}

/** Asks how the horses stand as soon as all is sent. */
export function useAgainWhenSent(recorder: Recorder, lesson: string): void {
  const again = useSafetyAgain()
  const { waiting } = useSending(recorder.outbox, lesson)
  useEffect(() => {
    if (waiting === 0) again()
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [waiting])
}

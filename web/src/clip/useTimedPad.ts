import { useMemo, useRef, useState } from 'react'
import type { Exchange } from '../record'
import { detach } from '../recorder'
import type { Recorder } from '../recorder'
import type { NewEntry } from '../store'
import { useSteady } from '../ui'
import type { Clip } from './clips'
import { onClip } from './onClip'
import type { MarkedFrames } from './onClip'
import type { Player } from './player'
import { isAnswered, PROMPT_MS } from './timings'
import type { TimedAsk } from './timings'

export interface TimedPad {
  /** Whatever it writes takes the moment of the frame that is seen. */
  recorder: Recorder
  marked: MarkedFrames
  mark: (what: keyof MarkedFrames) => void
  /** The ask that is timed: the last one, or the one that was chosen. */
  ask: Exchange | undefined
  /** Its moments, as far as they are known. */
  timing: TimedAsk | undefined
  /** It was touched while riding, and its answer has no frame yet. */
  isUntimed: boolean
  canLetGo: boolean
  /** The frame that is seen lies before the answer: nothing was written. */
  isTooEarly: boolean
  choose: (ask: string) => void
  answerHere: () => void
  letGo: () => void
}

/** Asks on the clip's time: the aid, again, the answer and the release, each on its frame. */
export function useTimedPad(clip: Clip, recorder: Recorder, player: Player): TimedPad {
  const [marked, setMarked] = useState<MarkedFrames>({})
  const [chosen, choose] = useState<string>()
  const [isTooEarly, setTooEarly] = useState(false)
  const { ride } = recorder
  const ask = ride.exchanges.find((x) => x.id === chosen)
  const timing = clip.timing.asks.find((a) => a.id === chosen)
  // several touches in one breath: each takes what was marked when it was touched
  const now = useRef(marked)
  const set = (to: MarkedFrames) => {
    now.current = to
    setMarked(to)
  }
  const say = useSteady(async (said: NewEntry) => {
    const taken = now.current
    const told = onClip(said, clip.id, player.now().atMs, taken)
    if (said.kind === 'exchange') set({ ...(taken.errorMs !== undefined && { errorMs: taken.errorMs }) })
    else if (said.kind === 'correction') {
      const { errorMs: _, ...others } = taken
      set(others)
    }
    setTooEarly(false)
    try {
      const entry = await recorder.say(told)
      if (said.kind === 'exchange') choose(entry.id)
      return entry
    } catch (cause) {
      set(taken)
      throw cause
    }
  })
  const mark = (what: keyof MarkedFrames) => {
    setTooEarly(false)
    const ms = player.now().atMs
    // an aid that begins anew was not reinforced yet
    if (what === 'askedMs') {
      const { reinforcedMs: _, ...others } = now.current
      set({ ...others, askedMs: ms })
    } else set({ ...now.current, [what]: ms })
  }
  const answerHere = () => {
    if (!ask) return
    const { segment, strength, response, first, aids, order } = ask
    const said = { segment, strength, response, ...(first && { first }), ...(aids && { aids }) }
    const payload = { ...said, ...(order && { order }) }
    const told = onClip({ kind: 'exchange', payload }, clip.id, player.now().atMs, now.current)
    set({})
    detach(recorder.say({ kind: 'amend', payload: { target: ask.id, payload: { ...told.payload } } }))
  }
  const letGo = () => {
    if (!timing) return
    const when = { base: clip.id, ms: player.now().atMs }
    const afterMs = when.ms - timing.answerMs
    setTooEarly(afterMs < 0)
    if (afterMs < 0) return
    const payload = {
      exchange: timing.id,
      release: afterMs <= PROMPT_MS ? 'PROMPT' : 'LATE',
      when,
    } as const
    const before = ride.marks.find((m) => m.said.kind === 'release' && m.said.exchange === timing.id)
    detach(
      recorder.say(
        before ? { kind: 'amend', payload: { target: before.id, payload } } : { kind: 'release', payload },
      ),
    )
  }
  const onFrame = useMemo(() => ({ ...recorder, say }), [recorder, say])
  return {
    recorder: onFrame,
    marked,
    mark,
    ask,
    timing,
    isUntimed: ask !== undefined && ask.when === undefined,
    canLetGo: timing !== undefined && isAnswered(timing),
    isTooEarly,
    choose,
    answerHere,
    letGo,
  }
}

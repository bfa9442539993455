import { useMemo, useState } from 'react'
import { useNavigate } from 'react-router'
import type { Payloads, Segment } from '../record'
import { detach, useTogether } from '../recorder'
import type { Beside, Recorder } from '../recorder'
import { useSafety } from '../safety'
import type { StoredPacket } from '../store'
import { useSteady } from '../ui'
import { overWith, stateOf, turned } from './group'
import type { GroupState } from './group'

/** A turn of another pair's that is over and was not counted. */
export interface OpenTally {
  of: Beside
  turn: Segment
}

/** The group this lesson is ridden in: how the others stand, and what one touch says for all. */
export function useGroup(kept: StoredPacket, recorder: Pick<Recorder, 'outbox'>) {
  const { others, isReady, readOthers, sayIn, sayInAll } = useTogether(kept, recorder.outbox)
  const { horseNow } = useSafety()
  const navigate = useNavigate()
  const [tallies, setTallies] = useState<OpenTally[]>([])
  const now = (other: Beside) => horseNow({ horse: other.horseId, pair: other.pair })
  const said = others.map((o) => stateOf(o.ride, now(o))).join()
  const states = useMemo(
    () => Object.fromEntries(others.map((o, at) => [o.lesson, said.split(',')[at] as GroupState])),
    // as they are said: a log is folded anew at each touch
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [said],
  )
  const all = async (rein: 'LEFT' | 'RIGHT') => {
    const over: OpenTally[] = []
    // as they stand in the store: right after a change of pair they are not drawn yet
    for (const of of await readOthers()) {
      const said = turned(of, now(of), rein)
      if (!said) continue
      const turn = overWith(of, await sayIn(of.lesson, said))
      if (turn) over.push({ of, turn })
    }
    setTallies(over)
  }
  const { group } = kept.packet.lesson
  const go = (by: 1 | -1) => {
    const ids = group?.lessons.map((l) => l.lesson) ?? []
    const to = ids[(ids.indexOf(kept.lesson) + by + ids.length) % ids.length]
    if (to && to !== kept.lesson) void navigate(`/lessons/${to}/ride`, { replace: true })
  }
  return {
    others,
    isReady,
    sayIn,
    sayInAll,
    states,
    /** The first turn that waits for its tally. */
    tally: tallies[0],
    onAll: useSteady((rein: 'LEFT' | 'RIGHT') => detach(all(rein))),
    onGo: useSteady(go),
    /** Undefined: it is not counted. */
    onTallied: useSteady((counted?: Omit<Payloads['tally'], 'segment'>) => {
      const [first, ...rest] = tallies
      setTallies(rest)
      if (first && counted)
        detach(sayIn(first.of.lesson, { kind: 'tally', payload: { segment: first.turn.id, ...counted } }))
    }),
  }
}

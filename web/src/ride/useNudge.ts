import { useEffect, useState } from 'react'
import { nudgeAt } from '../nudge'
import type { Packet } from '../api'
import type { Nudge } from '../nudge'
import type { Ride, Segment } from '../record'
import { heatOf } from '../capture'
import { isTired, sinceStepBack } from './stuck'

type PlanForRide = Pick<Packet['plan'], 'nudges' | 'heat' | 'plan'>

interface NudgeShown {
  nudge: Nudge | null
  sinceMs: number | null
  wasGoodStopSaid: boolean
}

/**
 * The nudge that stands now, looked for every second and at each touch, with a tick in the hand when one comes up. Only
 * touches at the focus rung count for it. Its user is drawn anew only when it changes.
 */
export function useNudge(ride: Ride, segment: Segment, offsetMs: number, planned: PlanForRide): Nudge | null {
  const { nudges: rules, heat: heatRules, plan } = planned
  const [shown, setShown] = useState<NudgeShown>({ nudge: null, sinceMs: null, wasGoodStopSaid: false })
  useEffect(() => {
    const asks = asksOn(ride, segment)
    const tired = isTired(ride)
    const heat = heatOf(ride.marks, heatRules)
    const back = sinceStepBack(ride, plan)
    const look = () => {
      const nowMs = Date.now() + offsetMs
      setShown((before) => {
        const nudge = nudgeAt(
          {
            turnMs: turnMs(ride, nowMs),
            spellMs: spellMs(ride, nowMs),
            workMs: workMs(ride, nowMs),
            asks,
            isTired: tired,
            heat,
            ...back,
            shown: before.nudge,
            sinceNudgeMs: before.sinceMs === null ? null : nowMs - before.sinceMs,
            wasGoodStopSaid: before.wasGoodStopSaid,
          },
          rules,
        )
        if (nudge === before.nudge) return before
        return {
          nudge,
          sinceMs: nudge ? nowMs : before.sinceMs,
          wasGoodStopSaid: before.wasGoodStopSaid || nudge === 'GOOD_STOP',
        }
      })
    }
    look()
    const timer = setInterval(look, 1000)
    return () => clearInterval(timer)
  }, [ride, segment, offsetMs, rules, heatRules, plan])
  useEffect(() => {
    if (shown.nudge && 'vibrate' in navigator) navigator.vibrate(60)
  }, [shown.nudge])
  return shown.nudge
}

/** Time on this rein since it was changed or a rest ended. */
export function turnMs(ride: Ride, nowMs: number): number {
  const from = turnFromMs(ride)
  return from === null ? 0 : Math.max(0, nowMs - from)
}

/** When this rein was begun; null while none is ridden. */
export function turnFromMs(ride: Ride): number | null {
  const last = ride.segments.at(-1)
  if (last?.endMs !== null || last.rein === 'NONE') return null
  let from = last.atMs
  for (let i = ride.segments.length - 2; i >= 0; i--) {
    const before = ride.segments[i]
    if (!before || before.rein !== last.rein || before.endMs !== from) break
    from = before.atMs
  }
  return from
}

/** Time ridden since the last rest; none while it goes on. */
export function spellMs(ride: Ride, nowMs: number): number {
  const rest = ride.rests.at(-1)
  if (rest?.endMs === null) return 0
  const from = rest?.endMs ?? 0
  return workMs({ ...ride, segments: ride.segments.filter((s) => s.atMs >= from) }, nowMs)
}

/** Time ridden, without rests. */
export function workMs(ride: Ride, nowMs: number): number {
  return ride.segments.reduce((sum, s) => sum + Math.max(0, (s.endMs ?? nowMs) - s.atMs), 0)
}

function asksOn(ride: Ride, now: Segment) {
  const here = new Map(
    ride.segments
      .filter(
        (s) =>
          s.exercise === now.exercise &&
          s.gait === now.gait &&
          s.place === now.place &&
          s.mounted === 'RIDER',
      )
      .map((s) => [s.id, s.rein]),
  )
  return ride.exchanges.flatMap((x) => {
    const rein = here.get(x.segment)
    return rein ? [{ rein, response: x.response }] : []
  })
}

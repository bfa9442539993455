import type { Moment, Response, Ride } from '../record'

/** An ask whose moments were read from a clip, in milliseconds of it. */
export interface TimedAsk {
  id: string
  segment: string
  response: Response
  answerMs: number
  askedMs?: number
  reinforcedMs?: number
  letGoMs?: number
}

/** An error that was corrected, both read from a clip. */
export interface TimedCorrection {
  id: string
  errorMs: number
  correctedMs: number
}

export interface Timing {
  asks: TimedAsk[]
  corrections: TimedCorrection[]
}

/** So many times of one kind, in milliseconds. */
export interface Spread {
  count: number
  leastMs: number
  middleMs: number
  mostMs: number
}

/** What they say together; a kind of which there is none is left out. */
export interface Timings {
  waits?: Spread
  answers?: Spread
  releases?: Spread
  toCorrect?: Spread
  prompt: number
  hurried: number
  long: number
}

/** A touch while riding comes about so much after what it says (common practice, no source). */
export const TOUCH_LATE_MS = 1000

/** Within this after the answer the release is prompt; as the rules are shipped, and the next two as well. */
export const PROMPT_MS = 1000
const HURRIED_BELOW_MS = 500
const LONG_ABOVE_MS = 1500

/** Those of one clip, in its order. As core's `Timing`; both are held to `examples/timings.json`. */
export function timingOf(ride: Ride, isHere: (base: string) => boolean): Timing {
  const ms = (moment: Moment | undefined) => (moment && isHere(moment.base) ? moment.ms : undefined)
  const letGo = new Map<string, number>()
  const corrections: TimedCorrection[] = []
  for (const { id, said } of ride.marks) {
    const when = 'when' in said ? ms(said.when) : undefined
    if (when === undefined) continue
    if (said.kind === 'release') letGo.set(said.exchange, when)
    else if (said.kind === 'correction' && said.made) {
      const error = ms(said.error)
      if (error !== undefined && error <= when) corrections.push({ id, errorMs: error, correctedMs: when })
    }
  }
  const asks = ride.exchanges.flatMap(({ id, segment, response, asked, reinforced, when }) => {
    const answerMs = ms(when)
    if (answerMs === undefined) return []
    const askedMs = between(undefined, ms(asked), answerMs)
    const reinforcedMs = askedMs === undefined ? undefined : between(askedMs, ms(reinforced), answerMs)
    const letGoMs = letGo.get(id)
    return [
      {
        id,
        segment,
        response,
        answerMs,
        ...(askedMs !== undefined && { askedMs }),
        ...(reinforcedMs !== undefined && { reinforcedMs }),
        ...(letGoMs !== undefined && { letGoMs }),
      },
    ]
  })
  return {
    asks: asks.sort((a, b) => a.answerMs - b.answerMs),
    corrections: corrections.sort((a, b) => a.errorMs - b.errorMs),
  }
}

function between(least: number | undefined, ms: number | undefined, most: number): number | undefined {
  return ms !== undefined && ms <= most && (least === undefined || ms >= least) ? ms : undefined
}

/** How long was waited before the horse was asked again. */
export function waitOf({ askedMs, reinforcedMs }: TimedAsk): number | undefined {
  return askedMs === undefined || reinforcedMs === undefined ? undefined : reinforcedMs - askedMs
}

/** From the aid to the horse's answer. */
export function answerOf(ask: TimedAsk): number | undefined {
  return isAnswered(ask) && ask.askedMs !== undefined ? ask.answerMs - ask.askedMs : undefined
}

/** From the horse's answer to the release; below 0 where it came first. */
export function releaseOf(ask: TimedAsk): number | undefined {
  return isAnswered(ask) && ask.letGoMs !== undefined ? ask.letGoMs - ask.answerMs : undefined
}

/** It gave what was asked for, or some of it: that is what a release rewards. */
export function isAnswered({ response }: Pick<TimedAsk, 'response'>): boolean {
  return response === 'YES' || response === 'TRY'
}

export function timings({ asks, corrections }: Timing): Timings {
  const all = (of: (ask: TimedAsk) => number | undefined) => asks.map(of).filter((ms) => ms !== undefined)
  const [waits, answers, releases] = [all(waitOf), all(answerOf), all(releaseOf)]
  const toCorrect = corrections.map((c) => c.correctedMs - c.errorMs)
  return {
    ...spread('waits', waits),
    ...spread('answers', answers),
    ...spread('releases', releases),
    ...spread('toCorrect', toCorrect),
    prompt: releases.filter((ms) => ms >= 0 && ms <= PROMPT_MS).length,
    hurried: waits.filter((ms) => ms < HURRIED_BELOW_MS).length,
    long: waits.filter((ms) => ms > LONG_ABOVE_MS).length,
  }
}

function spread<N extends string>(name: N, times: readonly number[]): Partial<Record<N, Spread>> {
  const sorted = [...times].sort((a, b) => a - b)
  const [leastMs, middleMs, mostMs] = [sorted[0], sorted[Math.floor((sorted.length - 1) / 2)], sorted.at(-1)]
  if (leastMs === undefined || middleMs === undefined || mostMs === undefined) return {}
  return { [name]: { count: sorted.length, leastMs, middleMs, mostMs } } as Record<N, Spread>
}

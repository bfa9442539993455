/** The stretch of the lesson that is seen, in milliseconds from its beginning. */
export interface Stretch {
  fromMs: number
  toMs: number
}

/** No closer than ten seconds, unless something else is said. */
export const LEAST_MS = 10_000

const length = (s: Stretch) => s.toMs - s.fromMs

/** All of a lesson; one of no length is drawn as ten seconds. */
export const whole = (lengthMs: number): Stretch => ({ fromMs: 0, toMs: Math.max(lengthMs, LEAST_MS) })

function inside(wanted: Stretch, all: Stretch, leastMs: number): Stretch {
  const long = Math.min(Math.max(length(wanted), leastMs), length(all))
  const fromMs = Math.min(Math.max(wanted.fromMs, all.fromMs), all.toMs - long)
  return { fromMs, toMs: fromMs + long }
}

/** Seen closer (above 1) or from further off, with one moment staying where it is. */
export function closer(
  now: Stretch,
  all: Stretch,
  factor: number,
  atMs: number,
  leastMs = LEAST_MS,
): Stretch {
  const long = Math.min(Math.max(length(now) / factor, leastMs), length(all))
  const share = (atMs - now.fromMs) / length(now)
  const fromMs = atMs - share * long
  return inside({ fromMs, toMs: fromMs + long }, all, leastMs)
}

/** Moved along, as far as the lesson goes. */
export const moved = (now: Stretch, all: Stretch, byMs: number): Stretch =>
  inside({ fromMs: now.fromMs + byMs, toMs: now.toMs + byMs }, all, 0)

/** Moved just so far that a moment is seen. */
export function showing(now: Stretch, all: Stretch, atMs: number): Stretch {
  if (atMs >= now.fromMs && atMs <= now.toMs) return now
  return moved(now, all, atMs - (now.fromMs + now.toMs) / 2)
}

export const xOf = (ms: number, s: Stretch, width: number) => ((ms - s.fromMs) / length(s)) * width

export const msAt = (x: number, s: Stretch, width: number) => s.fromMs + (x / width) * length(s)

/** So many events lie in what is seen, by their places; those that last longer reach in from before. */
export function seen(events: readonly { fromMs: number; toMs: number }[], s: Stretch): number[] {
  const places: number[] = []
  events.forEach((e, i) => {
    if (e.fromMs <= s.toMs && e.toMs >= s.fromMs) places.push(i)
  })
  return places
}

/** The next event (or the one before, by −1); where some are lit, of those. Undefined at the end. */
export function nextOf(count: number, lit: ReadonlySet<number>, now: number | undefined, by: 1 | -1) {
  const isOne = (i: number) => (lit.size === 0 ? i >= 0 && i < count : lit.has(i))
  for (let i = now === undefined ? (by > 0 ? 0 : count - 1) : now + by; i >= 0 && i < count; i += by) {
    if (isOne(i)) return i
  }
  return undefined
}

const STEPS_S = [1, 2, 5, 10, 30, 60, 120, 300, 600, 1200]

/** Where the time is written: some six times across. */
export function ticks(s: Stretch, most: number): number[] {
  const stepMs = 1000 * (STEPS_S.find((step) => length(s) / 1000 / step <= most) ?? 3600)
  const first = Math.ceil(s.fromMs / stepMs) * stepMs
  return Array.from(
    { length: Math.max(0, Math.floor((s.toMs - first) / stepMs) + 1) },
    (_, i) => first + i * stepMs,
  )
}

/**
 * A stretch of one gait, as a stand-in sensor measures it: each beat a raised cosine between the trough and the level, every second one a
 * little lower, as the two diagonals of a horse are (core: StandInSensor does the same in one go).
 */
export interface StandInStretch {
  seconds: number
  beatsAMinute: number
  /** Tops of the beats at its start, in kilograms. */
  leftKg: number
  rightKg: number
  /** From trough to top. */
  swingKg: number
  growsKgASecond: number
}

/** What is measured over and over: a walk on a long rein, a trot, one that gets heavy, a canter, and reins given. */
export const A_RIDE: readonly StandInStretch[] = [
  { seconds: 20, beatsAMinute: 105, leftKg: 0.9, rightKg: 1.1, swingKg: 0.6, growsKgASecond: 0 },
  { seconds: 40, beatsAMinute: 156, leftKg: 2.6, rightKg: 3.1, swingKg: 1.4, growsKgASecond: 0 },
  { seconds: 30, beatsAMinute: 162, leftKg: 3, rightKg: 3.4, swingKg: 1.6, growsKgASecond: 0.08 },
  { seconds: 30, beatsAMinute: 98, leftKg: 3.6, rightKg: 4, swingKg: 2.4, growsKgASecond: 0 },
  { seconds: 6, beatsAMinute: 150, leftKg: 0.1, rightKg: 0.1, swingKg: 0.1, growsKgASecond: 0 },
]

/** Where both reins hang. */
const HANGING: StandInStretch = {
  seconds: Infinity,
  beatsAMinute: 60,
  leftKg: 0.05,
  rightKg: 0.05,
  swingKg: 0.05,
  growsKgASecond: 0,
}
const SECOND_BEAT = 0.1
const NOISE_KG = 0.05
const UNEVENNESS = 0.03
/** A pull goes up and down in so long, and is held between. */
const RAMP_S = 0.15
const HELD_S = 1.2
const PULL_KG = 2.4

/** A seeded stream of both reins of which everything is known. The same seed and rate measure the same. */
export class StandIn {
  private readonly random: () => number
  private at = 0
  private stretch = HANGING
  private nth = -1
  private beganS = 0
  private beatS = 0
  private periodS = 1
  private isSecond = false
  private pulledS = { LEFT: -Infinity, RIGHT: -Infinity }

  constructor(
    seed: number,
    private readonly rateHz: number,
    private readonly ride: readonly StandInStretch[] = A_RIDE,
  ) {
    this.random = mulberry32(seed)
  }

  /** In kilograms, the left rein first. */
  next(): [number, number] {
    const s = this.at++ / this.rateHz
    if (this.nth >= 0 && s - this.beganS >= this.stretch.seconds - 1e-9) this.enter(this.nth + 1, s)
    const below = this.below(s)
    const grown = this.stretch.growsKgASecond * (s - this.beganS)
    const rein = (side: 'LEFT' | 'RIGHT', kg: number) =>
      // a rein cannot push: what is below nothing is noise
      Math.max(0, kg + grown - below + this.pull(s - this.pulledS[side])) + NOISE_KG * this.gaussian()
    return [rein('LEFT', this.stretch.leftKg), rein('RIGHT', this.stretch.rightKg)]
  }

  /** Somebody takes this rein for a moment. */
  pullNow(side: 'LEFT' | 'RIGHT'): void {
    this.pulledS[side] = this.at / this.rateHz
  }

  /** From now on it is ridden. */
  rideNow(): void {
    this.enter(0, this.at / this.rateHz)
  }

  private enter(nth: number, s: number): void {
    this.nth = nth % this.ride.length
    this.stretch = this.ride[this.nth] ?? HANGING
    this.beganS = s
    this.beatS = s
    this.periodS = this.drawn()
  }

  private drawn(): number {
    return (60 / this.stretch.beatsAMinute) * Math.max(0.3, 1 + UNEVENNESS * this.gaussian())
  }

  /** By how much the tension lies below the top. */
  private below(s: number): number {
    while (s >= this.beatS + this.periodS) {
      this.beatS += this.periodS
      this.periodS = this.drawn()
      this.isSecond = !this.isSecond
    }
    const shape = 0.5 - 0.5 * Math.cos((2 * Math.PI * (s - this.beatS)) / this.periodS)
    return this.stretch.swingKg * (1 - shape * (this.isSecond ? 1 - SECOND_BEAT : 1))
  }

  private pull(s: number): number {
    if (s < 0 || s > HELD_S + RAMP_S) return 0
    return PULL_KG * (s < HELD_S ? Math.min(1, s / RAMP_S) : 1 - (s - HELD_S) / RAMP_S)
  }

  /** Box and Muller's way, from two even numbers. */
  private gaussian(): number {
    const u = 1 - this.random()
    return Math.sqrt(-2 * Math.log(u)) * Math.cos(2 * Math.PI * this.random())
  }
}

/** Even numbers in [0, 1) from a seed: Tommy Ettinger's mulberry32, public domain (from memory). */
function mulberry32(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state)
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296
  }
}

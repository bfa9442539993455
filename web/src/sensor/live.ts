import { v7 } from 'uuid'
import { GAP, heavyNow, HUNDREDTHS, MovingHigh, pieceEnd, pulledRein } from '../reins'
import { isoOf } from '../text'
import { onLeaving, recordings } from '../store'
import type { Shelf, StoredPiece } from '../store'
import type { ReinSensor, SensorNews } from './reinSensor'

export const REINS = ['left', 'right'] as const
export type ReinName = (typeof REINS)[number]

/** Where and for whom is measured. */
export interface Measuring {
  shelf: Shelf
  lesson: string
  /** The server's clock less this device's. */
  offsetMs: number
  /** What the pair aims at; null where nobody has said, and then nothing is called heavy. */
  band: { lowKg: number; highKg: number } | null
  /** A recording has ended and can be sent. */
  onEnded: () => void
}

export type Step =
  | 'OFF'
  | 'CONNECTING'
  /** It cannot be reached. */
  | 'FAILED'
  /** Both reins are to hang, then it is zeroed. */
  | 'HANGING'
  /** The left rein is to be pulled. */
  | 'PULL'
  | 'RECORDING'

/** How the sensor stands; another object only when something of it has changed. */
export interface LiveState {
  step: Step
  lesson: string | null
  name: string
  isSimulated: boolean
  batteryPercent: number | null
  signalPercent: number | null
  /** Not heard for a moment. */
  isLost: boolean
  /** What was measured last could not be kept on this device. */
  isUnkept: boolean
  heavy: Record<ReinName, boolean>
}

const OFF: LiveState = {
  step: 'OFF',
  lesson: null,
  name: '',
  isSimulated: false,
  batteryPercent: null,
  signalPercent: null,
  isLost: false,
  isUnkept: false,
  heavy: { left: false, right: false },
}

/** The strip looks back so far. */
export const BACK_S = 30
/** A pull is looked for in the last seconds. */
const PULL_S = 4
/** The hand that pulled has let go by then: what is recorded begins after it. */
const LET_GO_S = 2
/** The level looks back over a second: the stride is not known while it is ridden (core: Level). */
const LEVEL_S = 1
/** Not heard for so long, it is lost. */
const LOST_MS = 2_000
/** A recording is not longer; what follows is another one. */
const MOST_S = 118 * 60
const TICK_MS = 60
/** Pieces that could not be kept wait here for room, so many at most: ten minutes. */
const MOST_UNKEPT = 300

/** What has been read of one rein lately, and its level. */
class Rein {
  readonly lately: Int16Array
  private readonly high: MovingHigh
  private at = 0
  levelKg: number | null = null
  overForS = 0

  constructor(private readonly rateHz: number) {
    this.lately = new Int16Array(Math.ceil(BACK_S * rateHz)).fill(GAP)
    this.high = new MovingHigh(Math.max(1, Math.ceil(LEVEL_S * rateHz)))
  }

  take(reading: number, highKg: number | null) {
    this.lately[this.at] = reading
    this.at = (this.at + 1) % this.lately.length
    const level = this.high.next(reading)
    this.levelKg = level === GAP ? null : level / HUNDREDTHS
    const isOver = highKg !== null && this.levelKg !== null && this.levelKg > highKg
    this.overForS = isOver ? this.overForS + 1 / this.rateHz : 0
  }

  /** The nth reading from the oldest that is still here. */
  old(nth: number): number {
    return this.lately[(this.at + nth) % this.lately.length] ?? GAP
  }

  /** The last seconds, in order. */
  last(seconds: number): Int16Array {
    const many = Math.min(this.lately.length, Math.ceil(seconds * this.rateHz))
    return Int16Array.from({ length: many }, (_, i) => this.old(this.lately.length - many + i))
  }
}

/** A recording as it grows. */
interface Running {
  id: string
  release: () => void
  startedMs: number
  /** Samples taken in. */
  count: number
  place: number
  left: Int16Array
  right: Int16Array
}

/**
 * A sensor that is read while it is ridden: from connecting to the last piece kept. One a tab. It does not know React, so that a hundred
 * readings a second draw nothing but what listens to them.
 */
export class LiveReins {
  private state = OFF
  private sensor: ReinSensor | undefined
  private of: Measuring | undefined
  private rateHz = 0
  private reins: Record<ReinName, Rein> = { left: new Rein(1), right: new Rein(1) }
  /** Which rein the first channel hangs on; taken for the left one until a pull has told. */
  private isSwapped = false
  private running: Running | undefined
  /** Readings until what is recorded begins; 0 before and after. */
  private letGo = 0
  private keeping: Promise<void> = Promise.resolve()
  private unkept: StoredPiece[] = []
  /** The number of the reading that is due next. */
  private next = 0
  private heardMs = 0
  private toldMs: number | null = null
  private watch: ReturnType<typeof setInterval> | undefined
  private readonly stateListeners = new Set<() => void>()
  private readonly sampleListeners = new Set<() => void>()

  readonly current = (): LiveState => this.state

  readonly subscribe = (listener: () => void): (() => void) => {
    this.stateListeners.add(listener)
    return () => this.stateListeners.delete(listener)
  }

  /** Told at each batch of readings. */
  readonly onSamples = (listener: () => void): (() => void) => {
    this.sampleListeners.add(listener)
    return () => this.sampleListeners.delete(listener)
  }

  /** What is drawn: the last half minute of a rein and its level. */
  rein(side: ReinName): Pick<Rein, 'old' | 'levelKg'> & { many: number } {
    const rein = this.reins[side]
    return { many: rein.lately.length, levelKg: rein.levelKg, old: (nth) => rein.old(nth) }
  }

  get bandKg(): Measuring['band'] {
    return this.of?.band ?? null
  }

  async connect(sensor: ReinSensor, of: Measuring): Promise<void> {
    await this.stop()
    this.sensor = sensor
    this.of = of
    this.rateHz = 0
    this.next = 0
    this.letGo = 0
    this.toldMs = null
    const { name, isSimulated } = sensor
    this.enter({ ...OFF, step: 'CONNECTING', lesson: of.lesson, name, isSimulated })
    try {
      this.rateHz = await sensor.connect((news) => this.hear(news))
    } catch {
      this.enter({ step: 'FAILED' })
      return
    }
    this.reins = { left: new Rein(this.rateHz), right: new Rein(this.rateHz) }
    this.isSwapped = false
    this.heardMs = Date.now()
    this.watch = setInterval(() => this.look(), LOST_MS / 2)
    this.enter({ step: 'HANGING' })
  }

  async zero(): Promise<void> {
    await this.sensor?.zero()
    this.reins = { left: new Rein(this.rateHz), right: new Rein(this.rateHz) }
    if (this.state.step === 'HANGING') this.enter({ step: 'PULL' })
  }

  /** A simulated one pulls by itself. */
  pretendPull(): void {
    this.sensor?.pretendPull?.('LEFT')
  }

  /** Ends it: what was measured waits to be sent. */
  async stop(): Promise<void> {
    clearInterval(this.watch)
    this.sensor?.disconnect()
    this.sensor = undefined
    const { of } = this
    const wasRunning = this.running !== undefined
    this.enter(OFF)
    await this.end()
    if (wasRunning) of?.onEnded()
  }

  private hear(news: SensorNews): void {
    if (news.is === 'LOST') this.enter({ isLost: true })
    else if (news.is === 'STATE') {
      this.enter({ batteryPercent: news.batteryPercent, signalPercent: news.signalPercent })
    } else this.take(news)
  }

  private take({ first, channels }: Extract<SensorNews, { is: 'SAMPLES' }>): void {
    if (this.rateHz === 0 || this.state.step === 'OFF') return
    this.heardMs = Date.now()
    if (this.state.isLost) this.enter({ isLost: false })
    const [left, right] = this.isSwapped ? [channels[1], channels[0]] : channels
    const highKg = this.of?.band?.highKg ?? null
    this.fill(first)
    for (let i = 0; i < left.length; i++) {
      const [l, r] = [left[i] ?? GAP, right[i] ?? GAP]
      this.reins.left.take(l, highKg)
      this.reins.right.take(r, highKg)
      this.write(l, r)
    }
    this.next = first + left.length
    if (this.state.step === 'PULL') this.lookForPull()
    else this.say()
    this.sampleListeners.forEach((listener) => listener())
  }

  /** What was lost on the way is a gap, so that what follows stays where it belongs. */
  private fill(first: number): void {
    for (; this.next < first && this.running; this.next++) {
      this.reins.left.take(GAP, null)
      this.reins.right.take(GAP, null)
      this.write(GAP, GAP)
    }
  }

  private lookForPull(): void {
    const pulled = pulledRein(this.reins.left.last(PULL_S), this.reins.right.last(PULL_S))
    if (pulled === 'UNCLEAR') return
    this.isSwapped = pulled === 'RIGHT'
    if (this.isSwapped) this.reins = { left: this.reins.right, right: this.reins.left }
    this.letGo = Math.ceil(LET_GO_S * this.rateHz)
    this.enter({ step: 'RECORDING' })
  }

  private begin(): void {
    const { of, state, rateHz } = this
    if (!of) return
    const id = v7()
    const startedMs = Date.now()
    const room = pieceEnd(0, rateHz) + 1
    const running: Running = {
      id,
      release: () => undefined,
      startedMs,
      count: 0,
      place: 0,
      left: new Int16Array(room),
      right: new Int16Array(room),
    }
    this.running = running
    this.keeping = this.keeping
      .then(recordings)
      .then(({ beginRecording }) =>
        beginRecording(of.shelf, {
          id,
          lesson: of.lesson,
          startedAt: isoOf(startedMs + of.offsetMs),
          rateHz,
          name: state.name,
        }),
      )
      .then((release) => {
        running.release = release
      })
      .catch(() => this.enter({ isUnkept: true }))
  }

  private write(left: number, right: number): void {
    if (this.letGo > 0 && --this.letGo === 0) this.begin()
    const { running } = this
    if (!running) return
    const at = running.count - pieceEnd(running.place - 1, this.rateHz)
    running.left[at] = left
    running.right[at] = right
    running.count++
    if (running.count === pieceEnd(running.place, this.rateHz)) this.keep(running, at + 1)
    if (running.count >= MOST_S * this.rateHz) void this.end().then(() => this.begin())
  }

  private keep(running: Running, many: number): void {
    const { of } = this
    if (!of) return
    this.unkept.push({
      recording: running.id,
      place: running.place++,
      left: running.left.slice(0, many),
      right: running.right.slice(0, many),
    })
    this.unkept.splice(0, this.unkept.length - MOST_UNKEPT)
    this.keeping = this.keeping.then(() => this.keepAll(of.shelf))
  }

  /** One after the other; what could not be kept is tried again with the next. */
  private async keepAll(shelf: Shelf): Promise<void> {
    try {
      const { keepPiece } = await recordings()
      for (let piece = this.unkept[0]; piece; piece = this.unkept[0]) {
        await keepPiece(shelf, piece)
        this.unkept.shift()
      }
      this.enter({ isUnkept: false })
    } catch {
      this.enter({ isUnkept: true })
    }
  }

  private async end(): Promise<void> {
    const { running, of } = this
    this.running = undefined
    if (!running || !of) return
    const rest = running.count - pieceEnd(running.place - 1, this.rateHz)
    if (rest > 0) this.keep(running, rest)
    await this.keeping
    await (await recordings()).endRecording(of.shelf, running.id)
    running.release()
  }

  /** Says of each rein whether it is heavy, and tells it in the hand now and then. */
  private say(): void {
    const since = this.toldMs === null ? null : (Date.now() - this.toldMs) / 1000
    const [left, right] = REINS.map((side) => heavyNow(this.reins[side].overForS, since))
    const heavy = { left: left?.isHeavy === true, right: right?.isHeavy === true }
    if (left?.isTold || right?.isTold) {
      this.toldMs = Date.now()
      if ('vibrate' in navigator) navigator.vibrate(TICK_MS)
    }
    if (heavy.left !== this.state.heavy.left || heavy.right !== this.state.heavy.right) this.enter({ heavy })
  }

  private look(): void {
    if (Date.now() - this.heardMs > LOST_MS) this.enter({ isLost: true })
  }

  private enter(change: Partial<LiveState>): void {
    const next = { ...this.state, ...change }
    const isSame = (Object.keys(change) as (keyof LiveState)[]).every((k) => this.state[k] === change[k])
    if (isSame) return
    this.state = next
    this.stateListeners.forEach((listener) => listener())
  }
}

// fetched while there is a network, for when there is none
recordings().catch(() => undefined)

/** The one of this tab; who leaves takes the sensor along. */
export const liveReins = new LiveReins()
onLeaving(() => void liveReins.stop())

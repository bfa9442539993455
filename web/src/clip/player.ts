/** What a clip is doing. */
export interface Playing {
  /** Of the frame that is seen, in milliseconds since the clip began. */
  atMs: number
  isPlaying: boolean
  rate: Rate
  /** The stretch that is played over and over. */
  loop: { fromMs: number; toMs: number } | null
}

export const RATES = [1, 0.5, 0.25] as const
export type Rate = (typeof RATES)[number]

/** What is played over and over: the last five seconds. */
const LOOP_MS = 5000

/** Said of a frame's length until frames were seen one after the other. */
const USUAL_FRAME_MS = 1000 / 30

/** No frame is shorter: while their length is not known, the next one is looked for in steps of this. */
const SHORTEST_FRAME_MS = 8

/** So many steps may be asked for while one is on its way: a key that is held down stops when it is let go. */
const MOST_STEPS = 3

/** Longer than this from one frame to the next, one was missed. */
const MOST_FRAME_MS = 200

const MOST_KEPT = 31

type Video = Pick<
  HTMLVideoElement,
  | 'currentTime'
  | 'duration'
  | 'paused'
  | 'playbackRate'
  | 'seeking'
  | 'play'
  | 'pause'
  | 'addEventListener'
  | 'removeEventListener'
  | 'requestVideoFrameCallback'
  | 'cancelVideoFrameCallback'
  | 'videoWidth'
  | 'videoHeight'
>

/**
 * A video that is stepped frame by frame. What is seen is known from the frames themselves, not from where it was sent to: a variable
 * rate and a slow phone do not change what is marked.
 */
export class Player {
  readonly #video: Video
  readonly #lengthMs: number
  readonly #listeners = new Set<() => void>()
  #now: Playing = { atMs: 0, isPlaying: false, rate: 1, loop: null }
  #frames: number[] = []
  #last: VideoFrameCallbackMetadata | null = null
  #wanted: number | null = null
  /** Frames still to go: on where it is above 0, back below. */
  #steps = 0
  #callback = 0
  /** Frames that were seen so far. */
  #count = 0

  /** @param lengthMs where the video itself does not say how long it is: a recording that was never closed */
  constructor(video: Video, lengthMs: number) {
    this.#video = video
    this.#lengthMs = lengthMs
    this.#watch()
    for (const event of EVENTS) video.addEventListener(event, this.#changed)
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener)
    return () => this.#listeners.delete(listener)
  }

  readonly now = (): Playing => this.#now

  get durationMs(): number {
    return Number.isFinite(this.#video.duration) ? this.#video.duration * 1000 : this.#lengthMs
  }

  /** From one frame to the next: the middle of those that were seen. */
  get frameMs(): number {
    const sorted = [...this.#frames].sort((a, b) => a - b)
    return sorted[Math.floor(sorted.length / 2)] ?? USUAL_FRAME_MS
  }

  /** How large its frames are, upright, in their own pixels. */
  get frameSize(): { width: number; height: number } {
    return { width: this.#video.videoWidth, height: this.#video.videoHeight }
  }

  /** Draws the frame that is seen. */
  readonly drawOn = (canvas: CanvasRenderingContext2D, width: number, height: number) =>
    canvas.drawImage(this.#video as HTMLVideoElement, 0, 0, width, height)

  readonly toggle = () => {
    if (this.#video.paused) this.#play()
    else this.#video.pause()
  }

  readonly pause = () => this.#video.pause()

  readonly setRate = (rate: Rate) => {
    this.#video.playbackRate = rate
    this.#tell({ rate })
  }

  /** To a moment. What is asked for while it is still on its way to another waits: only the last of them counts. */
  readonly seek = (ms: number) => {
    this.#steps = 0
    this.#go(ms)
    this.#tell({ atMs: Math.round(this.#within(ms)) })
  }

  /** To the next frame, or the one before. The moment is told when the frame is seen. */
  readonly step = (by: 1 | -1) => {
    this.#video.pause()
    const isOnItsWay = this.#steps !== 0
    this.#steps = Math.max(-MOST_STEPS, Math.min(MOST_STEPS, this.#steps + by))
    if (!isOnItsWay) this.#toNeighbour(this.#seenMs())
  }

  /** The last five seconds over and over; again: on from here. */
  readonly loopLast = () => {
    const { atMs, loop } = this.#now
    this.#tell({ loop: loop ? null : { fromMs: Math.max(0, atMs - LOOP_MS), toMs: Math.max(LOOP_MS, atMs) } })
    if (!loop) {
      this.seek(atMs - LOOP_MS)
      this.#play()
    }
  }

  /** Plays a stretch over and over. */
  readonly loopOver = (fromMs: number, toMs: number) => {
    this.#tell({ loop: { fromMs, toMs } })
    this.seek(fromMs)
    this.#play()
  }

  /** To a moment, and stands there. */
  readonly show = (ms: number) => {
    this.#video.pause()
    this.#tell({ loop: null })
    this.seek(ms)
  }

  readonly leave = () => {
    this.#video.cancelVideoFrameCallback(this.#callback)
    for (const event of EVENTS) this.#video.removeEventListener(event, this.#changed)
  }

  #within(ms: number): number {
    return Math.min(Math.max(0, ms), this.durationMs)
  }

  #go(ms: number) {
    const to = this.#within(ms)
    if (this.#video.seeking) this.#wanted = to
    else this.#video.currentTime = to / 1000
  }

  /** Where the frame begins that is seen; before any was, where it was sent to. */
  #seenMs(): number {
    return this.#last ? this.#last.mediaTime * 1000 : this.#now.atMs
  }

  /** A frame that is shorter than the others is not passed over: the shortest that was seen says how far to go. */
  #toNeighbour(fromMs: number) {
    const shortest = Math.min(...this.#frames, USUAL_FRAME_MS)
    if (this.#steps < 0) this.#go(fromMs - shortest / 2)
    else this.#go(fromMs + (this.#frames.length > 0 ? 1.5 * shortest : SHORTEST_FRAME_MS))
  }

  /** A longer frame is still seen where the next was looked for: on from there. */
  #stepped(beforeMs: number, nowMs: number) {
    const soughtMs = this.#video.currentTime * 1000
    const isAtAnEnd = this.#steps < 0 ? soughtMs <= 0 : soughtMs >= this.durationMs
    if (nowMs === beforeMs && !isAtAnEnd) {
      this.#go(soughtMs + Math.sign(this.#steps) * SHORTEST_FRAME_MS)
      return
    }
    if (nowMs > beforeMs) this.#learn(nowMs - beforeMs)
    this.#steps = isAtAnEnd ? 0 : this.#steps - Math.sign(this.#steps)
    if (this.#steps !== 0) this.#toNeighbour(nowMs)
  }

  /** A browser shows no frame anew: where none comes, the same one is still seen. */
  #expectFrame() {
    const before = this.#count
    afterPaints(PAINTS, () => {
      const isOnItsWay = this.#video.seeking || this.#wanted !== null
      if (this.#steps !== 0 && this.#count === before && !isOnItsWay) {
        this.#stepped(this.#seenMs(), this.#seenMs())
      }
    })
  }

  #learn(ms: number) {
    if (ms > 0 && ms < MOST_FRAME_MS) this.#frames = [...this.#frames, ms].slice(-MOST_KEPT)
  }

  #play() {
    // a browser that will not play says so by the key that stays as it was
    this.#video.play().catch(() => undefined)
  }

  #watch() {
    this.#callback = this.#video.requestVideoFrameCallback((_, frame) => {
      this.#seen(frame)
      this.#watch()
    })
  }

  #seen(frame: VideoFrameCallbackMetadata) {
    this.#count += 1
    const before = this.#last
    this.#last = frame
    const ms = frame.mediaTime * 1000
    if (before && frame.presentedFrames === before.presentedFrames + 1 && !this.#video.paused) {
      this.#learn(ms - before.mediaTime * 1000)
    }
    if (this.#wanted === null) this.#tell({ atMs: Math.round(ms) })
    if (this.#steps !== 0) this.#stepped(before ? before.mediaTime * 1000 : 0, ms)
    const { loop, isPlaying } = this.#now
    if (loop && isPlaying && frame.mediaTime * 1000 >= loop.toMs) this.seek(loop.fromMs)
  }

  readonly #changed = ({ type }: Event) => {
    const { loop } = this.#now
    if (type === 'ended' && loop) {
      this.seek(loop.fromMs)
      this.#play()
    }
    if (this.#wanted !== null && !this.#video.seeking) {
      this.#video.currentTime = this.#wanted / 1000
      this.#wanted = null
    } else if (type === 'seeked' && this.#steps !== 0) this.#expectFrame()
    if (this.#now.isPlaying === this.#video.paused) this.#tell({ isPlaying: !this.#video.paused })
  }

  #tell(change: Partial<Playing>) {
    this.#now = { ...this.#now, ...change }
    this.#listeners.forEach((listener) => listener())
  }
}

/** A frame that was sought is seen within so many paints of being there (measured: at most two). */
const PAINTS = 4

function afterPaints(count: number, then: () => void) {
  if (count === 0) then()
  else requestAnimationFrame(() => afterPaints(count - 1, then))
}

const EVENTS = ['play', 'pause', 'ended', 'seeked'] as const

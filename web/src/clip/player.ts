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

/** Until frames were seen one after the other. */
const USUAL_FRAME_MS = 1000 / 30

/** A frame is not known from fewer. */
const LEAST_FRAMES = 3

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
  #callback = 0

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
    if (this.#frames.length < LEAST_FRAMES) return USUAL_FRAME_MS
    const sorted = [...this.#frames].sort((a, b) => a - b)
    return sorted[Math.floor(sorted.length / 2)] ?? USUAL_FRAME_MS
  }

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
  readonly seek = (ms: number) => this.#go(ms, ms)

  /** To the next frame, or the one before: into its middle, so that rounding never falls on a neighbour. */
  readonly step = (by: 1 | -1) => {
    this.#video.pause()
    const frame = Math.max(0, this.#now.atMs + by * this.frameMs)
    this.#go(frame + this.frameMs / 2, frame)
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

  /** @param shownMs where the frame begins that will be seen there, as far as is known before it is */
  #go(ms: number, shownMs: number) {
    const to = Math.min(Math.max(0, ms), this.durationMs)
    if (this.#video.seeking) this.#wanted = to
    else this.#video.currentTime = to / 1000
    this.#tell({ atMs: Math.round(Math.min(Math.max(0, shownMs), this.durationMs)) })
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
    const before = this.#last
    this.#last = frame
    if (before && frame.presentedFrames === before.presentedFrames + 1 && !this.#video.paused) {
      const ms = (frame.mediaTime - before.mediaTime) * 1000
      if (ms > 0 && ms < MOST_FRAME_MS) this.#frames = [...this.#frames, ms].slice(-MOST_KEPT)
    }
    if (this.#wanted === null) this.#tell({ atMs: Math.round(frame.mediaTime * 1000) })
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
    }
    if (this.#now.isPlaying === this.#video.paused) this.#tell({ isPlaying: !this.#video.paused })
  }

  #tell(change: Partial<Playing>) {
    this.#now = { ...this.#now, ...change }
    this.#listeners.forEach((listener) => listener())
  }
}

const EVENTS = ['play', 'pause', 'ended', 'seeked'] as const

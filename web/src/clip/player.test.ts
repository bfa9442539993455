import { expect, test } from 'vitest'
import { Player } from './player'

/** A video that shows a frame when it is told to: thirty a second, or where each of them begins. */
class Film extends EventTarget {
  constructor(private readonly frames = Array.from({ length: 601 }, (_, i) => i / 30)) {
    super()
  }
  currentTime = 0
  duration = 20
  readonly videoWidth = 640
  readonly videoHeight = 360
  paused = true
  playbackRate = 1
  seeking = false
  #callback: VideoFrameRequestCallback | undefined
  #presented = 0

  play = () => {
    this.paused = false
    this.dispatchEvent(new Event('play'))
    return Promise.resolve()
  }
  pause = () => {
    this.paused = true
    this.dispatchEvent(new Event('pause'))
  }
  requestVideoFrameCallback = (callback: VideoFrameRequestCallback) => {
    this.#callback = callback
    return 1
  }
  cancelVideoFrameCallback = () => (this.#callback = undefined)
  /** The frame of a moment comes onto the screen. */
  show(seconds: number) {
    const mediaTime = this.frames.filter((f) => f <= seconds + 1e-9).at(-1) ?? 0
    this.currentTime = seconds
    this.#presented += 1
    this.#callback?.(0, { mediaTime, presentedFrames: this.#presented } as VideoFrameCallbackMetadata)
  }
  /** What was sought is there. */
  settle() {
    this.seeking = false
    this.dispatchEvent(new Event('seeked'))
    this.show(this.currentTime)
  }
}

function filmed(frames?: number[]) {
  const film = new Film(frames)
  return { film, player: new Player(film, 20_000) }
}

/** Where a step ends, once everything that was sought for it was seen. */
function stepped(film: Film, player: Player, by: 1 | -1): number {
  player.step(by)
  for (let i = 0; i < 30; i++) film.settle()
  return player.now().atMs
}

test('the moment is that of the frame that is seen', () => {
  const { film, player } = filmed()
  film.show(1.01)
  expect(player.now().atMs).toBe(1000)
})

test('steps go from frame to frame, and back', () => {
  const { film, player } = filmed()
  film.show(2)
  const seen = [1, 1, -1, -1, -1].map((by) => Math.round((stepped(film, player, by as 1 | -1) * 30) / 1000))
  expect(seen).toEqual([61, 62, 61, 60, 59])
})

test.each([25, 30, 50, 60, 120])('at %i frames a second a step is a frame, from the first on', (rate) => {
  const { film, player } = filmed(Array.from({ length: 20 * rate + 1 }, (_, i) => i / rate))
  film.show(2)
  const seen = [1, 1, 1, -1, 1].map((by) => Math.round((stepped(film, player, by as 1 | -1) * rate) / 1000))
  expect(seen).toEqual([1, 2, 3, 2, 3].map((n) => 2 * rate + n))
  expect(player.frameMs).toBeCloseTo(1000 / rate, 0)
})

test('no frame is passed over where they last unlike', () => {
  const frames = [2, 2.033, 2.1, 2.117, 2.2, 2.233]
  const { film, player } = filmed([0, ...frames])
  film.show(2)
  const on = [1, 1, 1, 1, 1].map(() => stepped(film, player, 1))
  expect(on).toEqual(frames.slice(1).map((s) => 1000 * s))
  const back = [1, 1, 1, 1, 1].map(() => stepped(film, player, -1))
  expect(back).toEqual(
    [...frames]
      .reverse()
      .slice(1)
      .map((s) => 1000 * s),
  )
})

test('at either end a step is no step', () => {
  const { film, player } = filmed()
  film.show(0)
  expect(stepped(film, player, -1)).toBe(0)
  expect(stepped(film, player, 1)).toBe(33)
  film.show(20)
  expect(stepped(film, player, 1)).toBe(20_000)
  expect(stepped(film, player, -1)).toBe(19_967)
})

test('two quick steps are two frames, also before the first is seen', () => {
  const { film, player } = filmed()
  film.show(2)
  player.step(1)
  player.step(1)
  for (let i = 0; i < 10; i++) film.settle()
  expect(Math.round((player.now().atMs * 30) / 1000)).toBe(62)
})

test('a recording that was never closed is as long as it was found to be', () => {
  const film = new Film()
  film.duration = Infinity
  const player = new Player(film, 20_000)
  player.seek(12_000)
  expect(film.currentTime).toBe(12)
})

test('what is played again begins anew at the end of the clip', () => {
  const { film, player } = filmed()
  player.loopOver(18_000, 20_000)
  film.settle()
  film.paused = true
  film.dispatchEvent(new Event('ended'))
  expect(film.currentTime).toBe(18)
  expect(film.paused).toBe(false)
})

test('how long a frame lasts is learnt from those that are seen, whatever the speed', () => {
  const { film, player } = filmed()
  expect(player.frameMs).toBeCloseTo(33.3, 1)
  void film.play()
  for (let i = 0; i < 8; i++) film.show((2 * i) / 30)
  expect(player.frameMs).toBeCloseTo(66.7, 1)
})

test('of what is sought on the way only the last counts', () => {
  const { film, player } = filmed()
  player.seek(1000)
  film.seeking = true
  for (const ms of [2000, 3000, 4000]) player.seek(ms)
  expect(film.currentTime).toBe(1)
  film.settle()
  expect(film.currentTime).toBe(4)
  expect(player.now().atMs).toBe(4000)
})

test('nothing lies before the beginning, or after the end', () => {
  const { film, player } = filmed()
  player.seek(-500)
  expect(film.currentTime).toBe(0)
  player.seek(25_000)
  expect(film.currentTime).toBe(20)
})

test('the last five seconds come again, until told otherwise', () => {
  const { film, player } = filmed()
  film.show(9)
  player.loopLast()
  expect(player.now().loop).toEqual({ fromMs: 4000, toMs: 9000 })
  film.settle()
  expect(film.paused).toBe(false)
  film.show(9.01)
  expect(film.currentTime).toBe(4)
  player.loopLast()
  expect(player.now().loop).toBeNull()
})

test('a stretch of a comment is played over and over, and a moment ends that', () => {
  const { film, player } = filmed()
  player.loopOver(2000, 3000)
  film.settle()
  film.show(3.02)
  expect(film.currentTime).toBe(2)
  player.show(8000)
  expect(film.paused).toBe(true)
  expect(player.now().loop).toBeNull()
})

test('one that left tells nothing any more', () => {
  const { film, player } = filmed()
  let told = 0
  const leave = player.subscribe(() => told++)
  film.show(1)
  leave()
  player.leave()
  film.show(2)
  expect(told).toBe(1)
})

import { useState } from 'react'
import type { Drawing, FramePoint } from '../record'
import type { Player } from './player'
import { stillOf } from './still'
import type { Still } from './still'

/** As many strokes as an entry takes, and as many points a stroke. */
const MOST_STROKES = 20
const MOST_POINTS = 100

/** What is being drawn over a frame. */
export interface DrawingDraft {
  isOn: boolean
  strokes: readonly FramePoint[][]
  /** Of the frame it stands on; undefined while nothing is drawn. */
  atMs: number | undefined
  toggle: () => void
  /** A stroke that has ended; a dot is none. */
  add: (points: FramePoint[]) => void
  undo: () => void
  clear: () => void
  /** As an entry takes it; undefined where nothing is drawn. */
  drawing: Drawing | undefined
  /** The frame that was drawn on, as it was when the first stroke ended. */
  still: Promise<Still | undefined> | undefined
}

export function useDrawing(player: Player | null): DrawingDraft {
  const [isOn, setOn] = useState(false)
  const [strokes, setStrokes] = useState<readonly FramePoint[][]>([])
  const [on, setFrame] = useState<{ atMs: number; still: Promise<Still | undefined> }>()
  const change = (to: readonly FramePoint[][]) => {
    setStrokes(to)
    if (to.length === 0) setFrame(undefined)
  }
  return {
    isOn,
    strokes,
    atMs: on?.atMs,
    still: on?.still,
    toggle: () => setOn(!isOn),
    add: (points) => {
      if (!player || points.length < 2 || strokes.length >= MOST_STROKES) return
      if (!on) setFrame({ atMs: player.now().atMs, still: stillOf(player) })
      change([...strokes, thinned(points)])
    },
    undo: () => change(strokes.slice(0, -1)),
    clear: () => {
      change([])
      setOn(false)
    },
    drawing:
      player && strokes.length > 0
        ? { ...player.frameSize, strokes: strokes.map((points) => ({ points })) }
        : undefined,
  }
}

/** Every so many a point, and the last one always. */
function thinned(points: readonly FramePoint[]): FramePoint[] {
  const step = Math.ceil((points.length - 1) / (MOST_POINTS - 1))
  const kept = points.filter((_, i) => i % step === 0)
  const last = points.at(-1)
  return last && kept.at(-1) !== last ? [...kept.slice(0, MOST_POINTS - 1), last] : kept
}

import { useState } from 'react'
import type { FramePoint, FrameShape } from '../record'
import { pointsOf } from './frames'
import type { FrameMarks } from './frames'
import type { Player } from './player'

/** What the next touch sets a point of: what is measured, what is level in life, or what has a known length. */
export type Setting = 'points' | 'level' | 'scale'

/** A point, and how many pixels it may lie beside what it was set on. */
export interface SetPoint extends FramePoint {
  withinPx: number
}

type Sets = Record<Setting, readonly SetPoint[]>

const NONE: Sets = { points: [], level: [], scale: [] }

/** The points that are being set on a frame. */
export interface FrameDraft {
  shape: FrameShape
  setting: Setting
  sets: Sets
  /** Of the frame they stand on; undefined while there are none. */
  atMs: number | undefined
  facesRight: boolean
  /** The known length in metres; null while none is said. */
  lengthM: number | null
  /** All that can be reckoned from; undefined until the last point of the shape is set. */
  marks: FrameMarks | undefined
  choose: (shape: FrameShape) => void
  set: (setting: Setting) => void
  /** The next point; nothing where none is missing. */
  place: (point: SetPoint) => void
  move: (setting: Setting, index: number, to: SetPoint) => void
  /** Takes back the last point. */
  undo: () => void
  clear: () => void
  face: (isRight: boolean) => void
  know: (lengthM: number | null) => void
}

const SETTINGS = ['scale', 'level', 'points'] as const

export function useFrameMarks(player: Player | null): FrameDraft {
  const [shape, setShape] = useState<FrameShape>('EARS')
  const [setting, set] = useState<Setting>('points')
  const [sets, setSets] = useState(NONE)
  const [atMs, setAt] = useState<number>()
  const [facesRight, face] = useState(false)
  const [lengthM, know] = useState<number | null>(null)
  const mostOf = (of: Setting) => (of === 'points' ? pointsOf(shape) : 2)
  const change = (of: Setting, to: readonly SetPoint[]) => {
    const next = { ...sets, [of]: to }
    setSets(next)
    if (Object.values(next).every((points) => points.length === 0)) setAt(undefined)
  }
  const place = (point: SetPoint) => {
    if (!player || sets[setting].length >= mostOf(setting)) return
    player.pause()
    setAt((known) => known ?? player.now().atMs)
    change(setting, [...sets[setting], point])
  }
  const clear = () => {
    setSets(NONE)
    set('points')
    setAt(undefined)
  }
  const choose = (next: FrameShape) => {
    setShape(next)
    set('points')
    change('points', [])
  }
  const undo = () => {
    const last = [setting, ...SETTINGS].find((of) => sets[of].length > 0)
    if (!last) return
    set(last)
    change(last, sets[last].slice(0, -1))
  }
  const isWhole = sets.points.length === pointsOf(shape)
  return {
    shape,
    setting,
    sets,
    atMs,
    facesRight,
    lengthM,
    marks: isWhole ? marksOf(shape, sets, facesRight, lengthM) : undefined,
    choose,
    set,
    place,
    move: (of, index, to) =>
      change(
        of,
        sets[of].map((point, i) => (i === index ? to : point)),
      ),
    undo,
    clear,
    face,
    know,
  }
}

function marksOf(shape: FrameShape, sets: Sets, facesRight: boolean, lengthM: number | null): FrameMarks {
  const bare = ({ x, y }: FramePoint) => ({ x, y })
  const [levelFrom, levelTo] = sets.level
  const [from, to] = sets.scale
  const used = [...sets.points]
  if (levelFrom && levelTo) used.push(levelFrom, levelTo)
  if (from && to && lengthM !== null) used.push(from, to)
  return {
    shape,
    points: sets.points.map(bare),
    withinPx: Math.max(...used.map((p) => p.withinPx)),
    ...(shape === 'SEAT' && facesRight && { facesRight }),
    ...(levelFrom && levelTo && { level: { from: bare(levelFrom), to: bare(levelTo) } }),
    ...(from &&
      to &&
      lengthM !== null && {
        scale: { from: bare(from), to: bare(to), lengthMm: Math.round(1000 * lengthM) },
      }),
  }
}

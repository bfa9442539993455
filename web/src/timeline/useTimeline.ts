import { useCallback, useEffect, useRef, useState } from 'react'
import { useMode, useSteady } from '../ui'
import { paletteOf } from './palette'
import type { Palette } from './palette'
import { closer, LEAST_MS, moved, msAt } from './stretch'
import type { Stretch } from './stretch'

interface Timeline {
  stretch: Stretch
  all: Stretch
  /** In CSS pixels. */
  height: number
  /** Seen no closer than this. */
  leastMs?: number
  /** Steady as long as the picture is the same. */
  draw: (ctx: CanvasRenderingContext2D, width: number, palette: Palette) => void
  onStretch: (stretch: Stretch) => void
  /** Touched without being moved. */
  onTap?: (x: number, y: number, width: number) => void
  /** Keys beside those that move and see closer. */
  keys?: Record<string, () => void>
}

interface Finger {
  x: number
  y: number
  wasX: number
  wasY: number
}

const KEY_SHARE = 0.2
const TAP_PX = 6
const LEAST_PINCH_PX = 20

/** A drawing along time on canvas: seen closer by wheel, by two fingers and by keys, pulled along by one finger. */
export function useTimeline(timeline: Timeline) {
  const { stretch, all, height, leastMs = LEAST_MS, draw, onStretch } = timeline
  const paper = useRef<HTMLCanvasElement>(null)
  const palette = useRef<Palette>(undefined)
  const fingers = useRef(new Map<number, Finger>())
  const [width, setWidth] = useState(0)
  const [mode] = useMode()
  useEffect(() => {
    const canvas = paper.current
    if (!canvas) return
    const watch = new ResizeObserver(([e]) => setWidth(Math.round(e?.contentRect.width ?? 0)))
    watch.observe(canvas)
    return () => watch.disconnect()
  }, [])
  useEffect(() => {
    if (paper.current) palette.current = paletteOf(paper.current)
  }, [mode])
  useEffect(() => {
    const canvas = paper.current
    const ctx = canvas?.getContext('2d')
    if (!canvas || !ctx || width === 0) return
    const dots = window.devicePixelRatio || 1
    // after the mode's colours, and once a frame however often it is moved
    const frame = requestAnimationFrame(() => {
      if (canvas.width !== Math.round(width * dots) || canvas.height !== Math.round(height * dots)) {
        canvas.width = Math.round(width * dots)
        canvas.height = Math.round(height * dots)
      }
      ctx.setTransform(dots, 0, 0, dots, 0, 0)
      palette.current ??= paletteOf(canvas)
      draw(ctx, width, palette.current)
    })
    return () => cancelAnimationFrame(frame)
  }, [draw, width, height, mode])

  const zoom = useSteady((factor: number, x: number) =>
    onStretch(closer(stretch, all, factor, msAt(x, stretch, width), leastMs)),
  )
  // React listens to wheels passively: the page would go along
  const onWheel = useCallback(
    (e: WheelEvent) => {
      e.preventDefault()
      zoom(Math.exp(-e.deltaY / 300), e.offsetX)
    },
    [zoom],
  )
  useEffect(() => {
    const canvas = paper.current
    canvas?.addEventListener('wheel', onWheel, { passive: false })
    return () => canvas?.removeEventListener('wheel', onWheel)
  }, [onWheel])

  const at = (e: React.PointerEvent) => {
    const box = e.currentTarget.getBoundingClientRect()
    return { x: e.clientX - box.left, y: e.clientY - box.top }
  }
  const move = (e: React.PointerEvent) => {
    const finger = fingers.current.get(e.pointerId)
    if (!finger) return
    const { x, y } = at(e)
    const other = [...fingers.current.entries()].find(([id]) => id !== e.pointerId)?.[1]
    if (other) {
      const before = Math.max(LEAST_PINCH_PX, Math.abs(finger.x - other.x))
      zoom(Math.max(LEAST_PINCH_PX, Math.abs(x - other.x)) / before, (x + other.x) / 2)
    } else {
      onStretch(moved(stretch, all, msAt(finger.x, stretch, width) - msAt(x, stretch, width)))
    }
    Object.assign(finger, { x, y })
  }
  const end = (e: React.PointerEvent) => {
    const finger = fingers.current.get(e.pointerId)
    fingers.current.delete(e.pointerId)
    if (!finger || Math.hypot(finger.wasX - finger.x, finger.wasY - finger.y) > TAP_PX) return
    timeline.onTap?.(finger.x, finger.y, width)
  }
  const press = (e: React.KeyboardEvent) => {
    if (e.ctrlKey || e.metaKey || e.altKey) return
    const along = KEY_SHARE * (stretch.toMs - stretch.fromMs)
    const middle = (stretch.fromMs + stretch.toMs) / 2
    const keys: Record<string, () => void> = {
      ArrowLeft: () => onStretch(moved(stretch, all, -along)),
      ArrowRight: () => onStretch(moved(stretch, all, along)),
      '+': () => onStretch(closer(stretch, all, 1.6, middle, leastMs)),
      '=': () => onStretch(closer(stretch, all, 1.6, middle, leastMs)),
      '-': () => onStretch(closer(stretch, all, 1 / 1.6, middle, leastMs)),
      '0': () => onStretch(all),
      Home: () => onStretch(moved(stretch, all, -all.toMs)),
      End: () => onStretch(moved(stretch, all, all.toMs)),
      ...timeline.keys,
    }
    const key = keys[e.key]
    if (!key) return
    e.preventDefault()
    key()
  }
  return {
    ref: paper,
    onKeyDown: press,
    onPointerDown: (e: React.PointerEvent) => {
      e.currentTarget.setPointerCapture(e.pointerId)
      const { x, y } = at(e)
      fingers.current.set(e.pointerId, { x, y, wasX: x, wasY: y })
    },
    onPointerMove: move,
    onPointerUp: end,
    onPointerCancel: (e: React.PointerEvent) => {
      fingers.current.delete(e.pointerId)
    },
  }
}

import { useCallback, useEffect, useRef, useState } from 'react'
import type { PlaitOfLesson, PlaitTurn } from '../api'
import { useMode, useSteady } from '../ui'
import { LANES } from './lanes'
import { paint, paletteOf, touched } from './paint'
import type { Palette } from './paint'
import { closer, moved, msAt, whole } from './stretch'
import type { Stretch } from './stretch'

interface PlaitCanvasProps {
  plait: NonNullable<PlaitOfLesson['plait']>
  stretch: Stretch
  chosen: number[]
  lit: ReadonlySet<number>
  selected: number | undefined
  label: string
  describedBy: string
  turnName: (turn: PlaitTurn) => string
  strandName: (strand: 'RIDER' | 'CONTACT' | 'HORSE') => string
  onStretch: (stretch: Stretch) => void
  onSelect: (event: number | undefined) => void
  onNext: (by: 1 | -1) => void
}

interface Finger {
  x: number
  y: number
  wasX: number
  wasY: number
}

const KEY_SHARE = 0.2
const TAP_PX = 6
const PAPER = { width: '100%', height: LANES.height, display: 'block', touchAction: 'pan-y', cursor: 'grab' }

/** The plait, drawn: from the whole lesson to ten seconds, by wheel, by one finger or two, and by keys. */
export function PlaitCanvas(props: PlaitCanvasProps) {
  const { plait, stretch, chosen, lit, selected, turnName, strandName, onStretch, onSelect } = props
  const paper = useRef<HTMLCanvasElement>(null)
  const palette = useRef<Palette>(undefined)
  const fingers = useRef(new Map<number, Finger>())
  const [width, setWidth] = useState(0)
  const [mode] = useMode()
  const all = whole(plait.lengthMs)
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
      if (canvas.width !== Math.round(width * dots)) {
        canvas.width = Math.round(width * dots)
        canvas.height = Math.round(LANES.height * dots)
      }
      ctx.setTransform(dots, 0, 0, dots, 0, 0)
      palette.current ??= paletteOf(canvas)
      const isChosen = (kind: number) => chosen.includes(kind)
      paint(
        ctx,
        {
          plait,
          stretch,
          width,
          isChosen,
          hasChosen: chosen.length > 0,
          lit,
          selected,
          turnName,
          strandName,
        },
        palette.current,
      )
    })
    return () => cancelAnimationFrame(frame)
  }, [plait, stretch, width, chosen, lit, selected, turnName, strandName, mode])

  const zoom = useSteady((factor: number, x: number) =>
    onStretch(closer(stretch, all, factor, msAt(x, stretch, width))),
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
      const before = Math.max(20, Math.abs(finger.x - other.x))
      zoom(Math.max(20, Math.abs(x - other.x)) / before, (x + other.x) / 2)
    } else {
      onStretch(moved(stretch, all, msAt(finger.x, stretch, width) - msAt(x, stretch, width)))
    }
    Object.assign(finger, { x, y })
  }
  const end = (e: React.PointerEvent) => {
    const finger = fingers.current.get(e.pointerId)
    fingers.current.delete(e.pointerId)
    if (!finger || Math.hypot(finger.wasX - finger.x, finger.wasY - finger.y) > TAP_PX) return
    onSelect(touched({ plait, stretch, width }, finger.x, finger.y))
  }
  const press = (e: React.KeyboardEvent) => {
    if (e.ctrlKey || e.metaKey || e.altKey) return
    const along = KEY_SHARE * (stretch.toMs - stretch.fromMs)
    const middle = (stretch.fromMs + stretch.toMs) / 2
    const keys: Record<string, () => void> = {
      ArrowLeft: () => onStretch(moved(stretch, all, -along)),
      ArrowRight: () => onStretch(moved(stretch, all, along)),
      '+': () => onStretch(closer(stretch, all, 1.6, middle)),
      '=': () => onStretch(closer(stretch, all, 1.6, middle)),
      '-': () => onStretch(closer(stretch, all, 1 / 1.6, middle)),
      '0': () => onStretch(all),
      Home: () => onStretch(moved(stretch, all, -all.toMs)),
      End: () => onStretch(moved(stretch, all, all.toMs)),
      n: () => props.onNext(1),
      p: () => props.onNext(-1),
      Escape: () => onSelect(undefined),
    }
    const key = keys[e.key]
    if (!key) return
    e.preventDefault()
    key()
  }
  return (
    <canvas
      ref={paper}
      tabIndex={0}
      role="img"
      aria-label={props.label}
      aria-describedby={props.describedBy}
      data-plait
      // plain styles: a recipe read anew at every step of the wheel would take a third of a frame
      style={PAPER}
      onKeyDown={press}
      onPointerDown={(e) => {
        e.currentTarget.setPointerCapture(e.pointerId)
        const { x, y } = at(e)
        fingers.current.set(e.pointerId, { x, y, wasX: x, wasY: y })
      }}
      onPointerMove={move}
      onPointerUp={end}
      onPointerCancel={(e) => fingers.current.delete(e.pointerId)}
    />
  )
}

import { useState } from 'react'
import type { GroundArena, WantedThing } from '../api'
import { placed, placeOf, snapped, turned } from './things'

export interface Drag {
  id: string
  dx: number
  dy: number
}

interface DragProps {
  arena: GroundArena
  onSelect: (id: string) => void
  onChange: (thing: WantedThing) => void
  onRemove: (id: string) => void
  /** What hangs on the hand has moved so far; undefined: nothing hangs on it. */
  onDrag: (drag: Drag | undefined) => void
}

/** By hand and by keys: to be let go at half metres, letters and lines; Shift and an arrow goes by a tenth. */
export function useDrag(props: DragProps, paper: React.RefObject<SVGSVGElement | null>) {
  const { arena, onSelect, onChange, onRemove, onDrag } = props
  const [now, setNow] = useState<Drag>()
  const show = (drag: Drag | undefined) => {
    setNow(drag)
    onDrag(drag)
  }
  const metres = (e: { clientX: number; clientY: number }) => {
    const to = paper.current?.getScreenCTM()?.inverse()
    const at = to && new DOMPoint(e.clientX, e.clientY).matrixTransform(to)
    return at && { x: at.x, y: arena.lengthM - at.y }
  }
  const begin = (thing: WantedThing, down: React.PointerEvent) => {
    onSelect(thing.id)
    const place = placeOf(thing)
    const from = metres(down)
    if (!place || !from) return
    const target = down.currentTarget
    target.setPointerCapture(down.pointerId)
    const moved = (e: PointerEvent) => {
      const to = metres(e)
      if (!to) return undefined
      const at = snapped({ x: place.x + to.x - from.x, y: place.y + to.y - from.y }, arena)
      return Math.hypot(to.x - from.x, to.y - from.y) < TOUCH_M
        ? undefined
        : { id: thing.id, dx: at.x - place.x, dy: at.y - place.y }
    }
    const move = (e: Event) => show(moved(e as PointerEvent))
    const end = (e: Event) => {
      for (const [name, listener] of listeners) target.removeEventListener(name, listener)
      const drag = e.type === 'pointerup' ? moved(e as PointerEvent) : undefined
      show(undefined)
      if (drag) onChange(placed(thing, { x: place.x + drag.dx, y: place.y + drag.dy }))
    }
    const listeners: [string, (e: Event) => void][] = [
      ['pointermove', move],
      ['pointerup', end],
      ['pointercancel', end],
    ]
    for (const [name, listener] of listeners) target.addEventListener(name, listener)
  }
  const press = (thing: WantedThing, e: React.KeyboardEvent) => {
    if (e.ctrlKey || e.metaKey || e.altKey) return
    const by = e.shiftKey ? 0.1 : 0.5
    const arrow = ARROWS[e.key]
    const place = placeOf(thing)
    if (arrow && place) onChange(placed(thing, { x: place.x + arrow[0] * by, y: place.y + arrow[1] * by }))
    else if (e.key === 'r' || e.key === 'R') onChange(turned(thing, e.shiftKey ? -15 : 15))
    else if (e.key === 'Delete' || e.key === 'Backspace') onRemove(thing.id)
    else if (e.key === 'Enter' || e.key === ' ') onSelect(thing.id)
    else return
    e.preventDefault()
  }
  return { now, begin, press }
}

/** Less is a touch, not a pull. */
const TOUCH_M = 0.3

const ARROWS: Record<string, [number, number] | undefined> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
}

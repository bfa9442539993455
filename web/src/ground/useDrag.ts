import { startTransition, useState } from 'react'
import type { GroundArena, WantedThing } from '../api'
import { pull, pushed } from './pull'
import type { Pulled } from './pull'
import { placed, placeOf, snapped, turned } from './things'

export interface Drag extends Pulled {
  id: string
}

interface DragProps {
  arena: GroundArena
  onSelect: (id: string) => void
  onChange: (thing: WantedThing) => void
  onRemove: (id: string) => void
  /** Whether something hangs on the hand; said when that changes, not with every step. */
  onDrag: (isDragging: boolean) => void
}

/** By hand and by keys: to be let go at half metres, letters and lines; Shift and an arrow goes by a tenth. */
export function useDrag(props: DragProps, paper: React.RefObject<SVGSVGElement | null>) {
  const { arena, onSelect, onChange, onRemove, onDrag } = props
  const [now, setNow] = useState<Drag>()
  const begin = (thing: WantedThing, down: React.PointerEvent) => {
    onSelect(thing.id)
    const place = placeOf(thing)
    if (!place) return
    pull(paper.current, down, {
      lengthM: arena.lengthM,
      place,
      snap: (to) => snapped(to, arena),
      onMove: (by) => {
        const drag = by && { id: thing.id, ...by }
        setNow(drag)
        // what stands round the drawing follows when there is time
        startTransition(() => onDrag(drag !== undefined))
      },
      onEnd: (to) => onChange(placed(thing, to)),
    })
  }
  const press = (thing: WantedThing, e: React.KeyboardEvent) => {
    if (e.ctrlKey || e.metaKey || e.altKey) return
    const place = placeOf(thing)
    const to = place && pushed(place, e)
    if (to) onChange(placed(thing, to))
    else if (e.key === 'r' || e.key === 'R') onChange(turned(thing, e.shiftKey ? -15 : 15))
    else if (e.key === 'Delete' || e.key === 'Backspace') onRemove(thing.id)
    else if (e.key === 'Enter' || e.key === ' ') onSelect(thing.id)
    else return
    e.preventDefault()
  }
  return { now, begin, press }
}

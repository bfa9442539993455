interface Place {
  x: number
  y: number
}

/** How far something hangs from where it was taken, in metres. */
export interface Pulled {
  dx: number
  dy: number
}

interface Pull {
  /** How far from C to A. */
  lengthM: number
  place: Place
  snap: (to: Place) => Place
  onMove: (by: Pulled | undefined) => void
  /** Not called where it was only touched, or the system took the pointer away. */
  onEnd: (to: Place) => void
}

/** Less is a touch, not a pull, in metres. */
const TOUCH_M = 0.3

/** Takes hold of something on the drawing and follows the pointer until it is let go. */
export function pull(paper: SVGSVGElement | null, down: React.PointerEvent, on: Pull) {
  const metres = (e: { clientX: number; clientY: number }) => {
    const to = paper?.getScreenCTM()?.inverse()
    const at = to && new DOMPoint(e.clientX, e.clientY).matrixTransform(to)
    return at && { x: at.x, y: on.lengthM - at.y }
  }
  const from = metres(down)
  if (!from) return
  const target = down.currentTarget
  target.setPointerCapture(down.pointerId)
  const moved = (e: PointerEvent): Pulled | undefined => {
    const to = metres(e)
    if (!to || Math.hypot(to.x - from.x, to.y - from.y) < TOUCH_M) return undefined
    const at = on.snap({ x: on.place.x + to.x - from.x, y: on.place.y + to.y - from.y })
    return { dx: at.x - on.place.x, dy: at.y - on.place.y }
  }
  const move = (e: Event) => on.onMove(moved(e as PointerEvent))
  const end = (e: Event) => {
    for (const [name, listener] of listeners) target.removeEventListener(name, listener)
    const by = e.type === 'pointerup' ? moved(e as PointerEvent) : undefined
    on.onMove(undefined)
    if (by) on.onEnd({ x: on.place.x + by.dx, y: on.place.y + by.dy })
  }
  const listeners: [string, (e: Event) => void][] = [
    ['pointermove', move],
    ['pointerup', end],
    ['pointercancel', end],
  ]
  for (const [name, listener] of listeners) target.addEventListener(name, listener)
}

const ARROWS: Record<string, [number, number] | undefined> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
}

/** Where an arrow key brings it: half a metre, with Shift a tenth; undefined for another key. */
export function pushed(place: Place, e: { key: string; shiftKey: boolean }): Place | undefined {
  const arrow = ARROWS[e.key]
  const by = e.shiftKey ? 0.1 : 0.5
  return arrow && { x: place.x + arrow[0] * by, y: place.y + arrow[1] * by }
}

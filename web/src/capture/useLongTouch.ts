import { useRef } from 'react'

export const LONG_MS = 450

/**
 * Handlers of a key that hears a long touch beside the short one. How long it was is told by the touch's own times, so that
 * a busy device does not take a short touch for a long one; whoever slides off says nothing.
 */
export function useLongTouch(onShort: () => void, onLong: () => void) {
  const tick = useRef<ReturnType<typeof setTimeout>>(undefined)
  const downAt = useRef<number>(undefined)
  const wasLong = useRef(false)
  const end = () => {
    clearTimeout(tick.current)
    downAt.current = undefined
  }
  return {
    onPointerDown: (e: React.PointerEvent) => {
      end()
      wasLong.current = false
      downAt.current = e.timeStamp
      // felt when it is long enough
      tick.current = setTimeout(() => 'vibrate' in navigator && navigator.vibrate(20), LONG_MS)
    },
    onPointerUp: (e: React.PointerEvent) => {
      const from = downAt.current
      end()
      if (from === undefined || e.timeStamp - from < LONG_MS || !isOn(e)) return
      wasLong.current = true
      onLong()
    },
    onPointerLeave: end,
    onPointerCancel: end,
    onContextMenu: (e: React.SyntheticEvent) => e.preventDefault(),
    onClick: () => {
      // a long touch may end in a click as well
      if (!wasLong.current) onShort()
      wasLong.current = false
    },
  }
}

function isOn({ currentTarget, clientX, clientY }: React.PointerEvent): boolean {
  const { left, right, top, bottom } = currentTarget.getBoundingClientRect()
  return clientX >= left && clientX <= right && clientY >= top && clientY <= bottom
}

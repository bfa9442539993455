import { useRef } from 'react'

const LONG_MS = 450

/** Handlers of a key that hears a long touch beside the short one: whoever touches long does not mean the short. */
export function useLongTouch(onShort: () => void, onLong: () => void) {
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined)
  const wasLong = useRef(false)
  const end = () => clearTimeout(timer.current)
  return {
    onPointerDown: () => {
      wasLong.current = false
      clearTimeout(timer.current)
      timer.current = setTimeout(() => {
        wasLong.current = true
        if ('vibrate' in navigator) navigator.vibrate(20)
        onLong()
      }, LONG_MS)
    },
    onPointerUp: end,
    onPointerLeave: end,
    onPointerCancel: end,
    onContextMenu: (e: React.SyntheticEvent) => e.preventDefault(),
    onClick: () => {
      if (!wasLong.current) onShort()
      wasLong.current = false
    },
  }
}

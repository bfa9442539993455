import { useCallback, useState } from 'react'

const STEP = 1.5
const MOST = 6

/** How many times closer the picture is seen, and a step closer or further. */
export function useZoom(): [zoom: number, by: (step: 1 | -1) => void] {
  const [zoom, setZoom] = useState(1)
  const by = useCallback(
    (step: 1 | -1) => setZoom((now) => Math.max(1, Math.min(MOST, now * STEP ** step))),
    [],
  )
  return [zoom, by]
}

import { useEffect, useState } from 'react'

/**
 * The device's clock, every second, corrected by what it is off. Whoever calls it is drawn anew each second: only the small
 * parts that run do.
 */
export function useNow(offsetMs = 0): number {
  const [now, setNow] = useState(() => Date.now())
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), 1000)
    return () => clearInterval(timer)
  }, [])
  return now + offsetMs
}

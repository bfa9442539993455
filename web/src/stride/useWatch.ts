import { useEffect, useState } from 'react'

const TENTH_MS = 100

/** Runs from one mark to the other, while strides are counted. */
export function useWatch() {
  const [from, setFrom] = useState<number>()
  const [now, setNow] = useState(0)
  const [count, setCount] = useState(0)
  useEffect(() => {
    if (from === undefined) return
    const timer = setInterval(() => setNow(Date.now()), TENTH_MS)
    return () => clearInterval(timer)
  }, [from])
  const begin = () => {
    const at = Date.now()
    setCount(0)
    setNow(at)
    setFrom(at)
  }
  /** At the second mark: what the watch says, in seconds to a tenth, and the strides that were touched. */
  const end = () => {
    const seconds = from === undefined ? 0 : Math.round((Date.now() - from) / TENTH_MS) / 10
    setFrom(undefined)
    return { seconds, count }
  }
  return {
    isRunning: from !== undefined,
    seconds: from === undefined ? 0 : Math.max(0, now - from) / 1000,
    count,
    begin,
    end,
    step: () => setCount((n) => n + 1),
  }
}

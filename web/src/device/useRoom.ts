import { useEffect, useState } from 'react'

/** The room this application has on the device. */
export interface Room {
  usedBytes: number
  ofBytes: number
  /** The browser will not clear it by itself. */
  isSafe: boolean
  /** It was asked for, and the browser said no. */
  wasRefused: boolean
}

/** Undefined until the browser has answered, and where it does not say. */
export function useRoom(): { room: Room | undefined; keepSafe: () => Promise<void> } {
  const [room, setRoom] = useState<Room>()
  useEffect(() => {
    let isHere = true
    void look().then((seen) => isHere && setRoom(seen))
    return () => {
      isHere = false
    }
  }, [])
  const keepSafe = async () => {
    const isSafe = await navigator.storage.persist()
    setRoom((now) => now && { ...now, isSafe, wasRefused: !isSafe })
  }
  return { room, keepSafe }
}

async function look(): Promise<Room | undefined> {
  // not there in an insecure context
  const storage = navigator.storage as StorageManager | undefined
  if (!storage) return undefined
  const [{ usage = 0, quota = 0 }, isSafe] = await Promise.all([storage.estimate(), storage.persisted()])
  return { usedBytes: usage, ofBytes: quota, isSafe, wasRefused: false }
}

import { useQueryClient } from '@tanstack/react-query'
import { createContext, useContext } from 'react'
import { allOf } from '../api'
import type { Contact } from '../api'
import type { HorseNow, HorseKey } from './now'

interface Safety {
  horses: HorseNow[]
  contacts: Contact[]
  /** The server's clock when it last told; 0 while it never did. */
  serverMs: number
  /** Undefined for a horse that is simply ridden. */
  horseNow: (which: HorseKey) => HorseNow | undefined
  /** A sign of the rider's, or a fright, seen here and not told by the server yet, stops the homework of this pair. */
  isHomeworkStopped: (pair: string) => boolean
}

export const SafetyContext = createContext<Safety | null>(null)

/** How the horses stand, and whom to call. */
export function useSafety(): Safety {
  const safety = useContext(SafetyContext)
  if (!safety)
    throw new Error('useSafety needs a SafetyProvider above it: this screen stands outside the sign-in.')
  return safety
}

/** Asks anew how the horses stand. */
export function useSafetyAgain(): () => void {
  const client = useQueryClient()
  return () => void client.invalidateQueries(allOf('safety'))
}

/** Under which what this person knows of the horses stays known. */
export const safetyKey = (person: string) => ['safety', person] as const

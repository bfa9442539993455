import { readPayload } from '../record'
import type { FirstLook } from '../record'

/** Checks as the server sends them, as the record reads them: what was not made is left out. */
export function lookOf(checks: Record<string, unknown>): FirstLook {
  const read = readPayload('first_look', 1, checks)
  return read?.kind === 'first_look' ? read.seen : {}
}

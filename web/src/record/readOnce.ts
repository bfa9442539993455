import { readPayload } from './payload'
import type { Payload } from './payload'

/** What was read of a payload; a payload never changes, and a log is folded again at each touch. */
const read = new WeakMap<object, { kind: string; v: number; payload: Payload | undefined }>()

export function readOnce(kind: string, v: number, p: Record<string, unknown>): Payload | undefined {
  const before = read.get(p)
  if (before?.kind === kind && before.v === v) return before.payload
  const payload = readPayload(kind, v, p)
  read.set(p, { kind, v, payload })
  return payload
}

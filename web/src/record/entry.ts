/** One immutable entry of a lesson's log, as its device wrote it. Ids are UUIDs in lower-case text. */
export interface Entry {
  id: string
  lesson: string
  device: string
  author: string
  /** The device's own count, rising. */
  seq: number
  /** The device's clock, milliseconds since 1970 UTC; never falling on one device. */
  atMs: number
  kind: string
  v: number
  payload: Record<string, unknown>
  /** When it arrived at the server, milliseconds since 1970 UTC; absent on the device that wrote it. */
  receivedAtMs?: number
}

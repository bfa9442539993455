import type { ClipFile } from '../record'
import { digestOf } from '../store'

/** So many bytes of its beginning and of its end are looked at: 45 minutes of video are known as soon as a short one. */
const ENDS = 65_536

/** A copy that was made smaller on its way plays as long as the first one, but for this (common practice, no source). */
export const SAME_LENGTH_MS = 200

/** SHA-256 of a file's first and last bytes, in hexadecimal. Nothing of it leaves the device. */
export async function digestOfEnds(file: Blob): Promise<string> {
  const parts = file.size <= 2 * ENDS ? [file] : [file.slice(0, ENDS), file.slice(file.size - ENDS)]
  const read = await Promise.all(parts.map(async (part) => new Uint8Array(await part.arrayBuffer())))
  const ends = new Uint8Array(read.reduce((bytes, { length }) => bytes + length, 0))
  let at = 0
  for (const part of read) {
    ends.set(part, at)
    at += part.length
  }
  return digestOf(ends)
}

/** What a file is to a clip. */
export type Fit =
  | 'same'
  /** As long, but not the same file: it may have been made smaller on its way. */
  | 'perhaps'
  | 'other'

/** @param known the clip's own file, and the copies of it that were confirmed */
export function fitOf(file: ClipFile, known: readonly ClipFile[]): Fit {
  if (known.some((k) => k.digest === file.digest)) return 'same'
  return known.some((k) => Math.abs(k.durationMs - file.durationMs) <= SAME_LENGTH_MS) ? 'perhaps' : 'other'
}

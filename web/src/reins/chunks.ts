import { GAP } from './samples'
import type { Samples } from './samples'

const MINUTE_S = 60

/** How many samples a whole minute has. */
export const wholeMinute = (rateHz: number) => Math.round(MINUTE_S * rateHz)

export const minutesOf = ({ left, rateHz }: Samples) => Math.ceil(left.length / wholeMinute(rateHz))

/** A minute of samples, as it is sent. */
export function chunkOf({ left, right, rateHz }: Samples, minute: number): Promise<Uint8Array<ArrayBuffer>> {
  const whole = wholeMinute(rateHz)
  const [from, to] = [minute * whole, (minute + 1) * whole]
  return chunk(left.subarray(from, to), right.subarray(from, to))
}

/** The left rein's samples, then the right one's, 16-bit little-endian, deflated. */
export function chunk(left: Int16Array, right: Int16Array): Promise<Uint8Array<ArrayBuffer>> {
  const many = left.length
  const raw = new DataView(new ArrayBuffer(4 * many))
  for (let i = 0; i < many; i++) {
    raw.setInt16(2 * i, left[i] ?? GAP, true)
    raw.setInt16(2 * (many + i), right[i] ?? GAP, true)
  }
  return through(new CompressionStream('deflate'), new Uint8Array(raw.buffer))
}

/** Both reins of a minute as it was kept. */
export async function readChunk(content: Uint8Array): Promise<{ left: Int16Array; right: Int16Array }> {
  const bytes = await through(new DecompressionStream('deflate'), content)
  const raw = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength)
  const many = bytes.byteLength / 4
  const rein = (at: number) => Int16Array.from({ length: many }, (_, i) => raw.getInt16(2 * (at + i), true))
  return { left: rein(0), right: rein(many) }
}

async function through(
  stream: CompressionStream | DecompressionStream,
  content: Uint8Array,
): Promise<Uint8Array<ArrayBuffer>> {
  const writer = stream.writable.getWriter()
  const written = writer.write(Uint8Array.from(content)).then(() => writer.close())
  const [buffer] = await Promise.all([new Response(stream.readable).arrayBuffer(), written])
  return new Uint8Array(buffer)
}

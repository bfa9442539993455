import type { Recorder } from '../recorder'
import type { Player } from './player'

/** No side of a still is longer: enough to see a hand on a rein, and about 100 kB. */
const MOST_PX = 960
const QUALITY = 0.75

/** A frame as a picture. */
export interface Still {
  content: Uint8Array<ArrayBuffer>
  type: string
}

/** The frame that is seen; undefined where the browser cannot draw it. */
export async function stillOf(player: Player): Promise<Still | undefined> {
  const { width, height } = player.frameSize
  const scale = Math.min(1, MOST_PX / Math.max(width, height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.max(1, Math.round(scale * width))
  canvas.height = Math.max(1, Math.round(scale * height))
  const context = canvas.getContext('2d')
  if (!context) return undefined
  player.drawOn(context, canvas.width, canvas.height)
  const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/jpeg', QUALITY))
  return blob ? { content: new Uint8Array(await blob.arrayBuffer()), type: blob.type } : undefined
}

/** Keeps it; undefined where there is none, or the device has no room for it: what is said of it is kept all the same. */
export async function keptStill(still: Still | undefined, { beside }: Recorder): Promise<string | undefined> {
  return still && beside('stills', still).catch(() => undefined)
}

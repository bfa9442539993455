/** As long as a picture's longer side may be: enough for a screen, and small enough for a phone in a field. */
const LONGEST_PX = 1600
const QUALITY = 0.85

/** A picture as it is kept: turned the right way up, no larger than it is looked at, without the place it was taken at. */
export async function resized(file: Blob): Promise<Uint8Array<ArrayBuffer>> {
  const image = await createImageBitmap(file, { imageOrientation: 'from-image' })
  const scale = Math.min(1, LONGEST_PX / Math.max(image.width, image.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.round(image.width * scale)
  canvas.height = Math.round(image.height * scale)
  canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height)
  image.close()
  const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/jpeg', QUALITY))
  if (!blob) throw new Error('This browser cannot make a picture of it.')
  return new Uint8Array(await blob.arrayBuffer())
}

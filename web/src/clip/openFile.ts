import type { ClipFile } from '../record'
import { digestOfEnds } from './clipFile'

/** A video that was opened: its address in this page, and what it is found again by. */
export interface OpenedFile {
  url: string
  file: ClipFile
}

/** Why it was not. */
export type NotOpened = 'UNPLAYABLE' | 'NO_PICTURE' | 'EMPTY'

/** A recording that was never closed says its length only once it was read to its end. */
const BEYOND_S = 1e7

/** Reads what a video is found again by. It is read on this device alone. */
export async function openFile(chosen: File): Promise<OpenedFile | NotOpened> {
  if (chosen.size === 0) return 'EMPTY'
  const url = URL.createObjectURL(chosen)
  const found = await lengthOf(url)
  if (typeof found === 'string') {
    URL.revokeObjectURL(url)
    return found
  }
  const fileName = Array.from(chosen.name.trim()).slice(0, 255).join('') || 'clip'
  return {
    url,
    file: {
      fileName,
      bytes: chosen.size,
      durationMs: Math.max(1, found),
      digest: await digestOfEnds(chosen),
    },
  }
}

function lengthOf(url: string): Promise<number | NotOpened> {
  const video = document.createElement('video')
  video.preload = 'metadata'
  video.muted = true
  return new Promise((resolve) => {
    const end = (found: number | NotOpened) => {
      video.removeAttribute('src')
      video.load()
      resolve(found)
    }
    const told = () => {
      if (!Number.isFinite(video.duration)) return
      end(video.videoWidth === 0 ? 'NO_PICTURE' : Math.round(video.duration * 1000))
    }
    video.addEventListener('error', () => end('UNPLAYABLE'), { once: true })
    video.addEventListener('durationchange', told)
    video.addEventListener('loadedmetadata', () => {
      if (Number.isFinite(video.duration)) told()
      else video.currentTime = BEYOND_S
    })
    video.src = url
  })
}

/** A held note ends by itself after a minute. */
export const MOST_MS = 60_000

/** Half a megabyte a minute is far more than a voice needs: 16 kbit/s is about 120 kB. */
const BITS_A_SECOND = 16_000

/** What browsers record in, the smallest first; the server tells them by their content. */
const TYPES = ['audio/webm;codecs=opus', 'audio/ogg;codecs=opus', 'audio/mp4', 'audio/webm']

/** A note as it was spoken. */
export interface Spoken {
  content: Uint8Array<ArrayBuffer>
  type: string
  durationMs: number
}

/** The form this browser records in; undefined where it cannot, and the keyboard takes its place. */
export function speakingIn(): string | undefined {
  const hasParts =
    typeof MediaRecorder !== 'undefined' &&
    'mediaDevices' in navigator &&
    typeof crypto !== 'undefined' &&
    'subtle' in crypto
  return hasParts ? TYPES.find((type) => MediaRecorder.isTypeSupported(type)) : undefined
}

export interface Recording {
  /** Ends it; undefined where nothing was heard. */
  end: () => Promise<Spoken | undefined>
  /** Throws it away. */
  drop: () => void
}

/** Listens from now on. Throws where the microphone is refused or gone. */
export async function listen(type: string): Promise<Recording> {
  const stream = await navigator.mediaDevices.getUserMedia({ audio: true })
  const recorder = new MediaRecorder(stream, { mimeType: type, audioBitsPerSecond: BITS_A_SECOND })
  const parts: Blob[] = []
  recorder.ondataavailable = (e) => parts.push(e.data)
  const ended = new Promise<void>((resolve) => (recorder.onstop = () => resolve()))
  const fromMs = performance.now()
  let durationMs: number | undefined
  const close = () => {
    durationMs ??= Math.min(MOST_MS, Math.max(1, Math.round(performance.now() - fromMs)))
    clearTimeout(limit)
    if (recorder.state !== 'inactive') recorder.stop()
    stream.getTracks().forEach((track) => track.stop())
  }
  const limit = setTimeout(close, MOST_MS)
  recorder.start()
  return {
    end: async () => {
      close()
      await ended
      const content = new Uint8Array(await new Blob(parts).arrayBuffer())
      return content.byteLength > 0 ? { content, type, durationMs: durationMs ?? 1 } : undefined
    },
    drop: close,
  }
}

import { useRef, useState } from 'react'
import type { Dialect } from './dialect'
import type { Report } from './importWorker'

/** How far reading a file has come. */
export type ImportState =
  | { is: 'NOTHING' }
  | { is: 'READING'; share: number }
  | { is: 'NO_TABLE' }
  | ({ is: 'READ' } & Extract<Report, { guess: unknown }>)

/** Reads a file in a worker: by its own guess first, then as it is told. */
export function useImport() {
  const [state, setState] = useState<ImportState>({ is: 'NOTHING' })
  const worker = useRef<Worker>(undefined)
  const read = (file: File, dialect: Dialect | null) => {
    worker.current?.terminate()
    const now = new Worker(new URL('./importWorker.ts', import.meta.url), { type: 'module' })
    worker.current = now
    setState({ is: 'READING', share: 0 })
    now.onmessage = ({ data }: MessageEvent<Report>) => {
      if ('share' in data) setState({ is: 'READING', share: data.share })
      else setState('nothing' in data ? { is: 'NO_TABLE' } : { is: 'READ', ...data })
    }
    now.onerror = () => setState({ is: 'NO_TABLE' })
    now.postMessage({ file, dialect })
  }
  const forget = () => setState({ is: 'NOTHING' })
  return { state, read, forget }
}

import Papa from 'papaparse'
import { guess } from './dialect'
import type { Dialect, Guess } from './dialect'
import { SampleReader } from './samples'
import type { TableRead } from './samples'

/** What the worker is asked: to read a table, by its own guess where no dialect is said. */
export interface Job {
  file: File
  dialect: Dialect | null
}

export type Report = { share: number } | { guess: Guess; read: TableRead } | { nothing: true }

/** The heading and the first samples stand in so many bytes. */
const HEAD_BYTES = 65_536
const HEAD_ROWS = 200
const CHUNK_BYTES = 1 << 20

const tell = (report: Report, hand: Transferable[] = []) => {
  self.postMessage(report, { transfer: hand })
}

self.onmessage = ({ data }: MessageEvent<Job>) => {
  void read(data)
}

async function read({ file, dialect }: Job) {
  const head = await file.slice(0, HEAD_BYTES).text()
  const rows = head.replace(/^\uFEFF/, '').split(/\r\n|\r|\n/)
  const guessed = guess((file.size > HEAD_BYTES ? rows.slice(0, -1) : rows).slice(0, HEAD_ROWS))
  if (!guessed) {
    tell({ nothing: true })
    return
  }
  const by = dialect ?? guessed.dialect
  const reader = new SampleReader(by)
  let line = 0
  Papa.parse<string[]>(file, {
    delimiter: by.delimiter,
    chunkSize: CHUNK_BYTES,
    skipEmptyLines: false,
    chunk: ({ data, meta }) => {
      for (const cells of data) {
        line++
        if (line > by.firstRow) reader.row(by.delimiter === ' ' ? cells.filter((c) => c !== '') : cells, line)
      }
      tell({ share: Math.min(1, meta.cursor / file.size) })
    },
    complete: () => {
      const done = reader.finish()
      const hand = done.samples ? [done.samples.left.buffer, done.samples.right.buffer] : []
      tell({ guess: { ...guessed, dialect: by }, read: done }, hand as Transferable[])
    },
    error: () => tell({ nothing: true }),
  })
}

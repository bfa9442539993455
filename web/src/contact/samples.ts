import { GAP } from '../reins'
import type { Samples } from '../reins'
import { KG, valueOf } from './dialect'
import type { Dialect } from './dialect'

export const LINE_FAULTS = ['NOT_A_NUMBER', 'TOO_FEW', 'TIME_BACK', 'IMPOSSIBLE'] as const
export type LineFault = (typeof LINE_FAULTS)[number]

export interface FaultAt {
  line: number
  fault: LineFault
}

export const REFUSALS = [
  'NO_SAMPLES',
  'TOO_MANY_FAULTS',
  'RATE_UNKNOWN',
  'RATE_OUTSIDE',
  'TOO_LONG',
  'TIME_STANDS',
] as const
export type Refusal = (typeof REFUSALS)[number]

export interface TableRead {
  lines: number
  faults: FaultAt[]
  /** Of all kinds, also those that are not named one by one. */
  faulty: number
  samples: Samples | null
  refusal: Refusal | null
}

/** More are counted, not named. */
const NAMED_FAULTS = 50
/** With more lines than this share left out it is not the recording any more. */
const MOST_FAULTY = 0.05
const MOST_S = 120 * 60
const LEAST_HZ = 5
const MOST_HZ = 250
/** What a rein can read, in kilograms (core: ReinSeries). */
const LEAST_KG = -20
const MOST_KG = 300
const FIRST_ROOM = 65_536

/** Takes a table in row by row; nothing is kept of what was read but the numbers. */
export class SampleReader {
  private times = new Float64Array(FIRST_ROOM)
  private left = new Float32Array(FIRST_ROOM)
  private right = new Float32Array(FIRST_ROOM)
  private count = 0
  private lines = 0
  private faulty = 0
  private faults: FaultAt[] = []
  private last = -Infinity

  constructor(private readonly dialect: Dialect) {}

  /** @param line from 1, as an editor counts */
  row(cells: readonly string[], line: number) {
    if (cells.every((c) => c.trim() === '')) return
    this.lines++
    const fault = this.take(cells)
    if (!fault) return
    this.faulty++
    if (this.faults.length < NAMED_FAULTS) this.faults.push({ line, fault })
  }

  private take(cells: readonly string[]): LineFault | undefined {
    const { time, left, right, timeForm, decimal, unit } = this.dialect
    const cell = (column: number | null) => (column === null ? '' : cells[column]?.trim())
    if ([time, left, right].some((column) => column !== null && cells[column] === undefined)) return 'TOO_FEW'
    const s = time === null ? this.count : valueOf(cell(time) ?? '', timeForm, decimal)
    const l = valueOf(cell(left) ?? '', 'SECONDS', decimal)
    const r = valueOf(cell(right) ?? '', 'SECONDS', decimal)
    if (s === undefined || Number.isNaN(s) || l === undefined || r === undefined) return 'NOT_A_NUMBER'
    if (s < this.last) return 'TIME_BACK'
    const kg = KG[unit]
    if ([l * kg, r * kg].some((v) => v < LEAST_KG || v > MOST_KG)) return 'IMPOSSIBLE'
    this.last = s
    if (this.count === this.times.length) this.grow()
    this.times[this.count] = s
    this.left[this.count] = l * kg
    this.right[this.count++] = r * kg
    return undefined
  }

  private grow() {
    const room = 2 * this.times.length
    const times = new Float64Array(room)
    const left = new Float32Array(room)
    const right = new Float32Array(room)
    times.set(this.times)
    left.set(this.left)
    right.set(this.right)
    Object.assign(this, { times, left, right })
  }

  /** What came of it; nothing is kept of a table that is refused. */
  finish(): TableRead {
    const { lines, faults, faulty } = this
    const laid = this.laid()
    const isFaulty = faulty > MOST_FAULTY * lines
    const refusal =
      isFaulty && typeof laid !== 'string' ? 'TOO_MANY_FAULTS' : typeof laid === 'string' ? laid : null
    return { lines, faults, faulty, samples: refusal || typeof laid === 'string' ? null : laid, refusal }
  }

  private laid(): Samples | Refusal {
    if (this.count < 2) return this.faulty > 0 ? 'TOO_MANY_FAULTS' : 'NO_SAMPLES'
    const times = this.times.subarray(0, this.count)
    const { timeForm, rateHz } = this.dialect
    const isCounted = timeForm === 'SAMPLE' || timeForm === 'NONE'
    if (isCounted && rateHz === null) return 'RATE_UNKNOWN'
    const seconds = isCounted ? times.map((n) => (n - (times[0] ?? 0)) / (rateHz ?? 1)) : spread(times)
    return lay(seconds, this.left, this.right, timeForm === 'CLOCK' ? (times[0] ?? 0) : null)
  }
}

/** Samples that share a time, since the clock says whole seconds only, are spread until the next one. */
export function spread(times: Float64Array): Float64Array {
  const out = Float64Array.from(times)
  let from = 0
  let lastStep = 0
  for (let i = 1; i <= times.length; i++) {
    if (i < times.length && times[i] === times[from]) continue
    const many = i - from
    if (i < times.length) lastStep = (times[i] ?? 0) - (times[from] ?? 0)
    for (let k = 1; k < many; k++) out[from + k] = (times[from] ?? 0) + (k * lastStep) / many
    from = i
  }
  return out
}

/** Evenly apart: each sample at the nearest place, single empty places filled from both sides. */
export function lay(
  seconds: Float64Array,
  left: Float32Array,
  right: Float32Array,
  clockS: number | null,
): Samples | Refusal {
  const n = seconds.length
  const first = seconds[0] ?? 0
  const long = (seconds[n - 1] ?? 0) - first
  if (long <= 0) return 'TIME_STANDS'
  if (long > MOST_S) return 'TOO_LONG'
  const steps = Float64Array.from({ length: n - 1 }, (_, i) => (seconds[i + 1] ?? 0) - (seconds[i] ?? 0))
  const step = median(steps)
  if (step <= 0) return 'TIME_STANDS'
  const rateHz = rateOf(steps, step)
  if (rateHz < LEAST_HZ || rateHz > MOST_HZ) return 'RATE_OUTSIDE'
  const places = Math.round(long * rateHz) + 1
  const out = {
    left: new Int16Array(places).fill(GAP),
    right: new Int16Array(places).fill(GAP),
  }
  for (let i = 0; i < n; i++) {
    const place = Math.min(places - 1, Math.round(((seconds[i] ?? 0) - first) * rateHz))
    out.left[place] = hundredths(left[i] ?? NaN)
    out.right[place] = hundredths(right[i] ?? NaN)
  }
  fillSingles(out.left)
  fillSingles(out.right)
  return { rateHz, ...out, jitterMs: 1000 * deviation(steps, step), clockS }
}

const hundredths = (kg: number) => (Number.isNaN(kg) ? GAP : Math.round(100 * kg))

/** Samples a second: of all steps that are no gap; a whole number where it is within one in a hundred of it. */
function rateOf(steps: Float64Array, step: number): number {
  let sum = 0
  let count = 0
  for (const s of steps) {
    if (s < 1.5 * step) {
      sum += s
      count++
    }
  }
  const rate = count / sum
  const round = Math.round(rate)
  return round > 0 && Math.abs(rate / round - 1) < 0.01 ? round : rate
}

function deviation(steps: Float64Array, step: number): number {
  let squares = 0
  let count = 0
  for (const s of steps) {
    if (s < 1.5 * step) {
      squares += (s - step) ** 2
      count++
    }
  }
  return count < 2 ? 0 : Math.sqrt(squares / (count - 1))
}

function median(of: Float64Array): number {
  const sorted = Float64Array.from(of).sort()
  return sorted[Math.floor(sorted.length / 2)] ?? 0
}

/** Two samples at one place leave the next one empty: that is no gap. */
function fillSingles(samples: Int16Array) {
  for (let i = 1; i < samples.length - 1; i++) {
    const before = samples[i - 1] ?? GAP
    const after = samples[i + 1] ?? GAP
    if (samples[i] === GAP && before !== GAP && after !== GAP) samples[i] = Math.round((before + after) / 2)
  }
}

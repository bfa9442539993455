/** What stands in a table of rein tension, and how it is written. */
export interface Dialect {
  delimiter: string
  decimal: '.' | ','
  /** The first row of samples, from 0. */
  firstRow: number
  /** Columns, from 0; null where there is none. */
  time: number | null
  left: number | null
  right: number | null
  timeForm: TimeForm
  unit: Unit
  /** Said by hand where no column tells it: for sample numbers, and without a time. */
  rateHz: number | null
}

export const TIME_FORMS = ['SECONDS', 'MILLISECONDS', 'CLOCK', 'SAMPLE', 'NONE'] as const
export type TimeForm = (typeof TIME_FORMS)[number]

export const UNITS = ['KG', 'N', 'LB', 'G'] as const
export type Unit = (typeof UNITS)[number]

/** In kilograms of force. 1 kgf = 9.80665 N and 1 lb = 0.45359237 kg, exact. */
export const KG: Record<Unit, number> = { KG: 1, N: 1 / 9.80665, LB: 0.45359237, G: 0.001 }

/** Why something was taken for what it is; said beside it. */
export type Reason =
  | 'UNIT_NAMED'
  | 'UNIT_NOT_NAMED'
  | 'SIDES_NAMED'
  | 'SIDES_BY_ORDER'
  | 'ONE_CHANNEL'
  | 'TIME_NAMED'
  | 'TIME_RISES'
  | 'NO_TIME'

export interface Guess {
  dialect: Dialect
  columns: string[]
  reasons: Reason[]
}

const DELIMITERS = [';', '\t', '|', ',', ' ']
const NUMBER = /^[-+]?(\d+([.,]\d*)?|[.,]\d+)([eE][-+]?\d+)?$/
const CLOCK = /^(\d{4}-\d{2}-\d{2}[T ])?\d{1,2}:\d{2}(:\d{2}([.,]\d+)?)?(Z|[-+]\d{2}:?\d{2})?$/
const MISSING = /^(|-+|nan|n\/a|null)$/i

/** So many rows alike are no heading any more. */
const RUN = 5

export const isMissing = (cell: string) => MISSING.test(cell)
const isNumber = (cell: string) => NUMBER.test(cell)
const isClock = (cell: string) => CLOCK.test(cell)
const isSample = (cell: string) => isNumber(cell) || isClock(cell) || isMissing(cell)

const cellsOf = (row: string, delimiter: string) =>
  (delimiter === ' ' ? row.trim().split(/\s+/) : row.split(delimiter)).map((c) => unquoted(c.trim()))

const unquoted = (cell: string) => (/^".*"$/.test(cell) ? cell.slice(1, -1).trim() : cell)

/** A row of samples: at least one number, nothing that is neither number, time nor a gap. */
const isRowOfSamples = (cells: string[]) =>
  cells.some((c) => isNumber(c)) && cells.every(isSample) && cells.some((c) => !isMissing(c))

/** How a table is written, from its first rows; undefined where no samples are found in them. */
export function guess(rows: string[]): Guess | undefined {
  const found = DELIMITERS.map((delimiter) => ({ delimiter, ...runOf(rows, delimiter) }))
    .filter(({ length }) => length >= Math.max(2, Math.min(RUN, rows.length)))
    .sort((a, b) => b.length - a.length || b.width - a.width)[0]
  if (!found) return undefined
  const { delimiter, first, width } = found
  const samples = rows.slice(first).map((row) => cellsOf(row, delimiter))
  const heading = first > 0 ? cellsOf(rows[first - 1] ?? '', delimiter) : []
  const hasHeading = heading.length === width && heading.some((c) => !isSample(c))
  const columns = Array.from({ length: width }, (_, i) => (hasHeading ? (heading[i] ?? '') : ''))
  return withColumns(columns, samples, delimiter, first)
}

/** The longest run of rows of samples that are as wide as each other. */
function runOf(rows: string[], delimiter: string) {
  let best = { first: 0, length: 0, width: 0 }
  let now = best
  rows.forEach((row, i) => {
    const cells = cellsOf(row, delimiter)
    if (!isRowOfSamples(cells)) {
      now = { first: i + 1, length: 0, width: 0 }
      return
    }
    now =
      now.length > 0 && now.width === cells.length
        ? { ...now, length: now.length + 1 }
        : { first: i, length: 1, width: cells.length }
    if (now.length > best.length) best = now
  })
  return best
}

const LEFT = /\b(left|links|gauche|izquierda|sinistra|li?|lh|lks)\b/i
const RIGHT = /\b(right|rechts|droite|derecha|destra|re?|rh|rts)\b/i
const TIME = /\b(time|zeit|temps|tiempo|tempo|t|sec|secs|seconds?|s|ms|timestamp|clock|sample|no|nr|index)\b/i

const wordsOf = (name: string) => name.replace(/[_./()[\]-]+/g, ' ')

function withColumns(columns: string[], samples: string[][], delimiter: string, firstRow: number): Guess {
  const decimal = samples.some((row) => row.some((c) => isNumber(c) && c.includes(','))) ? ',' : '.'
  const reasons: Reason[] = []
  const named = (what: RegExp, not: number[]) =>
    columns.findIndex((name, i) => !not.includes(i) && what.test(wordsOf(name)))
  const leftNamed = named(LEFT, [])
  const rightNamed = named(RIGHT, [leftNamed])
  const timeNamed = named(TIME, [leftNamed, rightNamed])
  const time = timeNamed >= 0 ? timeNamed : risingColumn(samples, [leftNamed, rightNamed], decimal)
  reasons.push(time === null ? 'NO_TIME' : timeNamed >= 0 ? 'TIME_NAMED' : 'TIME_RISES')
  const others = columns.flatMap((_, i) => (i === time ? [] : [i]))
  let left: number | null = leftNamed >= 0 ? leftNamed : null
  let right: number | null = rightNamed >= 0 ? rightNamed : null
  if (left === null && right === null) {
    left = others[0] ?? null
    right = others[1] ?? null
    reasons.push(right === null ? 'ONE_CHANNEL' : 'SIDES_BY_ORDER')
  } else {
    reasons.push(left === null || right === null ? 'ONE_CHANNEL' : 'SIDES_NAMED')
  }
  const unit = unitOf([columns[left ?? -1], columns[right ?? -1]].join(' '))
  reasons.push(unit ? 'UNIT_NAMED' : 'UNIT_NOT_NAMED')
  const timeForm = time === null ? 'NONE' : timeFormOf(columns[time] ?? '', samples, time, decimal)
  return {
    dialect: { delimiter, decimal, firstRow, time, left, right, timeForm, unit: unit ?? 'KG', rateHz: null },
    columns,
    reasons,
  }
}

/** The first column that never falls and mostly rises. */
function risingColumn(samples: string[][], not: number[], decimal: '.' | ','): number | null {
  const width = samples[0]?.length ?? 0
  for (let i = 0; i < width && width > 1; i++) {
    if (not.includes(i)) continue
    const values = samples.map((row) => valueOf(row[i] ?? '', 'CLOCK', decimal))
    const steps = values.slice(1).map((v, k) => (v ?? NaN) - (values[k] ?? NaN))
    if (steps.length >= RUN - 1 && steps.every((s) => s >= 0) && steps.some((s) => s > 0)) return i
  }
  return null
}

function timeFormOf(name: string, samples: string[][], column: number, decimal: '.' | ','): TimeForm {
  const cells = samples.map((row) => row[column] ?? '').filter((c) => !isMissing(c))
  if (cells.some(isClock)) return 'CLOCK'
  if (/\b(ms|milli\w*)\b/i.test(wordsOf(name))) return 'MILLISECONDS'
  if (/\b(sample|no|nr|index)\b/i.test(wordsOf(name))) return 'SAMPLE'
  const values = cells.map((c) => valueOf(c, 'SECONDS', decimal) ?? NaN)
  const steps = values.slice(1).map((v, k) => v - (values[k] ?? NaN))
  if (!values.every(Number.isInteger)) return 'SECONDS'
  return steps.every((s) => s === 1) ? 'SAMPLE' : 'MILLISECONDS'
}

function unitOf(names: string): Unit | undefined {
  const words = wordsOf(names)
  if (/\b(kg|kgf|kilo\w*)\b/i.test(words)) return 'KG'
  if (/\b(n|newtons?)\b/i.test(words)) return 'N'
  if (/\b(lbs?|lbf|pounds?)\b/i.test(words)) return 'LB'
  return /\b(g|gf|grams?|gramm)\b/i.test(words) ? 'G' : undefined
}

/** In seconds for a time, in the table's unit for tension; NaN where it is missing, undefined where it is neither. */
export function valueOf(cell: string, form: TimeForm, decimal: '.' | ','): number | undefined {
  if (isMissing(cell)) return NaN
  if (form === 'CLOCK' && isClock(cell)) return clockS(cell)
  if (!isNumber(cell) || (decimal === '.' && cell.includes(','))) return undefined
  const value = Number(cell.replace(',', '.'))
  return form === 'MILLISECONDS' ? value / 1000 : value
}

/** Since midnight, or since 1970 where the day is written too. */
function clockS(cell: string): number | undefined {
  const text = cell.replace(',', '.')
  if (/^\d{4}-/.test(text)) {
    const ms = Date.parse(text.replace(' ', 'T'))
    return Number.isNaN(ms) ? undefined : ms / 1000
  }
  const [h = 0, m = 0, s = 0] = text.split(':').map(Number)
  return h < 24 && m < 60 && s < 60 ? h * 3600 + m * 60 + s : undefined
}

/** Guards of the values in a payload. */
export function isOne<T>(words: readonly T[], value: unknown): value is T {
  return (words as readonly unknown[]).includes(value)
}

const ID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/
const NAME = /^[a-z][a-z0-9-]{0,63}$/

export function isId(value: unknown): value is string {
  return typeof value === 'string' && ID.test(value)
}

/** A short name, as exercises, faults and signs have. */
export function isName(value: unknown): value is string {
  return typeof value === 'string' && NAME.test(value)
}

export function isWhole(value: unknown): value is number {
  return typeof value === 'number' && Number.isInteger(value)
}

/** Whether a field is not there; null stands for nothing, too. */
export function isLeftOut(value: unknown): value is undefined | null {
  return value === undefined || value === null
}

export interface Bounds {
  least: number
  most: number
}

export function isWithin(value: unknown, { least, most }: Bounds): value is number {
  return isWhole(value) && value >= least && value <= most
}

/** Fields that may be left out, each with what it must be when it is there. */
type Checks<T> = { [K in keyof T]-?: (value: unknown) => value is NonNullable<T[K]> }

/** Those of the fields that are there; undefined when one of them is not what it must be. */
export function readDetail<T extends object>(
  p: Record<string, unknown>,
  checks: Checks<T>,
): Partial<T> | undefined {
  const read: Record<string, unknown> = {}
  for (const [name, fits] of Object.entries<(value: unknown) => boolean>(checks)) {
    const value = p[name]
    if (isLeftOut(value)) continue
    if (!fits(value)) return undefined
    read[name] = value
  }
  return read as Partial<T>
}

/** A check for one of these words. */
export function oneOf<T>(words: readonly T[]) {
  return (value: unknown): value is T => isOne(words, value)
}

/** A check for a whole number within these bounds. */
export function within(bounds: Bounds) {
  return (value: unknown): value is number => isWithin(value, bounds)
}

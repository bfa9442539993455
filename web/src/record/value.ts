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

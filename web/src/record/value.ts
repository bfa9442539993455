/** Guards of the values in a payload. */
export function isOne<T>(words: readonly T[], value: unknown): value is T {
  return (words as readonly unknown[]).includes(value)
}

export function isWhole(value: unknown): value is number {
  return typeof value === 'number' && Number.isInteger(value)
}

/** What stands in a field of numbers; null where it is empty. */
export function numberOrNull(typed: unknown): number | null {
  return typed === '' || typed === null || typed === undefined ? null : Number(typed)
}

/** What stands in a field; null where it is empty. */
export function textOrNull(typed: unknown): string | null {
  return typeof typed === 'string' && typed !== '' ? typed : null
}

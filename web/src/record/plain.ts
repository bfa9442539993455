/** The deepest nesting read; an object of plain values is 1. */
const DEEPEST = 16
/** NUL, or half of a surrogate pair: no database keeps them. */
const UNKEEPABLE = /\0|\p{Surrogate}/u

/** A text without what no database keeps, such as half of a character that was cut in two. */
export function keepable(text: string): string {
  return text.replace(/\0|\p{Surrogate}/gu, '')
}

/**
 * Whether every reader can read this: a parser of JSON takes more than a browser, a server and a database can keep alike. The
 * twin of the server's.
 */
export function isPlain(value: unknown, depth = 0): boolean {
  switch (typeof value) {
    case 'string':
      return !UNKEEPABLE.test(value)
    case 'number':
      return Number.isFinite(value)
    case 'object':
      if (value === null) return true
      if (depth === DEEPEST) return false
      return Array.isArray(value)
        ? value.every((each) => isPlain(each, depth + 1))
        : Object.entries(value).every(([name, each]) => isPlain(name) && isPlain(each, depth + 1))
    case 'boolean':
      return true
    default:
      // a field that was set to nothing is not sent
      return value === undefined
  }
}

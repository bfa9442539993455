/** Reads one value: what it is, or undefined for what must not stand there. */
export type Reader = (value: unknown) => unknown

/** What an object must and may hold; fields nobody names are passed over, and one that is null is as if left out. */
export interface Shape {
  need?: Record<string, Reader>
  may?: Record<string, Reader>
  /** The first of these fields is at most the second. */
  atMost?: readonly [string, string]
  /** The first is told beside the second only, and is false where it was left out. */
  beside?: readonly [string, string]
  /** At least one of these is there. */
  oneOf?: readonly string[]
  /** The whole is read as this, under a field of its own. */
  as?: string
  of?: Shape
}

type Values = Record<string, unknown>

/** The fields of an object that are known, where all of them are as they must be; undefined else. */
export function readShape(value: unknown, shape: Shape): Values | undefined {
  if (!isObject(value)) return undefined
  const read: Values = {}
  for (const [name, of] of Object.entries(shape.need ?? {})) {
    const field = of(value[name])
    if (field === undefined) return undefined
    read[name] = field
  }
  for (const [name, of] of Object.entries(shape.may ?? {})) {
    if (value[name] === undefined || value[name] === null) continue
    const field = of(value[name])
    if (field === undefined) return undefined
    read[name] = field
  }
  return agree(read, shape) ? read : undefined
}

/** Whether the fields are what they must be to each other; what is told beside another is put right. */
function agree(read: Values, { atMost, beside, oneOf: some }: Shape): boolean {
  if (atMost) {
    const [low, high] = atMost.map((name) => read[name] as number | undefined)
    if (low !== undefined && high !== undefined && low > high) return false
  }
  if (beside) {
    const [name, other] = beside
    if (other in read) read[name] = read[name] === true
    else Reflect.deleteProperty(read, name)
  }
  return !some || some.some((name) => name in read)
}

export function isObject(value: unknown): value is Values {
  return typeof value === 'object' && value !== null && !Array.isArray(value)
}

/** A text in which the form is found, of so many characters at most. */
export function text(form: RegExp, most = Infinity): Reader {
  return (value) =>
    typeof value === 'string' &&
    (value.length <= most || Array.from(value).length <= most) &&
    form.test(value)
      ? value
      : undefined
}

/** A word of an open vocabulary: any of this form. */
export const open = (form: RegExp): Reader => text(form)

/** A whole number within these bounds; −0 is 0. */
export function whole(least: number, most: number): Reader {
  return (value) =>
    typeof value === 'number' && Number.isInteger(value) && value >= least && value <= most
      ? value + 0
      : undefined
}

/** One of these, as it stands here. */
export function oneOf(words: readonly unknown[]): Reader {
  return (value) => words[words.indexOf(value)]
}

export const flag: Reader = (value) => (typeof value === 'boolean' ? value : undefined)

export const object: Reader = (value) => (isObject(value) ? value : undefined)

export function part(shape: Shape): Reader {
  return (value) => readShape(value, shape)
}

export function list(shape: Shape, least: number, most: number): Reader {
  return (value) => {
    if (!Array.isArray(value) || value.length < least || value.length > most) return undefined
    const all = value.map((each) => readShape(each, shape))
    return all.includes(undefined) ? undefined : all
  }
}

/** One thing wrong with a request. */
export interface Issue {
  code: string
  path: string
  expected: string
}

/** A refusal by the server; `code` has its sentence in the language files. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    readonly issues: Issue[],
  ) {
    super(code)
  }
}

/** No answer at all: no network, or no server. */
export class Unreachable extends Error {}

interface ReplyOf<T> {
  data?: T
  error?: unknown
  response: globalThis.Response
}

/** The data of an answer, or a {@link Problem}, or {@link Unreachable}. */
export async function answerOf<T>(request: Promise<ReplyOf<T>>): Promise<T> {
  let answered: ReplyOf<T>
  try {
    answered = await request
  } catch {
    throw new Unreachable()
  }
  const { data, error, response } = answered
  if (response.ok) return data as T
  if (response.status >= 502 && response.status <= 504) throw new Unreachable()
  throw problemOf(response.status, error)
}

function problemOf(status: number, document: unknown): Problem {
  const has = typeof document === 'object' && document !== null
  const code = has && 'code' in document && typeof document.code === 'string' ? document.code : 'failure'
  const issues =
    has && 'issues' in document && Array.isArray(document.issues) ? (document.issues as Issue[]) : []
  return new Problem(status, code, issues)
}

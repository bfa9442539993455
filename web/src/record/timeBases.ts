import type { Entry } from './entry'
import type { Moment } from './generated/kinds'
import type { Payload } from './payload'
import { AHEAD_MS, BELIEVED_FROM_MS } from './times'

/** Where the second time bases of a lesson lie on its clock: by the id of the base, when it began. The twin of the server's. */
export class TimeBases {
  private readonly startMs = new Map<string, number>()

  constructor(standing: readonly { entry: Pick<Entry, 'id' | 'receivedAtMs'>; payload: Payload }[]) {
    for (const { entry, payload } of standing) {
      if (payload.kind !== 'time_base') continue
      // a copy lies where its clip lies, unless it says otherwise
      const { startMs, copyOf } = payload
      const { receivedAtMs } = entry
      const isSaid =
        startMs !== undefined &&
        startMs >= BELIEVED_FROM_MS &&
        (receivedAtMs === undefined || startMs <= receivedAtMs + AHEAD_MS)
      const from = isSaid ? startMs : copyOf && this.startMs.get(copyOf)
      if (typeof from === 'number') this.startMs.set(entry.id, from)
    }
  }

  /** Whether nothing is linked. */
  get isEmpty(): boolean {
    return this.startMs.size === 0
  }

  /** When the base began; undefined where it is not linked. */
  startOf(base: string): number | undefined {
    return this.startMs.get(base)
  }

  /** When what an entry says happened, if that is known by a base that is linked. */
  of(payload: Payload): number | undefined {
    const when: Moment | undefined = 'when' in payload ? payload.when : undefined
    const start = when && this.startMs.get(when.base)
    return start === undefined || !when ? undefined : start + when.ms
  }
}

import type { Entry } from './entry'
import { readOnce } from './readOnce'

/** No time before 2000 is believed of an entry that has arrived, none from 2100 on of any, none a day after its arrival. */
export const BELIEVED_FROM_MS = 946_684_800_000
const BELIEVED_BEFORE_MS = 4_102_444_800_000
export const AHEAD_MS = 86_400_000

type Writer = Pick<Entry, 'device' | 'author'>

/**
 * When the entries of a log were written: what the device's clock said, corrected by what its own person found it to be off. One
 * that is not believed stands where it arrived. The twin of the server's.
 */
export class Times {
  /** A log is sorted by these: worked out once. */
  private readonly placed = new WeakMap<Entry, number>()
  private readonly offsets = new Map<string, { entry: Entry; offsetMs: number }>()

  constructor(log: readonly Entry[]) {
    for (const entry of log) {
      if (entry.kind !== 'clock') continue
      const payload = readOnce(entry.kind, entry.v, entry.payload)
      if (payload?.kind !== 'clock') continue
      const before = this.offsets.get(key(entry))?.entry
      const isLater = !before || entry.seq > before.seq || (entry.seq === before.seq && entry.id > before.id)
      if (isLater) this.offsets.set(key(entry), { entry, offsetMs: payload.offsetMs })
    }
  }

  /** What must be added to the clock of this person's device; undefined when nothing has been found out. */
  offsetMs(writer: Writer): number | undefined {
    return this.offsets.get(key(writer))?.offsetMs
  }

  isBelieved(entry: Entry): boolean {
    const said = this.corrected(entry)
    const { receivedAtMs } = entry
    const isBeside =
      receivedAtMs === undefined || (said >= BELIEVED_FROM_MS && said <= receivedAtMs + AHEAD_MS)
    return said < BELIEVED_BEFORE_MS && isBeside
  }

  /** Where the entry stands. */
  of(entry: Entry): number {
    const known = this.placed.get(entry)
    if (known !== undefined) return known
    const said = this.corrected(entry)
    const at = this.isBelieved(entry) ? said : (entry.receivedAtMs ?? said)
    this.placed.set(entry, at)
    return at
  }

  /** The total order of the log. */
  readonly order = (a: Entry, b: Entry): number =>
    this.of(a) - this.of(b) || byText(a.device, b.device) || a.seq - b.seq || byText(a.id, b.id)

  private corrected(entry: Entry): number {
    return entry.atMs + (this.offsetMs(entry) ?? 0)
  }
}

function key({ device, author }: Writer): string {
  return `${device} ${author}`
}

function byText(a: string, b: string): number {
  return a < b ? -1 : a > b ? 1 : 0
}

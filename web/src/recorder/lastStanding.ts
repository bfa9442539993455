import { MARK_KINDS } from '../record'
import type { StoredEntry } from '../store'

/** Marks of the moment, in the order they are shown. */
export const MOMENT_KINDS = MARK_KINDS.filter((k) => k !== 'conditions' && k !== 'effort')
/** What can be taken back one by one. */
export const UNDOABLE_KINDS = new Set<string>([
  'exchange',
  'note',
  'segment',
  'rest',
  'effort',
  ...MOMENT_KINDS,
])

/** The last thing written here that still stands and can be taken back; the first segment stays. */
export function lastStanding(
  entries: StoredEntry[],
  voided: string[],
  device: string,
): StoredEntry | undefined {
  const gone = new Set(voided)
  const own = entries
    .filter(
      (e) => e.device === device && (UNDOABLE_KINDS.has(e.kind) || e.kind === 'amend') && !gone.has(e.id),
    )
    .sort((a, b) => a.seq - b.seq)
  const last = own.at(-1)
  return last?.kind === 'segment' && own.filter((e) => e.kind === 'segment').length === 1 ? undefined : last
}

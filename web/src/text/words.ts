import { dayLong } from './format'
import type { Key, Text } from './useText'

/**
 * A word that a record or the library holds, in this group of the language file; one that is not there, as it is written.
 *
 * @param values for what its sentence leaves open
 */
export function wordIn(
  t: Text,
  group: string,
  word: string | number,
  values: Record<string, string | number | undefined> = {},
): string {
  const written = String(word).toLowerCase().replaceAll('_', ' ')
  return t(`${group}.${word}` as Key, { ...values, defaultValue: written })
}

/**
 * The name of a strand: of one that ships from this group of the language file, of the yard's own by its id; what a device kept of an
 * earlier version knows none of these.
 */
export function strandIn(
  t: Text,
  strand: string,
  own: Record<string, string> | undefined,
  group: 'strand' | 'strandPlain' = 'strand',
): string {
  return own?.[strand] ?? wordIn(t, group, strand)
}

/** The name of a rung as it is sent; one that has left the library is named by its id, and says so. */
export function nameIn(t: Text, rung: { rung: string; name: string }): string {
  return rung.name === rung.rung ? t('pair.noLonger', { rung: rung.rung }) : rung.name
}

/** What a note of the plan says of this horse; {@code names} are those of the yard's own strands. */
export function noteIn(
  t: Text,
  { code, values }: { code: string; values: Record<string, string> },
  { horse, names }: { horse: string; names?: Record<string, string> | undefined },
): string {
  return wordIn(t, 'planNote', code, {
    ...values,
    horse,
    focus: values.focus && wordIn(t, 'focus', values.focus),
    strand: values.strand && strandIn(t, values.strand, names),
    counts: values.counts && dayLong(values.counts),
  })
}

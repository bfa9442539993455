import { reinFor } from '../record'
import type { Side, WorkedSide } from '../record'
import type { Text } from './useText'

/** A side of the horse, in words; with the rein it is worked on where that is not the same. */
export function sideIn(t: Text, works: WorkedSide, side: Side): string {
  const rein = reinFor(works, side)
  const word = t(`worked.${side}`)
  return rein === side || rein === 'NONE' ? word : t('worked.onRein', { side: word, rein: t(`rein.${rein}`) })
}

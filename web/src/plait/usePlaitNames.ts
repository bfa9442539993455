import { useCallback } from 'react'
import type { PlaitTurn } from '../api'
import { useText, wordIn } from '../text'
import { SIDE } from '../ui'

/** What the strands and the turns of a plait are called, in short. */
export function usePlaitNames() {
  const { t } = useText()
  const turnName = useCallback(
    (turn: PlaitTurn) =>
      [
        turn.rein === 'NONE' ? '' : SIDE[turn.rein].letter,
        turn.name,
        wordIn(t, 'gait', turn.gait),
        ...(turn.mounted === 'RIDER' ? [] : [t(`mounted.${turn.mounted}`)]),
      ]
        .filter(Boolean)
        .join(' · '),
    [t],
  )
  const strandName = useCallback((strand: 'RIDER' | 'CONTACT' | 'HORSE') => t(`plait.strand.${strand}`), [t])
  return { turnName, strandName }
}

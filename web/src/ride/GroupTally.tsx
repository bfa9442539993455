import { padOf, TallyDrawer } from '../capture'
import type { Payloads } from '../record'
import { useText } from '../text'
import type { OpenTally } from './useGroup'

interface GroupTallyProps {
  tally: OpenTally
  exerciseName: (exercise: string) => string
  onTallied: (counted?: Omit<Payloads['tally'], 'segment'>) => void
}

/** The turn of another pair of the group, counted by its horse's name. */
export function GroupTally({ tally: { of, turn }, exerciseName, onTallied }: GroupTallyProps) {
  const { t } = useText()
  const what = `${t(`rein.${turn.rein}`)}, ${exerciseName(turn.exercise)}`
  return (
    <TallyDrawer
      key={turn.id}
      turn={t('group.tallyOf', { horse: of.horse, turn: what })}
      hasStrength={padOf(of.kept.packet, turn) === 'STRENGTH'}
      onClose={() => onTallied()}
      onKeep={onTallied}
    />
  )
}

import type { Packet } from '../api'
import { useText } from '../text'
import type { RiddenSegment } from './choose'
import { Chips } from './Drawer'

/** Round the track on the left rein; a smaller arena has some of them. */
const ON_THE_TRACK = ['A', 'F', 'P', 'B', 'R', 'M', 'C', 'H', 'S', 'E', 'V', 'K']

interface LetterChipsProps {
  ground: Packet['ground']
  now: RiddenSegment
  onChange: (change: Partial<RiddenSegment>) => void
  /** While it is ridden: the same letter once more begins it once more. */
  isLive?: boolean
}

/** At which letter it was begun, so that it can be said where a rein got heavy. Nothing off the track, and where the arena is not known. */
export function LetterChips({ ground, now, onChange, isLive = false }: LetterChipsProps) {
  const { t } = useText()
  const there = ground.stands?.measured.arena.letters ?? {}
  const letters = ON_THE_TRACK.filter((letter) => letter in there)
  if (now.place !== 'RAIL' || letters.length === 0) return null
  return (
    <Chips
      name={t('figure.from')}
      words={letters}
      now={now.from}
      text={(letter) => letter}
      onChoose={(from) => onChange({ from })}
      isNeeded={isLive}
      columns={letters.length > 8 ? 6 : 8}
    />
  )
}

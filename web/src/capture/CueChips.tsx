import { chakra } from '@chakra-ui/react'
import type { Packet } from '../api'
import { useText } from '../text'
import type { RiddenSegment } from './choose'
import { Chips } from './Drawer'

interface CueChipsProps {
  cues: Packet['cues']
  now: RiddenSegment
  onChange: (change: Partial<RiddenSegment>) => void
}

/** By which cue of the pair's book it is asked here, so that each can be seen to get its own answer. Nothing where the book has none for this gait. */
export function CueChips({ cues, now, onChange }: CueChipsProps) {
  const { t } = useText()
  const here = cues.filter((c) => c.gait === null || c.gait === now.gait)
  if (here.length === 0) return null
  return (
    <Chips
      name={t('figure.cue')}
      words={here.map((c) => c.id)}
      now={now.cue}
      text={(id) => <Cue cue={here.find((c) => c.id === id)} />}
      onChoose={(cue) => onChange({ cue })}
      columns={2}
    />
  )
}

function Cue({ cue }: { cue: Packet['cues'][number] | undefined }) {
  return (
    <span>
      {cue?.signal}
      <chakra.span display="block" fontWeight="400" fontSize="sm">
        {cue?.meaning}
      </chakra.span>
    </span>
  )
}

import { chakra } from '@chakra-ui/react'
import { useId } from 'react'
import type { Packet } from '../api'
import type { RideMark } from '../record'
import { useText } from '../text'
import { FieldLabel, Select } from '../ui'

interface HeadgearLineProps {
  choice: Packet['headgear']
  marks: RideMark[]
  onSay: (headgear: string) => void
}

/** What is on the horse’s head today: what its tack says, unless somebody says otherwise. */
export function HeadgearLine({ choice, marks, onSay }: HeadgearLineProps) {
  const { t } = useText()
  const id = useId()
  if (choice.all.length === 0) return null
  const said = marks.reduce<string | null>(
    (before, m) => (m.said.kind === 'headgear' ? m.said.headgear : before),
    null,
  )
  return (
    <chakra.div display="flex" gap="3" alignItems="center">
      <FieldLabel htmlFor={id} marginBottom="0" flexShrink={0}>
        {t('ride.headgear')}
      </FieldLabel>
      <Select
        id={id}
        value={said ?? choice.now ?? ''}
        onChange={(e) => e.target.value && onSay(e.target.value)}
      >
        <option value="">{t('ride.headgearNotSaid')}</option>
        {choice.all.map((h) => (
          <option key={h.id} value={h.id}>
            {h.name}
          </option>
        ))}
        <option value="other">{t('tack.otherHeadgear')}</option>
      </Select>
    </chakra.div>
  )
}

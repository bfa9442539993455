import { chakra } from '@chakra-ui/react'
import { useId } from 'react'
import type { Packet } from '../api'
import type { RideMark } from '../record'
import { useText } from '../text'
import { FieldLabel, Select } from '../ui'

interface HeadgearLineProps {
  choice: Packet['headgear']
  /** What this pair is taught in; null: whatever it wears. */
  settled: Packet['settled']['bit']
  marks: RideMark[]
  onSay: (headgear: string) => void
}

/** What is on the horse’s head today: what its tack says, unless somebody says otherwise. */
export function HeadgearLine({ choice, settled, marks, onSay }: HeadgearLineProps) {
  const { t } = useText()
  const id = useId()
  if (choice.all.length === 0) return null
  const said = marks.reduce<string | null>(
    (before, m) => (m.said.kind === 'headgear' ? m.said.headgear : before),
    null,
  )
  const worn = choice.all.find((h) => h.id === (said ?? choice.now))
  return (
    <chakra.div display="flex" gap="3" alignItems="center" flexWrap="wrap">
      <FieldLabel htmlFor={id} marginBottom="0" flexShrink={0}>
        {t('ride.headgear')}
      </FieldLabel>
      <Select
        flex="1"
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
      {worn && settled && worn.bit !== settled && (
        <chakra.p flexBasis="100%" fontWeight="650">
          {t('ride.otherBit', { settled: t(`setting.bit.${settled}`), worn: worn.name })}
        </chakra.p>
      )}
    </chakra.div>
  )
}

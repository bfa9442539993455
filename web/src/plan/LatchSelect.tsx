import { chakra } from '@chakra-ui/react'
import type { PlanLatch } from '../api'
import { HABITS, RIDER } from '../see'
import { useText, wordIn } from '../text'
import { Quiet, Select } from '../ui'

interface LatchSelectProps {
  latch: PlanLatch | null
  onChoose: (latch: PlanLatch | null) => void
}

const SIDES: PlanLatch['side'][] = ['LEFT', 'RIGHT']
const WHOLE: PlanLatch['side'][] = ['NONE']

/** The one fault that gets a large key of its own on Ride. */
export function LatchSelect({ latch, onChoose }: LatchSelectProps) {
  const { t } = useText()
  const words = [...RIDER.flatMap((r) => r.words), ...HABITS]
  const faults = words.flatMap(({ name, sided }) =>
    (sided ? SIDES : WHOLE).map((side): PlanLatch => ({ name, side })),
  )
  const key = (of: PlanLatch) => `${of.name}.${of.side}`
  return (
    <chakra.label display="block">
      <chakra.span display="block" fontWeight="650" marginBottom="1">
        {t('latch.choose')}
      </chakra.span>
      <Select
        value={latch ? key(latch) : ''}
        onChange={(e) => onChoose(faults.find((f) => key(f) === e.target.value) ?? null)}
      >
        <option value="">{t('latch.none')}</option>
        {faults.map((f) => (
          <option key={key(f)} value={key(f)}>
            {wordIn(t, 'seen', f.name)}
            {f.side !== 'NONE' && `, ${t(`side.${f.side}`)}`}
          </option>
        ))}
      </Select>
      <Quiet>{t('latch.why')}</Quiet>
    </chakra.label>
  )
}

import { chakra } from '@chakra-ui/react'
import { ThermometerSun } from 'lucide-react'
import { useText } from '../text'
import { heatLevel } from '../nudge'
import type { HeatLevel, HeatRules } from '../nudge'
import type { RideMark, Payloads } from '../record'
import { WarnBox } from '../ui'

/** What the heat allows, as soon as it is known; silent while it allows everything. */
export function HeatLine({ marks, rules }: { marks: RideMark[]; rules: HeatRules }) {
  const { t } = useText()
  const level = heatOf(marks, rules)
  if (level === 'RIDE') return null
  return (
    <WarnBox role="status" data-heat={level} align="center" icon={<ThermometerSun size={24} aria-hidden />}>
      <chakra.p fontWeight="650">{t(`heat.${level}`)}</chakra.p>
    </WarnBox>
  )
}

/** By what was noted of the weather. */
export function heatOf(marks: RideMark[], rules: HeatRules): HeatLevel {
  return heatLevel(notedIn(marks), rules)
}

/** Ground and weather: of each, what was noted last. */
export function notedIn(marks: RideMark[]): Payloads['conditions'] {
  return marks.reduce<Payloads['conditions']>((noted, { said }) => {
    if (said.kind !== 'conditions') return noted
    const { kind: _, ...more } = said
    return { ...noted, ...more }
  }, {})
}

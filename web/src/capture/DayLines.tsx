import { chakra } from '@chakra-ui/react'
import { Mountain, ThermometerSun } from 'lucide-react'
import { useText } from '../text'
import { heatLevel } from '../nudge'
import type { HeatLevel, HeatRules } from '../nudge'
import type { RideMark, Payloads } from '../record'
import { WarnBox } from '../ui'

interface DayLinesProps {
  marks: RideMark[]
  rules: HeatRules
  /** What the plan says already, by its codes. */
  said?: string[]
}

/** What heat and ground allow, as soon as they are known; silent while they allow everything. */
export function DayLines({ marks, rules, said = [] }: DayLinesProps) {
  const { t } = useText()
  const level = heatOf(marks, rules)
  const { footing } = notedIn(marks)
  return (
    <>
      {level !== 'RIDE' && (
        <WarnBox
          role="status"
          data-heat={level}
          align="center"
          icon={<ThermometerSun size={24} aria-hidden />}
        >
          <chakra.p fontWeight="650">{t(`heat.${level}`)}</chakra.p>
        </WarnBox>
      )}
      {footing && footing !== 'GOOD' && !said.includes(`GROUND_${footing}`) && (
        <WarnBox role="status" data-ground={footing} align="center" icon={<Mountain size={24} aria-hidden />}>
          <chakra.p fontWeight="650">{t(`planNote.GROUND_${footing}`)}</chakra.p>
        </WarnBox>
      )}
    </>
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

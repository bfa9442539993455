import { chakra } from '@chakra-ui/react'
import type { Packet } from '../api'
import { CORRECTION_POLICIES } from '../record'
import { useText } from '../text'
import { Quiet } from '../ui'
import type { RiddenSegment } from './choose'
import { Chips } from './Drawer'

/** What a lesson's packet says of how its pair is taught. */
export type HowTaught = Pick<Packet, 'school' | 'schools' | 'settled' | 'corrections' | 'cues' | 'ground'>

interface TeachingChipsProps {
  known: HowTaught
  now: RiddenSegment
  onChange: (change: Partial<RiddenSegment>) => void
}

/** By which school it is asked here, where that is not the lesson's, and what is done about an error. Nothing where the packet does not say. */
export function TeachingChips({ known, now, onChange }: TeachingChipsProps) {
  const { t } = useText()
  const { school: own, schools, settled, corrections } = known
  if (schools.length === 0) return null
  const school = schools.find((s) => s.school === (now.school ?? own.school)) ?? own
  const byItself = corrections[now.exercise] ?? (now.school ? school.correction : settled.correction)
  return (
    <>
      <Chips
        name={t('figure.askedAs')}
        words={schools.map((s) => s.school)}
        now={school.school}
        text={(word) => t(`school.${word}`)}
        isNeeded
        onChoose={(word) => word && onChange({ school: word === own.school ? undefined : word })}
        columns={3}
      />
      {now.school && (
        <chakra.div marginTop="-2">
          <Quiet>{school.notAllowed}</Quiet>
          {school.ladder.length > 0 && (
            <Quiet>{school.ladder.map((step, i) => `${String(i + 1)} ${step}`).join(' · ')}</Quiet>
          )}
        </chakra.div>
      )}
      <Chips
        name={t('figure.error')}
        words={CORRECTION_POLICIES}
        now={now.correction ?? byItself}
        text={(word) => t(`correctShort.${word}`)}
        isNeeded
        onChoose={(word) => word && onChange({ correction: word === byItself ? undefined : word })}
      />
    </>
  )
}

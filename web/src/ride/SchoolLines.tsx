import { chakra } from '@chakra-ui/react'
import type { Packet } from '../api'
import { STRENGTHS } from '../record'
import { useText } from '../text'
import { WhyBox } from '../ui'

/** How this pair is taught: what is never done, and what is asked at each strength of the pad. */
export function SchoolLines({ school }: { school: Packet['school'] }) {
  const { t } = useText()
  // a packet of an earlier version does not say
  if (school.notAllowed === '') return null
  return (
    <div>
      <chakra.p fontWeight="650">{school.notAllowed}</chakra.p>
      <chakra.p color="quiet">{school.why}</chakra.p>
      {school.ladder.length > 0 && (
        <WhyBox marginTop="1">
          <summary>{t('ride.ladder')}</summary>
          <chakra.ol listStyleType="none" paddingBottom="2">
            {STRENGTHS.map((strength, i) => (
              <li key={strength}>
                <b>
                  {strength} {t(`strength.${strength}`)}
                </b>
                {': '}
                {school.ladder[i]}
              </li>
            ))}
          </chakra.ol>
        </WhyBox>
      )}
    </div>
  )
}

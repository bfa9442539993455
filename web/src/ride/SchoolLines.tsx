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
    <WhyBox>
      <summary>{school.notAllowed}</summary>
      <chakra.p paddingBottom="2">{school.why}</chakra.p>
      {school.ladder.length > 0 && (
        <>
          <chakra.h3 fontWeight="650" fontSize="md" fontFamily="body">
            {t('ride.ladder')}
          </chakra.h3>
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
        </>
      )}
    </WhyBox>
  )
}

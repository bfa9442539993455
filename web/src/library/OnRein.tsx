import { Box, chakra, Flex } from '@chakra-ui/react'
import type { ExerciseOnRein } from '../api'
import { BentHorse } from '../look'
import type { Rein } from '../record'
import { useText } from '../text'
import type { Text } from '../text'
import { Quiet, SideLetter } from '../ui'

/** An exercise on one rein: how the horse is bent, which side it works, and the aids in their order. */
export function OnRein({ rein, on }: { rein: Rein; on: ExerciseOnRein }) {
  const { t } = useText()
  return (
    <Box as="section" aria-label={t(`library.onRein.${rein}`)}>
      <Flex gap="4" align="flex-start">
        {rein !== 'NONE' && (
          <Box height="120px" flexShrink={0} color="ink">
            <BentHorse side={on.flexed} ground="var(--chakra-colors-card)" />
          </Box>
        )}
        <Box>
          <chakra.h2 fontSize="lg" fontWeight="720" display="flex" gap="2" alignItems="center">
            {rein !== 'NONE' && <SideLetter side={rein} />} {t(`library.onRein.${rein}`)}
          </chakra.h2>
          {rein !== 'NONE' && (
            <Quiet>
              {t(`library.flexed.${on.flexed}`)}; {t(`library.worked.${on.worked}`)}
            </Quiet>
          )}
          <chakra.ol listStyleType="decimal" paddingLeft="5" marginTop="2" display="grid" gap="1">
            {on.aids.map((aid, i) => (
              <li key={i}>
                <b>{aidInWords(t, aid)}</b>
                {aid.says && <> {aid.says}</>}
              </li>
            ))}
          </chakra.ol>
        </Box>
      </Flex>
    </Box>
  )
}

/** Left leg: tap, light, as the left hind leaves the ground. */
function aidInWords(t: Text, aid: ExerciseOnRein['aids'][number]): string {
  const means = t(`means.${aid.means}`)
  const which = aid.side === 'NONE' ? means : t(`ask.sided.${aid.side}`, { means })
  const how = [t(`manner.${aid.manner}`), t(`strength.${aid.strength}` as 'strength.1')]
  if (aid.foot) how.push(t('library.foot', { foot: t(`foot.${aid.foot}`) }))
  return `${which.charAt(0).toUpperCase()}${which.slice(1)}: ${how.join(', ')}.`
}

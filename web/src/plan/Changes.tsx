import { Box, chakra, Flex } from '@chakra-ui/react'
import type { PlanChange } from '../api'
import { dayLong, wordIn, useText } from '../text'
import { FoldCard, Quiet } from '../ui'
import { minutes } from './minutes'

const GROUP_OF = { DECISION: 'decision', REPORT: 'feelSaid', STOP_SIGN: 'stopSign' } as const

/** Which decision or report made this plan another one, with the plan as it would be without it. */
export function Changes({ changes }: { changes: PlanChange[] }) {
  const { t } = useText()
  if (changes.length === 0) return null
  return (
    <FoldCard title={t('plan.changes')}>
      {changes.map((c) => (
        <Box key={`${c.kind}.${c.rung.rung}.${c.what}`} paddingY="2">
          <chakra.p fontWeight="650">
            {t(`plan.because.${c.kind}`, {
              name: c.rung.name,
              gait: wordIn(t, 'gait', c.rung.gait),
              day: dayLong(c.day),
              what: wordIn(t, GROUP_OF[c.kind], c.what),
            })}
          </chakra.p>
          <Parts name={t('plan.with')} parts={c.with} />
          <Parts name={t('plan.without')} parts={c.without} isFaint />
        </Box>
      ))}
    </FoldCard>
  )
}

function Parts({ name, parts, isFaint }: { name: string; parts: PlanChange['with']; isFaint?: boolean }) {
  const { t } = useText()
  return (
    <Flex gap="2" fontSize="sm" color={isFaint ? 'quiet' : 'ink'} align="baseline">
      <Quiet as="span" flexShrink={0} width="5.2rem">
        {name}
      </Quiet>
      <span>
        {parts.length === 0
          ? t('plan.nothing')
          : parts.map((p) => `${p.name}, ${wordIn(t, 'gait', p.gait)} ${minutes(p.seconds)}`).join(' · ')}
      </span>
    </Flex>
  )
}

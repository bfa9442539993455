import { Box, chakra, Flex } from '@chakra-ui/react'
import type { OwnPair, Step } from '../api'
import { Card, CardTitle, SideLetter } from '../ui'
import { strandIn, wordIn, useText } from '../text'

const SHOWN: Step['state'][] = ['PASSED', 'PLACED', 'IN_WORK', 'OPEN']

/** The rider's own stair in plain words: what is there, what is coming, and which side needs more. */
export function OwnStair({ pair, isNamed }: { pair: OwnPair; isNamed: boolean }) {
  const { t } = useText()
  const strands = [
    ...new Set(
      pair.stair
        .filter((s) => s.state === 'IN_WORK' || s.state === 'PASSED' || s.state === 'PLACED')
        .map((s) => s.strand),
    ),
  ]
  if (strands.length === 0) return null
  return (
    <Card marginBottom="5">
      <CardTitle>{isNamed ? t('practice.stairOf', { horse: pair.horse }) : t('practice.stair')}</CardTitle>
      {strands.map((strand) => (
        <Box key={strand} marginTop="3">
          <chakra.h3 fontSize="md" fontWeight="720" fontFamily="body">
            {strandIn(t, strand, pair.strandNames, 'strandPlain')}
          </chakra.h3>
          <chakra.ul listStyleType="none">
            {pair.stair
              .filter((s) => s.strand === strand && SHOWN.includes(s.state))
              .map((s) => (
                <Line key={s.rung} step={s} />
              ))}
          </chakra.ul>
        </Box>
      ))}
    </Card>
  )
}

function Line({ step }: { step: Step }) {
  const { t } = useText()
  const behind = behindOf(step)
  return (
    <Flex as="li" gap="2" paddingY="1" align="center">
      <chakra.span
        width="1.4rem"
        aria-hidden
        fontWeight="800"
        color={step.state === 'PASSED' ? 'good' : 'ink'}
      >
        {step.state === 'PASSED' ? '✓' : step.state === 'PLACED' ? '◈' : step.state === 'IN_WORK' ? '◆' : '◇'}
      </chakra.span>
      <chakra.span flex="1">
        {step.name}, {wordIn(t, 'gait', step.gait)}
      </chakra.span>
      {step.state === 'IN_WORK' && behind && (
        <Flex align="center" gap="1" fontSize="sm" color="quiet">
          <SideLetter side={behind} size="1.3em" /> {t('practice.needsMore')}
        </Flex>
      )}
      {step.state === 'OPEN' && <chakra.span fontSize="sm">{t('practice.soon')}</chakra.span>}
    </Flex>
  )
}

/** The side with fewer good answers among its last ones, once both were asked. */
function behindOf({ left, right }: Step): 'LEFT' | 'RIGHT' | null {
  if (left.asks === 0 || right.asks === 0) return null
  const difference = left.successes / left.asks - right.successes / right.asks
  return difference === 0 ? null : difference < 0 ? 'LEFT' : 'RIGHT'
}

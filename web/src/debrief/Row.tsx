import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import type { DebriefRow, Lesson } from '../api'
import { Card, Quiet, SideLetter } from '../ui'
import { wordIn, useText } from '../text'
import { AdviceCard } from './AdviceCard'
import { IntervalStrip } from './IntervalStrip'
import { SmallPad } from './SmallPad'
import { isWayIn } from './wayIn'

/** One exercise: the two reins beside each other, then what to do about it. */
export function Row({ row, lesson }: { row: DebriefRow; lesson: Lesson }) {
  const { t } = useText()
  const { others } = row
  const hasOthers = others.left.asks + others.right.asks > 0
  return (
    <Card aria-label={row.name}>
      <Flex align="baseline" gap="3" wrap="wrap" marginBottom="4">
        <chakra.h2 fontSize="2xl" fontWeight="720">
          {row.name}
        </chakra.h2>
        <chakra.span color="quiet">
          {wordIn(t, 'gait', row.gait)}, {wordIn(t, 'place', row.place)}
          {row.state && ` · ${t(`state.${row.state}`)}`}
        </chakra.span>
      </Flex>
      <Grid
        templateColumns={{ base: '1fr', lg: 'minmax(0, 6fr) minmax(0, 5fr)' }}
        gap={{ base: '6', lg: '10' }}
      >
        <Flex direction="column" gap="4">
          <IntervalStrip left={row.pair.left} right={row.pair.right} />
          {!isWayIn(row) && (
            <Flex gap="6" wrap="wrap">
              {(['LEFT', 'RIGHT'] as const).map((side) => (
                <Box key={side} flex="1" minWidth="200px">
                  <Flex align="center" gap="2" marginBottom="1">
                    <SideLetter side={side} />
                    <Quiet>{t(`Rein.${side}`)}</Quiet>
                  </Flex>
                  <SmallPad side={side} counts={(side === 'LEFT' ? row.pair.left : row.pair.right).counts} />
                </Box>
              ))}
            </Flex>
          )}
          {hasOthers && (
            <Quiet>
              {t('debrief.others', {
                left: others.left.yes,
                leftAsks: others.left.asks,
                right: others.right.yes,
                rightAsks: others.right.asks,
              })}
            </Quiet>
          )}
        </Flex>
        <AdviceCard row={row} lesson={lesson} />
      </Grid>
    </Card>
  )
}

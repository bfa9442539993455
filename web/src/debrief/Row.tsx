import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import type { DebriefRow, Lesson } from '../api'
import { Card, Quiet, SideLetter } from '../ui'
import { sidesOf } from '../record'
import type { Side } from '../record'
import { sideIn, wordIn, useText } from '../text'
import { AdviceCard } from './AdviceCard'
import { ChangeLines } from './ChangeLines'
import { IntervalStrip } from './IntervalStrip'
import { RungMarksList } from './RungMarksList'
import { SmallPad } from './SmallPad'
import { isWayIn } from './wayIn'

function viewOf({ left, right, none }: DebriefRow['pair'], side: Side) {
  return side === 'LEFT' ? left : side === 'RIGHT' ? right : none
}

/** Something was asked by strength: the words of other pads are counted as such, below. */
function hasCounts({ left, right, none }: DebriefRow['pair']): boolean {
  return [left, right, none].some(({ counts }) => counts.flat().some((n) => n > 0))
}

/** One exercise: the two sides of the horse beside each other, then what to do about it. */
export function Row({ row, lesson }: { row: DebriefRow; lesson: Lesson }) {
  const { t } = useText()
  const { others, pair, works } = row
  const othersIn = others.left.asks + others.right.asks + others.none.asks
  const sides = sidesOf(works).map((side) => ({
    side,
    name: sideIn(t, works, side),
    view: viewOf(pair, side),
  }))
  // where the exercise leaves it open and nobody said it
  const isUnsaid = works !== 'NEITHER' && pair.none.asks > 0
  return (
    <Card aria-label={row.name}>
      <Flex align="baseline" gap="3" wrap="wrap" marginBottom="4">
        <chakra.h2 fontSize="2xl" fontWeight="720">
          {row.name}
        </chakra.h2>
        <chakra.span color="quiet">
          {wordIn(t, 'gait', row.gait)}, {wordIn(t, 'place', row.place)}
          {row.state && ` · ${t(`state.${row.state}`)}`}
          {row.day !== null && ` · ${t('debrief.day', { day: row.day })}`}
        </chakra.span>
      </Flex>
      <Grid
        templateColumns={{ base: '1fr', lg: 'minmax(0, 6fr) minmax(0, 5fr)' }}
        gap={{ base: '6', lg: '10' }}
      >
        <Flex direction="column" gap="4">
          <IntervalStrip rows={sides} />
          {!isWayIn(row) && hasCounts(pair) && (
            <Flex gap="6" wrap="wrap">
              {sides.map(({ side, name, view }) => (
                <Box key={side} flex="1" minWidth="200px">
                  <Flex align="center" gap="2" marginBottom="1">
                    {side !== 'NONE' && <SideLetter side={side} />}
                    <Quiet>{name}</Quiet>
                  </Flex>
                  <SmallPad side={side} name={name} counts={view.counts} />
                </Box>
              ))}
            </Flex>
          )}
          <ChangeLines changes={row.changes} />
          <RungMarksList marks={row.marks} />
          {isUnsaid && <Quiet>{t('debrief.unsaid', { yes: pair.none.yes, count: pair.none.asks })}</Quiet>}
          {othersIn > 0 && (
            <Quiet>
              {t(works === 'NEITHER' ? 'debrief.othersWhole' : 'debrief.others', {
                left: others.left.yes,
                leftAsks: others.left.asks,
                right: others.right.yes,
                rightAsks: others.right.asks,
                yes: others.none.yes,
                asks: others.none.asks,
              })}
            </Quiet>
          )}
        </Flex>
        <AdviceCard row={row} lesson={lesson} />
      </Grid>
    </Card>
  )
}

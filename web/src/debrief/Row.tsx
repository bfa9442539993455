import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { ChevronDown, ChevronUp } from 'lucide-react'
import { useId, useState } from 'react'
import type { DebriefRow, Lesson } from '../api'
import { Quiet, SideLetter } from '../ui'
import { sidesOf } from '../record'
import type { Side } from '../record'
import { sideIn, wordIn, useText } from '../text'
import { AdviceLine } from './AdviceLine'
import { ChangeLines, changeInShort } from './ChangeLines'
import { measuredSentences } from './evidence'
import { Mirror } from './Mirror'
import { HandBacks, Multiples } from './Multiples'
import { Otherwise } from './Otherwise'
import { RungMarksList } from './RungMarksList'
import { SmallPad } from './SmallPad'
import { heldInWords } from './Stretches'
import { isWayIn } from './wayIn'
import { Why } from './Why'

function viewOf({ left, right, none }: DebriefRow['pair'], side: Side) {
  return side === 'LEFT' ? left : side === 'RIGHT' ? right : none
}

/** Something was asked by strength: the words of other pads are counted as such, below. */
function hasCounts({ left, right, none }: DebriefRow['pair']): boolean {
  return [left, right, none].some(({ counts }) => counts.flat().some((n) => n > 0))
}

/** Something was asked: a rung can be measured as well, with nothing touched in. */
function isAsked({ left, right, none }: DebriefRow['pair']): boolean {
  return left.asks + right.asks + none.asks > 0
}

interface RowProps {
  row: DebriefRow
  lesson: Lesson
  hasOneKey: boolean
}

/** One exercise: a line with both sides and what to do about it; the rest is opened on demand. */
export function Row({ row, lesson, hasOneKey }: RowProps) {
  const { t } = useText()
  const body = useId()
  const [isOpen, setOpen] = useState(false)
  const { pair, works } = row
  const sides = sidesOf(works).map((side) => ({
    side,
    name: sideIn(t, works, side),
    view: viewOf(pair, side),
  }))
  const changed = changeInShort(t, row.changes)
  const measured = row.advice ? measuredSentences(t, works, row.advice) : []
  const { holds } = row.marks
  const Sign = isOpen ? ChevronUp : ChevronDown
  return (
    <Box as="section" aria-label={row.name} borderTopWidth="1px" borderColor="line" paddingY="3">
      <Grid
        templateColumns={{ base: '1fr', lg: 'minmax(0, 5fr) minmax(0, 8fr) minmax(0, 6fr)' }}
        columnGap="8"
        rowGap="2"
        alignItems="start"
      >
        <chakra.h3>
          <chakra.button
            type="button"
            aria-expanded={isOpen}
            aria-controls={body}
            onClick={() => setOpen(!isOpen)}
            display="flex"
            width="full"
            gap="2"
            minHeight="touch"
            textAlign="start"
            alignItems="center"
            justifyContent="space-between"
            cursor="pointer"
          >
            <span>
              <chakra.span
                display="block"
                fontFamily="heading"
                fontSize="xl"
                fontWeight="720"
                lineHeight="1.2"
              >
                {row.name}
              </chakra.span>
              <chakra.span display="block" color="quiet" fontSize="sm" fontWeight="400">
                {wordIn(t, 'gait', row.gait)}, {wordIn(t, 'place', row.place)}
                {row.state && ` · ${t(`state.${row.state}`)}`}
                {row.day !== null && ` · ${t('debrief.day', { day: row.day })}`}
              </chakra.span>
            </span>
            <chakra.span flexShrink="0" color="quiet">
              <Sign size={20} aria-hidden />
            </chakra.span>
          </chakra.button>
        </chakra.h3>
        <Box>
          {(isAsked(pair) || (measured.length === 0 && holds.length === 0)) && <Mirror halves={sides} />}
          {!isAsked(pair) && holds.length > 0 && (
            <chakra.p data-held>{t('marks.held', { stretches: heldInWords(t, holds) })}</chakra.p>
          )}
          {measured.length > 0 && (
            <chakra.p data-measured marginTop="1" fontSize="sm">
              {t('debrief.measured', { what: measured.join(' · ') })}
            </chakra.p>
          )}
          {changed && <Quiet marginTop="1">{t('change.title', { what: changed })}</Quiet>}
        </Box>
        <AdviceLine row={row} lesson={lesson} hasOneKey={hasOneKey} />
      </Grid>
      <Box id={body}>{isOpen && <Opened row={row} lesson={lesson} sides={sides} />}</Box>
    </Box>
  )
}

interface OpenedProps {
  row: DebriefRow
  lesson: Lesson
  sides: { side: Side; name: string; view: DebriefRow['pair']['left'] }[]
}

function Opened({ row, lesson, sides }: OpenedProps) {
  const { t } = useText()
  const { advice, others, pair, works } = row
  const othersIn = others.left.asks + others.right.asks + others.none.asks
  // where the exercise leaves it open and nobody said it
  const isUnsaid = works !== 'NEITHER' && pair.none.asks > 0
  return (
    <Grid
      templateColumns={{ base: '1fr', lg: 'minmax(0, 6fr) minmax(0, 5fr)' }}
      gap={{ base: '5', lg: '10' }}
      paddingY="4"
    >
      <Flex direction="column" gap="4">
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
        <Multiples row={row} sides={sides} />
        <HandBacks handBacks={row.handBacks} sides={sides} rider={lesson.rider} />
        <RungMarksList marks={row.marks} />
        {isUnsaid && <Quiet>{t('debrief.unsaid', { yes: pair.none.yes, count: pair.none.asks })}</Quiet>}
        {othersIn > 0 && row.handBacks.length === 0 && (
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
      <Flex direction="column" gap="4">
        <ChangeLines changes={row.changes} />
        {advice && <Why advice={advice} works={works} />}
        <Otherwise row={row} lesson={lesson} />
      </Flex>
    </Grid>
  )
}

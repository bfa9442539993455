import { Box, chakra, Flex } from '@chakra-ui/react'
import { Check } from 'lucide-react'
import type { ReactNode } from 'react'
import type { DebriefRow, Lesson } from '../api'
import { useMe } from '../session'
import { useText } from '../text'
import { Button, Card, CardTitle, Quiet, Trouble } from '../ui'
import { Row } from './Row'
import { useAgree } from './useDecide'
import { isWayIn } from './wayIn'

interface WhatNextProps {
  rows: DebriefRow[]
  lesson: Lesson
  /** What follows from it. */
  children: ReactNode
}

/** What came of each exercise and what to do about it: a line each, all agreed with in one touch or one by one. */
export function WhatNext({ rows, lesson, children }: WhatNextProps) {
  const { t } = useText()
  const mayDecide = useMe().actions.includes('DECIDE')
  const worked = rows.filter((r) => !isWayIn(r))
  const waysIn = rows.filter(isWayIn)
  if (rows.length === 0) return null
  return (
    <Card as="section" data-what-next paddingBottom={{ base: '1', md: '2' }}>
      {worked.length > 0 && (
        <Flex gap="3" wrap="wrap" align="center" justify="space-between" marginBottom="3">
          <CardTitle marginBottom="0">{t('debrief.next.title')}</CardTitle>
          {mayDecide && <AgreeKey rows={worked} lesson={lesson} />}
        </Flex>
      )}
      <Rows rows={worked} lesson={lesson} hasOneKey={openOf(worked).length > 1} />
      {mayDecide && openOf(worked).length > 0 && <Quiet marginBottom="3">{t('debrief.next.leave')}</Quiet>}
      {waysIn.length > 0 && (
        <Fold borderTopWidth={worked.length > 0 ? '1px' : '0'} borderColor="line">
          <summary>{t('debrief.next.waysIn', { count: waysIn.length })}</summary>
          <Rows rows={waysIn} lesson={lesson} hasOneKey={false} />
        </Fold>
      )}
      {children}
    </Card>
  )
}

interface RowsProps {
  rows: DebriefRow[]
  lesson: Lesson
  hasOneKey: boolean
}

function Rows({ rows, ...rest }: RowsProps) {
  return rows.map((row) => <Row key={`${row.exercise}.${row.gait}.${row.place}`} row={row} {...rest} />)
}

/** What was advised and not decided yet. */
function openOf(rows: DebriefRow[]) {
  return rows.flatMap(({ rung, advice, decision }) =>
    rung && advice && !decision ? [{ rung, seen: advice.decision }] : [],
  )
}

/** One touch for all that is open. */
function AgreeKey({ rows, lesson }: { rows: DebriefRow[]; lesson: Lesson }) {
  const { t } = useText()
  const agree = useAgree(lesson)
  const open = openOf(rows)
  if (open.length < 2) return null
  return (
    <Flex gap="2" wrap="wrap" align="center">
      <Button look="act" disabled={agree.isPending} onClick={() => agree.mutate(open)}>
        <Check size={18} aria-hidden /> {t('debrief.next.agree', { count: open.length })}
      </Button>
      {agree.isError && (
        <Box width="full">
          <Trouble cause={agree.error} />
        </Box>
      )}
    </Flex>
  )
}

const Fold = chakra('details', {
  base: {
    '& > summary': {
      minHeight: 'touch',
      display: 'flex',
      alignItems: 'center',
      cursor: 'pointer',
      color: 'quiet',
      fontWeight: '650',
    },
  },
})

import { chakra, Flex } from '@chakra-ui/react'
import { useInfiniteQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { queries } from '../api'
import type { PairView } from '../api'
import { useMe } from '../session'
import { clock, dayShort, useText } from '../text'
import { Card, CardTitle, Quiet, More, SideLetter } from '../ui'

const LineLink = chakra(Link, {
  base: { fontWeight: '650', textDecoration: 'underline', textUnderlineOffset: '3px' },
})

/** A pair's lessons, the latest first: the first page came with the pair. */
export function Lessons({ pair }: { pair: PairView }) {
  const { t } = useText()
  const { timeZone, actions } = useMe()
  const earlier = useInfiniteQuery({ ...queries.lessons(pair.id, pair.nextLessons), enabled: false })
  const lessons = [...pair.lessons, ...(earlier.data?.pages.flatMap((page) => page.lessons) ?? [])]
  const hasMore = earlier.data ? earlier.hasNextPage : pair.nextLessons !== null
  return (
    <Card>
      <CardTitle>{t('pair.lessons')}</CardTitle>
      {lessons.length === 0 && <Quiet>{t('pair.noLessons')}</Quiet>}
      <chakra.ul listStyleType="none">
        {lessons.map((l) => (
          <Flex
            as="li"
            key={l.id}
            justify="space-between"
            align="center"
            gap="4"
            minHeight="touch"
            fontVariantNumeric="tabular-nums"
          >
            {actions.includes('SEE_DEBRIEF') ? (
              <LineLink to={`/lessons/${l.id}/debrief`} paddingY="2">
                {dayShort(l.startedAt, timeZone)}
              </LineLink>
            ) : (
              <chakra.span fontWeight="650">{dayShort(l.startedAt, timeZone)}</chakra.span>
            )}
            <Flex gap="3" color="quiet" align="center">
              {l.endedAt ? t('pair.asks', { count: l.exchanges }) : t('pair.open')}
              <SideLetter side="LEFT" size="1.3em" /> {clock(l.leftMs)}
              <SideLetter side="RIGHT" size="1.3em" /> {clock(l.rightMs)}
            </Flex>
          </Flex>
        ))}
      </chakra.ul>
      {hasMore && <More list={earlier} />}
    </Card>
  )
}

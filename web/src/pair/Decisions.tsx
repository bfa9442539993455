import { Box, chakra, Grid } from '@chakra-ui/react'
import { useInfiniteQuery } from '@tanstack/react-query'
import { queries } from '../api'
import type { PairView } from '../api'
import { useMe } from '../session'
import { dayShort, wordIn, useText } from '../text'
import { Card, CardTitle, More } from '../ui'

/** What was decided, the latest first: the first page came with the pair. */
export function Decisions({ pair }: { pair: PairView }) {
  const { t } = useText()
  const { timeZone } = useMe()
  const earlier = useInfiniteQuery({ ...queries.decisions(pair.id, pair.nextDecisions), enabled: false })
  const names = new Map(pair.stair.map((s) => [s.rung, `${s.name}, ${wordIn(t, 'gait', s.gait)}`]))
  const decisions = [...pair.decisions, ...(earlier.data?.pages.flatMap((page) => page.decisions) ?? [])]
  const hasMore = earlier.data ? earlier.hasNextPage : pair.nextDecisions !== null
  if (decisions.length === 0) return null
  return (
    <Card>
      <CardTitle>{t('pair.decisions')}</CardTitle>
      <chakra.ul listStyleType="none">
        {decisions.map((d) => (
          <Grid as="li" key={d.id} templateColumns="4.2rem 1fr" gap="3" paddingY="2">
            <chakra.span color="quiet">{dayShort(d.at, timeZone)}</chakra.span>
            <Box>
              <chakra.b>{t(`decision.${d.chosen}`)}</chakra.b>:{' '}
              {names.get(d.rung) ?? t('pair.noLonger', { rung: d.rung })}
              {d.chosen !== d.advised && (
                <chakra.div color="quiet" fontSize="sm">
                  {t('pair.advised', { decision: t(`decision.${d.advised}`) })}
                  {d.reason && `. “${d.reason}”`}
                </chakra.div>
              )}
            </Box>
          </Grid>
        ))}
      </chakra.ul>
      {hasMore && <More list={earlier} />}
    </Card>
  )
}

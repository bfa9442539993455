import { chakra, Flex } from '@chakra-ui/react'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { answerOf, api, queries } from '../api'
import type { WatchItem } from '../api'
import { useMe } from '../session'
import { dayAndYear, useText, wordIn } from '../text'
import { Button, Card, CardTitle, Quiet, SideLetter, Trouble } from '../ui'

/** What is looked for at each first look, until when, and how often it was seen; what has settled is ended early. */
export function WatchCard({ pair }: { pair: string }) {
  const { t } = useText()
  const canEdit = useMe().actions.includes('EDIT_PAIR')
  const client = useQueryClient()
  const watch = useQuery(queries.watch(pair))
  const say = useMutation({
    mutationFn: ({ item, isEnd }: { item: string; isEnd: boolean }) => {
      const path = { params: { path: { id: pair, watch: item } } }
      return answerOf(
        isEnd
          ? api.PUT('/api/v1/pairs/{id}/watch/{watch}/end', path)
          : api.DELETE('/api/v1/pairs/{id}/watch/{watch}/end', path),
      )
    },
    onSuccess: () => client.invalidateQueries(queries.watch(pair)),
  })
  if (!watch.data) return null
  const { items, ended } = watch.data
  if (items.length + ended.length === 0) return null
  const line = (w: WatchItem, isEnd: boolean) => (
    <Flex as="li" key={w.id} gap="3" align="center" paddingY="2" borderTopWidth="1px" borderColor="line">
      <chakra.span flex="1" minWidth="0">
        <Flex as="span" align="center" gap="1.5" fontWeight="650">
          {w.side !== 'NONE' && <SideLetter side={w.side} />}
          {wordIn(t, 'seen', w.name)}
        </Flex>
        <chakra.span fontSize="sm" color="quiet">
          {w.station && `${t(`station.${w.station}`)} · `}
          {t(isEnd ? 'watch.until' : 'watch.ended', { day: dayAndYear(w.until) })}
          {' · '}
          {w.asked > 0 ? t('watch.sofar', { seen: w.seen, count: w.asked }) : t('watch.fresh')}
        </chakra.span>
      </chakra.span>
      {canEdit && (
        <Button disabled={say.isPending} onClick={() => say.mutate({ item: w.id, isEnd })}>
          {t(isEnd ? 'watch.end' : 'watch.again')}
        </Button>
      )}
    </Flex>
  )
  return (
    <Card>
      <CardTitle>{t('watch.title')}</CardTitle>
      <Quiet>{t('watch.lead')}</Quiet>
      <chakra.ul listStyleType="none" marginTop="2">
        {items.map((w) => line(w, true))}
        {ended.map((w) => line(w, false))}
      </chakra.ul>
      {say.isError && <Trouble cause={say.error} />}
    </Card>
  )
}

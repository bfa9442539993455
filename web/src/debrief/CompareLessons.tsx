import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { useInfiniteQuery, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { queries } from '../api'
import type { Compared } from '../api'
import { sidesOf } from '../record'
import { useMe } from '../session'
import { clock, dayShort, percent, sideIn, useText, wordIn } from '../text'
import { Card, CardTitle, FieldLabel, More, Quiet, Select, SideLetter, Trouble } from '../ui'
import { Mirror } from './Mirror'

/** Any two lessons beside each other: what each side gave then and later, and whether it is more than chance. */
export function CompareLessons({ pair }: { pair: string }) {
  const { t } = useText()
  const { timeZone } = useMe()
  const lessons = useInfiniteQuery(queries.lessons(pair, null))
  const ridden = (lessons.data?.pages ?? []).flatMap((p) => p.lessons)
  const [one, setOne] = useState<string>()
  const [other, setOther] = useState<string>()
  const later = one ?? ridden[0]?.id
  const earlier = other ?? ridden[ridden.length > 5 ? 5 : ridden.length - 1]?.id
  const isReady = later !== undefined && earlier !== undefined && later !== earlier
  const compared = useQuery({ ...queries.compared(pair, later ?? '', earlier ?? ''), enabled: isReady })
  if (ridden.length < 2) return null
  const pick = (label: string, value: string | undefined, onPick: (id: string) => void) => (
    <Box flex="1" minWidth="10rem">
      <FieldLabel>
        {label}
        <Select value={value} onChange={(e) => onPick(e.target.value)}>
          {ridden.map((l) => (
            <option key={l.id} value={l.id}>
              {dayShort(l.startedAt, timeZone)}
            </option>
          ))}
        </Select>
      </FieldLabel>
    </Box>
  )
  return (
    <Card as="section">
      <CardTitle>{t('compare.title')}</CardTitle>
      <Flex gap="4" wrap="wrap" marginY="3">
        {pick(t('compare.one'), earlier, setOther)}
        {pick(t('compare.other'), later, setOne)}
      </Flex>
      {lessons.hasNextPage && (
        <Box marginBottom="4">
          <More list={lessons} />
        </Box>
      )}
      {!isReady && <Quiet>{t('compare.same')}</Quiet>}
      {compared.isError && <Trouble cause={compared.error} onAgain={() => void compared.refetch()} />}
      {isReady && compared.data && <Two compared={compared.data} />}
    </Card>
  )
}

function Two({ compared: { earlier, later, rungs } }: { compared: Compared }) {
  const { t } = useText()
  const { timeZone } = useMe()
  const ids = [...new Set(rungs.map((r) => r.rung))]
  return (
    <Flex direction="column" gap="4" data-compared>
      <Grid templateColumns="repeat(2, minmax(0, 1fr))" gap="4">
        {[earlier, later].map((l) => (
          <Box key={l.lesson}>
            <chakra.b>{dayShort(l.at, timeZone)}</chakra.b>
            <Flex gap="2" align="center" wrap="wrap" color="quiet" fontSize="sm">
              <SideLetter side="LEFT" size="1.3em" /> {clock(l.leftMs)}
              <SideLetter side="RIGHT" size="1.3em" /> {clock(l.rightMs)}
            </Flex>
            <Quiet>
              {l.softAfterS === null
                ? t('compare.notSoft')
                : t('softness.after', { time: clock(l.softAfterS * 1000) })}
            </Quiet>
          </Box>
        ))}
      </Grid>
      {ids.map((id) => {
        const of = rungs.filter((r) => r.rung === id)
        const [first] = of
        if (!first) return null
        const halves = (which: 'earlier' | 'later') =>
          sidesOf(first.works).map((side) => ({
            side,
            name: sideIn(t, first.works, side),
            view: {
              ...(of.find((r) => r.side === side)?.[which] ?? { yes: 0, asks: 0, low: 0, high: 1 }),
              meanStrength: null,
            },
          }))
        return (
          <Box key={id} borderTopWidth="1px" borderColor="line" paddingTop="3">
            <chakra.p fontWeight="650">
              {first.name}{' '}
              <chakra.span color="quiet" fontWeight="400">
                {wordIn(t, 'gait', first.gait)}, {wordIn(t, 'place', first.place)}
              </chakra.span>
            </chakra.p>
            <Quiet>{dayShort(earlier.at, timeZone)}</Quiet>
            <Mirror halves={halves('earlier')} />
            <Quiet>{dayShort(later.at, timeZone)}</Quiet>
            <Mirror halves={halves('later')} />
            {of.map((r) => (
              <Flex key={r.side} gap="2" align="center" marginTop="1">
                {r.side !== 'NONE' && <SideLetter side={r.side} />}
                <Quiet as="span">
                  {r.gain
                    ? t('compare.gain', {
                        points: percent(r.gain.estimate),
                        low: percent(r.gain.low),
                        high: percent(r.gain.high),
                        verdict: t(`change.verdict.${r.change}`),
                      })
                    : t('compare.tooFew')}
                </Quiet>
              </Flex>
            ))}
          </Box>
        )
      })}
    </Flex>
  )
}

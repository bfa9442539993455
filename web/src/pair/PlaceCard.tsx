import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { v7 } from 'uuid'
import { answerOf, api, queries } from '../api'
import type { PairView, Step } from '../api'
import { useMe } from '../session'
import { dayShort, useText, strandIn, wordIn } from '../text'
import { Button, Card, CardTitle, Quiet, Trouble, WhyBox } from '../ui'

/**
 * The moment: the first meeting, and whenever it turns out that a pair knows more than its record says. Placed by the coach's word, shown
 * as placed and not as passed. The highest rung of a strand is enough: what it needs is placed with it.
 */
export function PlaceCard({ pair }: { pair: PairView }) {
  const { t } = useText()
  const client = useQueryClient()
  const place = useMutation({
    mutationFn: (said: { rung: string; known: boolean }) =>
      answerOf(
        api.POST('/api/v1/pairs/{id}/placings', {
          params: { path: { id: pair.id } },
          body: { id: v7(), ...said },
        }),
      ),
    onSuccess: () => client.invalidateQueries({ queryKey: queries.pair(pair.id).queryKey }),
  })
  const strands = [...new Set(pair.stair.map((s) => s.strand))]
  return (
    <Card>
      <CardTitle>{t('placing.title', { horse: pair.horse })}</CardTitle>
      <Quiet marginBottom="2">{t('placing.lead')}</Quiet>
      {place.isError && <Trouble cause={place.error} />}
      <Grid
        templateColumns="repeat(auto-fill, minmax(20rem, 1fr))"
        columnGap="6"
        rowGap="1"
        alignItems="start"
      >
        {strands.map((strand) => (
          <WhyBox key={strand}>
            <summary>{strandIn(t, strand, pair.strandNames)}</summary>
            <chakra.ul listStyleType="none">
              {pair.stair
                .filter((s) => s.strand === strand)
                .map((step) => (
                  <Rung
                    key={step.rung}
                    step={step}
                    isBusy={place.isPending}
                    onPlace={(known) => place.mutate({ rung: step.rung, known })}
                  />
                ))}
            </chakra.ul>
          </WhyBox>
        ))}
      </Grid>
      <Words pair={pair} />
    </Card>
  )
}

interface RungProps {
  step: Step
  isBusy: boolean
  onPlace: (known: boolean) => void
}

function Rung({ step, isBusy, onPlace }: RungProps) {
  const { t } = useText()
  const isPlaced = step.state === 'PLACED'
  const name = `${step.name}, ${wordIn(t, 'gait', step.gait)}`
  return (
    <Flex as="li" align="center" gap="3" minHeight="touch" paddingY="1">
      <Box flex="1" minWidth="0">
        {name}
        <chakra.span color="quiet"> · {t(`state.${step.state}`)}</chakra.span>
      </Box>
      {step.state !== 'PASSED' && (
        <Button
          flexShrink={0}
          disabled={isBusy}
          aria-label={`${name}: ${t(isPlaced ? 'placing.takeBack' : 'placing.known')}`}
          onClick={() => onPlace(!isPlaced)}
        >
          {t(isPlaced ? 'placing.takeBack' : 'placing.known')}
        </Button>
      )}
    </Flex>
  )
}

/** Who said what, and when. */
function Words({ pair }: { pair: PairView }) {
  const { t } = useText()
  const { timeZone } = useMe()
  if (pair.placings.length === 0) return null
  const names = new Map(pair.stair.map((s) => [s.rung, `${s.name}, ${wordIn(t, 'gait', s.gait)}`]))
  return (
    <WhyBox marginTop="3">
      <summary>{t('placing.said')}</summary>
      <chakra.ul listStyleType="none">
        {pair.placings.map((p) => (
          <li key={p.id}>
            {t(p.known ? 'placing.saidKnown' : 'placing.saidBack', {
              date: dayShort(p.at, timeZone),
              by: p.by,
              rung: names.get(p.rung) ?? t('pair.noLonger', { rung: p.rung }),
            })}
          </li>
        ))}
      </chakra.ul>
    </WhyBox>
  )
}

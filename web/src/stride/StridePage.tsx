import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { answerOf, api, queries } from '../api'
import type { StridesOfHorse } from '../api'
import { useMe } from '../session'
import { dayAndYear, useText } from '../text'
import { Back, Button, Card, CardTitle, LinkButton, Quiet, Trouble, Wait } from '../ui'
import { MeasureCard } from './MeasureCard'

type Pace = StridesOfHorse['paces'][number]
type Measure = StridesOfHorse['measures'][number]

/** The moment: beside the track, phone in hand. How long are this horse's strides, and how far apart do its poles lie? */
export default function StridePage() {
  const { id = '' } = useParams()
  const { t } = useText()
  const { actions } = useMe()
  const strides = useQuery(queries.strides(id))
  if (strides.isPending) return <Wait />
  if (strides.isError) return <Trouble cause={strides.error} onAgain={() => void strides.refetch()} />
  const { horse, heightCm, paces, measures, today } = strides.data
  return (
    <Flex direction="column" gap="5">
      <Box>
        <chakra.h1 fontSize={{ base: '3xl', md: '5xl' }} fontWeight="770">
          {t('stride.title', { horse })}
        </chakra.h1>
        <Flex gap="4" wrap="wrap" align="center" justify="space-between">
          <Back to={`/pairs/${id}`}>{t('stride.back', { horse })}</Back>
          <LinkButton to={`/ground?pair=${id}`}>{t('ground.forHorse', { horse })}</LinkButton>
        </Flex>
      </Box>
      {heightCm === null && <Quiet>{t('stride.noHeight', { horse })}</Quiet>}
      <Grid
        as="ul"
        listStyleType="none"
        templateColumns={{ base: '1fr', md: 'repeat(4, minmax(0, 1fr))' }}
        gap="3"
      >
        {paces.map((p) => (
          <PaceTile key={p.pace} pace={p} heightCm={heightCm} />
        ))}
      </Grid>
      <Grid templateColumns={{ base: '1fr', lg: '5fr 4fr' }} gap="6" alignItems="start">
        {actions.includes('RECORD') && <MeasureCard pair={id} today={today} />}
        {measures.length > 0 && <Measures pair={id} measures={measures} />}
      </Grid>
    </Flex>
  )
}

function PaceTile({ pace: p, heightCm }: { pace: Pace; heightCm: number | null }) {
  const { t } = useText()
  const { fromM, toM } = p.poles
  return (
    <Card as="li" fontVariantNumeric="tabular-nums" paddingY={{ base: '3', md: '5' }}>
      <Flex align="baseline" justify="space-between" wrap="wrap" columnGap="3">
        <Named>{t(`gait.${p.pace}`)}</Named>
        <chakra.span fontSize={{ base: '2xl', md: '3xl' }} fontWeight="720">
          {t('stride.metres', { metres: p.lengthM.toFixed(2) })}
        </chakra.span>
      </Flex>
      {p.tempo !== null && p.speedMs !== null && (
        <p>{t('stride.pace', { tempo: Math.round(p.tempo), speed: p.speedMs.toFixed(1) })}</p>
      )}
      {p.pace !== 'JUMPING' && (
        <chakra.p marginTop="1">
          <b>{t('stride.poles')}</b>{' '}
          {fromM === toM
            ? t('stride.apart', { metres: fromM.toFixed(2) })
            : t('stride.apartRange', { from: fromM.toFixed(2), to: toM.toFixed(2) })}
        </chakra.p>
      )}
      <Quiet marginTop="1">
        {p.measuredOn === null
          ? t('stride.usual', { height: heightCm })
          : t('stride.measured', { day: dayAndYear(p.measuredOn) })}
      </Quiet>
      {p.isOld && <chakra.p fontWeight="650">! {t('stride.old')}</chakra.p>}
    </Card>
  )
}

/** A gait, as a title. */
const Named = chakra('h2', {
  base: { fontSize: 'xl', fontWeight: '720', _firstLetter: { textTransform: 'uppercase' } },
})

/** As they were taken: one that was counted wrong is put away, and the one before it counts again. */
function Measures({ pair, measures }: { pair: string; measures: Measure[] }) {
  const { t } = useText()
  const { actions } = useMe()
  const client = useQueryClient()
  const putAway = useMutation({
    mutationFn: ({ id, isPutAway }: { id: string; isPutAway: boolean }) =>
      answerOf(
        api.PUT('/api/v1/pairs/{id}/strides/{stride}/away', {
          params: { path: { id: pair, stride: id } },
          body: { isPutAway },
        }),
      ),
    onSuccess: (next) => client.setQueryData(queries.strides(pair).queryKey, next),
  })
  return (
    <Card>
      <CardTitle>{t('stride.taken')}</CardTitle>
      <chakra.ul listStyleType="none">
        {measures.map((m) => (
          <Flex
            as="li"
            key={m.id}
            gap="3"
            align="center"
            paddingY="2"
            borderTopWidth="1px"
            borderColor="line"
            opacity={m.isPutAway ? 0.7 : 1}
          >
            <chakra.span flex="1" minWidth="0" fontVariantNumeric="tabular-nums">
              <chakra.b display="block" _firstLetter={{ textTransform: 'uppercase' }}>
                {t(`gait.${m.pace}`)}, {t('stride.metres', { metres: m.lengthM.toFixed(2) })}
              </chakra.b>
              <chakra.span display="block" fontSize="sm" color="quiet">
                {said(t, m)} · {dayAndYear(m.on)}, {m.by}
              </chakra.span>
              {m.doubt && !m.isPutAway && (
                <chakra.span display="block" fontWeight="650">
                  ! {t(`stride.doubt.${m.doubt}`)}
                </chakra.span>
              )}
            </chakra.span>
            {actions.includes('RECORD') && (
              <Button
                flexShrink={0}
                disabled={putAway.isPending}
                onClick={() => putAway.mutate({ id: m.id, isPutAway: !m.isPutAway })}
              >
                {t(m.isPutAway ? 'stride.countAgain' : 'stride.putAway')}
              </Button>
            )}
          </Flex>
        ))}
      </chakra.ul>
      {putAway.isError && <Trouble cause={putAway.error} />}
    </Card>
  )
}

function said(t: ReturnType<typeof useText>['t'], m: Measure): string {
  if (m.way === 'POLES') return t('stride.byPoles', { metres: m.distanceM })
  return m.seconds === null
    ? t('stride.byCount', { strides: m.count, metres: m.distanceM })
    : t('stride.byWatch', { strides: m.count, metres: m.distanceM, seconds: m.seconds.toFixed(1) })
}

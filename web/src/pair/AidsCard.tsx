import { Box, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { queries } from '../api'
import type { AidsOfPair } from '../api'
import { useText } from '../text'
import { Card, CardTitle, Quiet } from '../ui'

type Moved = AidsOfPair['measures'][number]

/** What the rider is told where the later half breaks the rule of a measure. */
const TOLD = {
  LIGHTLY: 'rule.aids-asks-lightly-first',
  INTO_THE_HAND: 'rule.aids-drives-into-the-hand',
  CORRECTED: null,
  RELEASE_MISSED: null,
} as const

/** How the rider's use of the aids moves: earlier lessons beside later ones, as far as anything was noted. */
export function AidsCard({ pair }: { pair: string }) {
  const { t } = useText()
  const aids = useQuery(queries.aids(pair))
  if (!aids.data || aids.data.measures.length + aids.data.missed.length === 0) return null
  const { lessons, measures, missed } = aids.data
  return (
    <Card>
      <CardTitle>{t('aids.title')}</CardTitle>
      <Quiet marginBottom="3">{t('aids.lead', { count: lessons })}</Quiet>
      <Box as="dl" display="grid" gap="3">
        {measures.map((m) => (
          <MovedLine key={m.measure} moved={m} />
        ))}
      </Box>
      {missed.length > 0 && (
        <Quiet marginTop="3">
          {t('aids.missed', {
            list: missed.map((m) => t('aids.missedOn', { ...m, rein: t(`rein.${m.rein}`) })).join('; '),
          })}
        </Quiet>
      )}
    </Card>
  )
}

function MovedLine({ moved: { measure, lessons, earlier, lately } }: { moved: Moved }) {
  const { t } = useText()
  const told = TOLD[measure]
  return (
    <Box>
      <chakra.dt fontWeight="650">{t(`aids.measure.${measure}`)}</chakra.dt>
      <chakra.dd fontVariantNumeric="tabular-nums">
        {t('aids.moved', {
          earlier: t('aids.share', { ...earlier }),
          lately: t('aids.share', { ...lately }),
          count: lessons,
        })}{' '}
        {lately.isGood === null && lately.fewest > 0 && (
          <Quiet as="span">{t('aids.tooFew', { count: lately.fewest })}</Quiet>
        )}
        {lately.isGood === false && told && <b>{t(told)}</b>}
      </chakra.dd>
    </Box>
  )
}

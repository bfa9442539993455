import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useParams, useSearchParams } from 'react-router'
import { queries } from '../api'
import type { History, RungHistory } from '../api'
import { LagHistory } from '../clip'
import { useMe } from '../session'
import { clock, dayLong, dayShort, useText, wordIn } from '../text'
import { Back, Card, CardTitle, FieldLabel, Quiet, Select, Trouble, Wait } from '../ui'
import { ChangeLines } from './ChangeLines'
import { CompareLessons } from './CompareLessons'
import { ForecastLines } from './ForecastLines'
import { RungStrip } from './RungStrip'

/** The moment: the long line. What really moved over weeks and months, what stands still, and roughly when it may hold. */
export default function HistoryPage() {
  const { id = '' } = useParams()
  const { t } = useText()
  const [params, setParams] = useSearchParams()
  const wanted = params.get('rung') ?? undefined
  const history = useQuery({ ...queries.history(id, wanted), placeholderData: keepPreviousData })
  if (history.isPending) return <Wait />
  if (history.isError) return <Trouble cause={history.error} onAgain={() => void history.refetch()} />
  const { shown, rungs, horse, rider } = history.data
  return (
    <Flex direction="column" gap="6">
      <Box>
        <Back to={`/pairs/${id}`}>
          {horse} {t('pair.and')} {rider}
        </Back>
        <chakra.h1 fontSize={{ base: '3xl', md: '4xl' }} fontWeight="770">
          {t('history.title', { horse })}
        </chakra.h1>
      </Box>
      {shown === null ? (
        <chakra.p fontSize="lg">{t('history.nothing')}</chakra.p>
      ) : (
        <Card as="section">
          <FieldLabel>
            {t('history.rung')}
            <Select
              value={shown.of.rung}
              onChange={(e) => setParams({ rung: e.target.value }, { replace: true })}
            >
              {rungs.map((r) => (
                <option key={r.rung} value={r.rung}>
                  {r.name}, {wordIn(t, 'gait', r.gait)}, {wordIn(t, 'place', r.place)}
                </option>
              ))}
            </Select>
          </FieldLabel>
          <Rung history={shown} />
        </Card>
      )}
      <Grid
        templateColumns={{ base: 'minmax(0, 1fr)', lg: 'repeat(2, minmax(0, 1fr))' }}
        gap="6"
        alignItems="start"
      >
        <Soft soft={history.data.soft} />
        <Feel history={history.data} />
        <Programmes programmes={history.data.programmes} />
      </Grid>
      <LagHistory pair={id} />
      <CompareLessons pair={id} />
    </Flex>
  )
}

function Rung({ history }: { history: RungHistory }) {
  const { t } = useText()
  const { of, days, since, points, homework, changes, forecast, works } = history
  const lessons = points.reduce((sum, p) => sum + p.lessons, 0)
  return (
    <Flex direction="column" gap="4" marginTop="4">
      <chakra.p>
        {of.state && (
          <chakra.b display="inline-block" _firstLetter={{ textTransform: 'uppercase' }} marginRight="1">
            {t(`state.${of.state}`)}.
          </chakra.b>
        )}
        {t('history.worked', { count: lessons })}
        {homework.length > 0 && ` ${t('history.atHome', { count: homework.length })}`}
        {since !== null && ` ${t('history.days', { count: days, since: dayLong(since) })}`}
      </chakra.p>
      <RungStrip history={history} />
      <ChangeLines changes={changes} />
      {forecast && <ForecastLines forecast={forecast} works={works} />}
    </Flex>
  )
}

/** So many of the last lessons are shown. */
const SHOWN = 10

/** How soon it became soft, lesson by lesson; a lesson in which it did not is said as such. */
function Soft({ soft }: { soft: History['soft'] }) {
  const { t } = useText()
  const { timeZone } = useMe()
  const known = soft.flatMap((s) => (s.seconds === null ? [] : [s.seconds]))
  if (known.length === 0) return null
  const most = Math.max(...known, 60)
  return (
    <Card as="section">
      <CardTitle>{t('history.soft')}</CardTitle>
      <Quiet marginBottom="3">{t('history.softLead', { count: Math.min(SHOWN, soft.length) })}</Quiet>
      <chakra.ol listStyleType="none" display="grid" gap="1" fontVariantNumeric="tabular-nums">
        {soft.slice(-SHOWN).map((s) => (
          <Flex as="li" key={s.at} gap="3" align="center">
            <chakra.span width="6.5em" flexShrink="0" color="quiet" fontSize="sm">
              {dayShort(s.at, timeZone)}
            </chakra.span>
            <Box flex="1" height="10px" background="sunken" borderRadius="key">
              {s.seconds !== null && (
                <Box
                  height="10px"
                  background="ink"
                  borderRadius="key"
                  style={{ width: `${String((100 * s.seconds) / most)}%` }}
                />
              )}
            </Box>
            <chakra.span width="4.5em" textAlign="end" flexShrink="0">
              {s.seconds === null ? t('history.notSoft') : clock(s.seconds * 1000)}
            </chakra.span>
          </Flex>
        ))}
      </chakra.ol>
    </Card>
  )
}

/** How well the rider's feel agrees with what was counted. */
function Feel({ history: { feel, feelLessons, feelNeeded, rider } }: { history: History }) {
  const { t } = useText()
  return (
    <Card as="section">
      <CardTitle>{t('history.feel', { rider })}</CardTitle>
      {feel === null ? (
        <Quiet>{t('history.feelTooFew', { count: feelLessons, needed: feelNeeded })}</Quiet>
      ) : (
        <>
          <p>{t('history.feelAgrees', { agreed: feel.agreed, count: feel.lessons })}</p>
          <Quiet>
            {feel.kappa === null
              ? t('history.feelOneWord')
              : t('history.feelKappa', {
                  kappa: feel.kappa.toFixed(2),
                  low: feel.low.toFixed(2),
                  high: feel.high.toFixed(2),
                })}
          </Quiet>
        </>
      )}
    </Card>
  )
}

function Programmes({ programmes }: { programmes: History['programmes'] }) {
  const { t } = useText()
  const { timeZone } = useMe()
  if (programmes.length === 0) return null
  return (
    <Card as="section">
      <CardTitle>{t('history.programmes')}</CardTitle>
      <chakra.ul listStyleType="none" display="grid" gap="2">
        {programmes.map((p) => (
          <li key={p.name + p.firstAt}>
            <chakra.b>{p.name}</chakra.b>:{' '}
            {t('history.programme', {
              minutes: p.minutes,
              count: p.practices,
              since: dayShort(p.firstAt, timeZone),
            })}
          </li>
        ))}
      </chakra.ul>
    </Card>
  )
}

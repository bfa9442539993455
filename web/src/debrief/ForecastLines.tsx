import { Box, chakra } from '@chakra-ui/react'
import type { RungHistory } from '../api'
import type { WorkedSide } from '../record'
import { dayLong, sideIn, useText } from '../text'
import { Quiet } from '../ui'

interface ForecastLinesProps {
  forecast: NonNullable<RungHistory['forecast']>
  works: WorkedSide
}

/** When it may hold: a range for each number of days a week, and that it is rough. */
export function ForecastLines({ forecast, works }: ForecastLinesProps) {
  const { t } = useText()
  const { side, mayHoldNow, ranges, practices, needed, isOwn } = forecast
  return (
    <Box as="section" aria-label={t('forecast.title')} data-forecast>
      <chakra.p fontWeight="650" marginBottom="1">
        {side === 'NONE' || mayHoldNow
          ? t('forecast.title')
          : t('forecast.titleOf', { side: sideIn(t, works, side) })}
      </chakra.p>
      {mayHoldNow ? (
        <p>{t('forecast.now')}</p>
      ) : (
        <chakra.ul listStyleType="none" display="grid" gap="1">
          {ranges.map((r) => (
            <li key={r.daysAWeek}>
              <chakra.b>{t('forecast.days', { count: r.daysAWeek })}:</chakra.b>{' '}
              {r.early === null
                ? t('forecast.never')
                : r.late === null
                  ? t('forecast.openEnd', { early: dayLong(r.early) })
                  : r.early === r.late
                    ? t('forecast.on', { day: dayLong(r.early) })
                    : t('forecast.range', { early: dayLong(r.early), late: dayLong(r.late) })}
            </li>
          ))}
        </chakra.ul>
      )}
      <Quiet marginTop="1">
        {t('forecast.rough')}{' '}
        {isOwn
          ? t('forecast.own', { count: practices })
          : t('forecast.general', { count: practices, needed })}
      </Quiet>
    </Box>
  )
}

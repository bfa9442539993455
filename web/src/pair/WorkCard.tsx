import { Box, chakra, Flex } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { queries } from '../api'
import type { WorkOfHorse } from '../api'
import { dayAndYear, dayAndMonth, noteIn, useText } from '../text'
import { Card, CardTitle, Quiet, WhyBox } from '../ui'
import { Outings } from './Outings'

/** The moment: before the next lessons are planned. How much this horse did, whoever rode, and where it goes. */
export function WorkCard({ pair, names }: { pair: string; names: Record<string, string> }) {
  const { t } = useText()
  const work = useQuery(queries.work(pair))
  if (!work.data) return null
  const { horse, weeks, alike, strain, notes } = work.data
  const isIdle = weeks.every((w) => w.minutes === 0)
  const hadWork = (weeks.at(-1)?.minutes ?? 0) > 0
  return (
    <Card>
      <CardTitle>{t('work.title')}</CardTitle>
      <Quiet marginBottom="3">{t(isIdle ? 'work.none' : 'work.lead', { horse })}</Quiet>
      {!isIdle && <Weeks weeks={weeks} />}
      {notes.length > 0 && (
        <chakra.ul listStyleType="none" marginTop="3" display="grid" gap="1">
          {notes.map((n) => (
            <li key={n.code}>{noteIn(t, n, { horse, names })}</li>
          ))}
        </chakra.ul>
      )}
      {hadWork && (
        <WhyBox marginTop="3">
          <summary>
            {alike === null || strain === null
              ? t('work.same')
              : t('work.alike', { alike: alike.toFixed(1), strain: Math.round(strain) })}
          </summary>
          <Quiet>{t('work.alikeWhy')}</Quiet>
        </WhyBox>
      )}
      <Outings pair={pair} work={work.data} />
    </Card>
  )
}

/** Eight weeks as columns, each with its figure: the last one ends yesterday. */
function Weeks({ weeks }: { weeks: WorkOfHorse['weeks'] }) {
  const { t } = useText()
  const most = Math.max(1, ...weeks.map((w) => w.load))
  return (
    <Flex as="ol" listStyleType="none" gap={{ base: '1', md: '3' }} align="end" maxWidth="40rem">
      {weeks.map((w, i) => (
        <Box as="li" key={w.from} flex="1" minWidth="0" textAlign="center" fontVariantNumeric="tabular-nums">
          <chakra.span srOnly>
            {t('work.week', { day: dayAndYear(w.from), load: w.load, minutes: w.minutes })}
          </chakra.span>
          <Box aria-hidden>
            <chakra.span fontSize="sm" fontWeight="650">
              {w.load}
            </chakra.span>
            <Box
              height={`${Math.max(2, Math.round((88 * w.load) / most))}px`}
              background={i === weeks.length - 1 ? 'live' : 'line'}
              borderTopRadius="key"
              marginX="auto"
              maxWidth="3rem"
            />
            <chakra.span
              fontSize="sm"
              color="quiet"
              display="block"
              whiteSpace="nowrap"
              // a phone has room for every second one
              visibility={{ base: i % 2 === 0 ? 'hidden' : 'visible', md: 'visible' }}
              marginX={{ base: '-3', md: '0' }}
            >
              {dayAndMonth(w.from)}
            </chakra.span>
          </Box>
        </Box>
      ))}
    </Flex>
  )
}

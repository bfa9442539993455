import { Box, chakra, Flex } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useId, useMemo, useState } from 'react'
import { queries } from '../api'
import type { ContactBeside, ContactOfLesson, DrawnBeside, ReinBeside } from '../api'
import { useMe } from '../session'
import { clock, dayLongAt, steady, useText, wordIn } from '../text'
import type { Text } from '../text'
import { Card, CardTitle, FieldLabel, Quiet, Select, SideLetter, Trouble, Wait } from '../ui'
import { Ribbon } from './Ribbon'
import { topKg } from './source'
import type { OverviewOf, RibbonSource } from './source'

/** An earlier day of the pair beside this one: each rein of what was ridden on both, and what it looked like. */
export function Beside({ contact }: { contact: ContactOfLesson }) {
  const { t } = useText()
  const { timeZone } = useMe()
  const id = useId()
  const { earlier, recordings } = contact
  const [chosen, choose] = useState('')
  if (earlier.length === 0 || !recordings.some((r) => r.isWhole)) return null
  return (
    <Card>
      <CardTitle>{t('measured.beside.title')}</CardTitle>
      <Box maxWidth="24rem">
        <FieldLabel htmlFor={id}>{t('measured.beside.choose')}</FieldLabel>
        <Select id={id} value={chosen} onChange={(e) => choose(e.target.value)}>
          <option value="">{t('measured.beside.none')}</option>
          {earlier.map((e) => (
            <option key={e.lesson} value={e.lesson}>
              {dayLongAt(e.startedAt, timeZone)}
            </option>
          ))}
        </Select>
      </Box>
      {chosen && <Compared contact={contact} earlier={chosen} />}
    </Card>
  )
}

function Compared({ contact, earlier }: { contact: ContactOfLesson; earlier: string }) {
  const beside = useQuery(queries.contactBeside(contact.lesson.id, earlier))
  if (beside.isPending) return <Wait />
  if (beside.isError) return <Trouble cause={beside.error} onAgain={() => void beside.refetch()} />
  return <Days beside={beside.data} contact={contact} />
}

function Days({
  beside,
  contact: { band, recordings },
}: {
  beside: ContactBeside
  contact: ContactOfLesson
}) {
  const { t } = useText()
  const { timeZone } = useMe()
  const { rows, startedAt } = beside
  const then = useMemo(() => beside.recordings.map(sourceOf), [beside])
  const now = useMemo(
    () => recordings.flatMap(({ overview, ...r }) => (overview ? [sourceOf({ ...r, overview })] : [])),
    [recordings],
  )
  // one scale for both days
  const top = Math.max(...[...then, ...now].map((source) => topKg(source, band?.highKg ?? null)))
  return (
    <Box data-beside>
      {rows.length === 0 && <p>{t('measured.beside.nothing')}</p>}
      <chakra.ul listStyleType="none" marginTop="2">
        {rows.map((row) => (
          <chakra.li
            key={[row.exercise, row.gait, row.place, row.rein].join()}
            borderTopWidth="1px"
            borderColor="line"
            paddingY="2"
          >
            <chakra.span fontWeight="700">{row.exercise}</chakra.span>{' '}
            <chakra.span color="quiet">
              {wordIn(t, 'gait', row.gait)} · {t(`rein.${row.rein}`)}
            </chakra.span>
            <Flex gap={{ base: '2', md: '8' }} direction={{ base: 'column', md: 'row' }}>
              {(['left', 'right'] as const).map((side) => (
                <Rein key={side} side={side} of={row[side]} />
              ))}
            </Flex>
          </chakra.li>
        ))}
      </chakra.ul>
      <Quiet>{t('measured.beside.about')}</Quiet>
      <chakra.h3 fontWeight="700" marginTop="4">
        {t('measured.beside.drawn', { day: dayLongAt(startedAt, timeZone) })}
      </chakra.h3>
      {then.map((source, i) => (
        <Drawn key={i} source={source} band={band} top={top} />
      ))}
      <chakra.h3 fontWeight="700" marginTop="4">
        {t('measured.beside.now')}
      </chakra.h3>
      {now.map((source, i) => (
        <Drawn key={i} source={source} band={band} top={top} />
      ))}
    </Box>
  )
}

function Rein({ side, of }: { side: 'left' | 'right'; of: ReinBeside | null }) {
  const { t } = useText()
  return (
    <Flex gap="2" flex="1" align="start">
      <SideLetter side={side === 'left' ? 'LEFT' : 'RIGHT'} />
      {of === null ? (
        <Quiet>{t('measured.tooLittle')}</Quiet>
      ) : (
        <div>
          <chakra.span fontWeight={of.low > 0 || of.high < 0 ? '700' : '400'}>{inWords(t, of)}</chakra.span>
          <Quiet>
            {t('measured.beside.from', { then: steady(of.earlierKg, 1), now: steady(of.laterKg, 1) })}
          </Quiet>
        </div>
      )}
    </Flex>
  )
}

function inWords(t: Text, { earlierKg, laterKg, low, high }: ReinBeside): string {
  const by = laterKg - earlierKg
  if (low > 0)
    return t('measured.beside.heavier', { kg: steady(by, 1), low: steady(low, 1), high: steady(high, 1) })
  if (high < 0) {
    return t('measured.beside.lighter', { kg: steady(-by, 1), low: steady(-high, 1), high: steady(-low, 1) })
  }
  return t('measured.beside.same', { low: steady(low, 1), high: steady(high, 1) })
}

interface DrawnProps {
  source: RibbonSource
  band: ContactOfLesson['band']
  top: number
}

function Drawn({ source, band, top }: DrawnProps) {
  const { t } = useText()
  return (
    <Ribbon
      source={source}
      band={band}
      spans={NONE}
      top={top}
      label={t('measured.drawing', { time: clock(source.seconds * 1000), count: 0 })}
    />
  )
}

const NONE: never[] = []
const NO_MINUTES = new Map<number, never>()

/** Of a whole recording from further off; single beats are seen above. */
function sourceOf({
  seconds,
  rateHz,
  overview,
}: Pick<DrawnBeside, 'seconds' | 'rateHz'> & { overview: OverviewOf }) {
  return { seconds, rateHz, overview, minutes: NO_MINUTES }
}

import { Box, chakra, Flex } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useId, useMemo, useState } from 'react'
import { queries } from '../api'
import type { ContactOfLesson, ReinBeside, DrawnBeside } from '../api'
import { useMe } from '../session'
import { clock, dayLongAt, steady, useText, wordIn } from '../text'
import type { Text } from '../text'
import { Card, CardTitle, FieldLabel, Quiet, Select, SideLetter, Trouble, Wait } from '../ui'
import { Ribbon } from './Ribbon'
import type { RibbonSource } from './source'

/** An earlier day of the pair beside this one: each rein of what was ridden on both, and what it looked like. */
export function Beside({ contact }: { contact: ContactOfLesson }) {
  const { t } = useText()
  const { timeZone } = useMe()
  const id = useId()
  const { lesson, earlier, recordings } = contact
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
      {chosen && <Compared lesson={lesson.id} earlier={chosen} band={contact.band} />}
    </Card>
  )
}

interface ComparedProps {
  lesson: string
  earlier: string
  band: ContactOfLesson['band']
}

function Compared({ lesson, earlier, band }: ComparedProps) {
  const { t } = useText()
  const { timeZone } = useMe()
  const beside = useQuery(queries.contactBeside(lesson, earlier))
  if (beside.isPending) return <Wait />
  if (beside.isError) return <Trouble cause={beside.error} onAgain={() => void beside.refetch()} />
  const { rows, recordings, startedAt } = beside.data
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
      {recordings.map((drawn, i) => (
        <Box key={i} marginTop="4">
          <chakra.h3 fontWeight="700">
            {t('measured.beside.drawn', { day: dayLongAt(startedAt, timeZone) })}
          </chakra.h3>
          <Drawn of={drawn} band={band} />
        </Box>
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

const NO_MINUTES = new Map<number, never>()

function Drawn({ of, band }: { of: DrawnBeside; band: ContactOfLesson['band'] }) {
  const { t } = useText()
  const source = useMemo<RibbonSource>(
    () => ({ seconds: of.seconds, rateHz: of.rateHz, overview: of.overview, minutes: NO_MINUTES }),
    [of],
  )
  return (
    <Ribbon
      source={source}
      band={band}
      spans={[]}
      label={t('measured.drawing', { time: clock(of.seconds * 1000), count: 0 })}
    />
  )
}

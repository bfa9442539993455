import { chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { queries } from '../api'
import { useMe } from '../session'
import { dayLongAt, useText } from '../text'

/** The way to what the coach shows of the last lessons; nothing where there is none, or no network. */
export function FromLessons() {
  const { t } = useText()
  const { timeZone } = useMe()
  const pages = useQuery(queries.riderPages())
  return pages.data?.pages.map((p) => (
    <Line key={p.lesson} to={`/lessons/${p.lesson}/for-rider`} data-rider-line>
      {t(p.wordBy === null ? 'forRider.line' : 'forRider.lineAnswered', {
        horse: p.horse,
        day: dayLongAt(p.at, timeZone),
        by: p.wordBy,
      })}
    </Line>
  ))
}

const Line = chakra(Link, {
  base: {
    display: 'flex',
    alignItems: 'center',
    minHeight: 'touch',
    marginBottom: '3',
    fontWeight: '650',
    textDecoration: 'underline',
    textUnderlineOffset: '3px',
  },
})

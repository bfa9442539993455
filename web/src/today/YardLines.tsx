import { Box, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { Hourglass, LifeBuoy, Minus } from 'lucide-react'
import type { LucideIcon } from 'lucide-react'
import { Link } from 'react-router'
import { queries } from '../api'
import type { Attention } from '../api'
import { useMe } from '../session'
import { dayShort, sideIn, useText, wordIn } from '../text'

/** Who wants a thought, a line each: who needs help, whose work stands still, who has gone quiet. Below all keys: it comes late. */
export function YardLines() {
  const { t } = useText()
  const { timeZone } = useMe()
  const attention = useQuery(queries.attention())
  if (!attention.data) return null
  const { needsHelp, standsStill, quiet } = attention.data
  if (needsHelp.length + standsStill.length + quiet.length === 0) return null
  return (
    <Box as="section" marginTop="10" aria-labelledby="yard-lines">
      <chakra.h2 id="yard-lines" fontSize="lg" fontWeight="700" marginBottom="2">
        {t('attention.title')}
      </chakra.h2>
      <chakra.ul listStyleType="none">
        {needsHelp.map(({ of, name, gait, since }) => (
          <Line key={of.pair + name + gait} of={of} sign={LifeBuoy}>
            {t('attention.needsHelp', {
              ...of,
              name,
              gait: wordIn(t, 'gait', gait),
              day: dayShort(since, timeZone),
            })}
          </Line>
        ))}
        {standsStill.map(({ of, name, gait, works, side, lessons }) => (
          <Line key={of.pair + name + gait + side} of={of} sign={Minus}>
            {t(side === 'NONE' ? 'attention.still' : 'attention.stillSide', {
              ...of,
              name,
              gait: wordIn(t, 'gait', gait),
              side: sideIn(t, works, side),
              count: lessons,
            })}
          </Line>
        ))}
        {quiet.map(({ of, lastLessonAt }) => (
          <Line key={of.pair} of={of} sign={Hourglass}>
            {t('attention.quiet', { ...of, day: dayShort(lastLessonAt, timeZone) })}
          </Line>
        ))}
      </chakra.ul>
    </Box>
  )
}

interface LineProps {
  of: Attention['quiet'][number]['of']
  sign: LucideIcon
  children: string
}

function Line({ of, sign: Sign, children }: LineProps) {
  return (
    <li>
      <LineLink to={`/pairs/${of.pair}`}>
        <chakra.span color="quiet" flexShrink="0">
          <Sign size={18} aria-hidden />
        </chakra.span>
        {children}
      </LineLink>
    </li>
  )
}

const LineLink = chakra(Link, {
  base: { display: 'flex', gap: '3', alignItems: 'center', minHeight: 'touch', paddingY: '2' },
})

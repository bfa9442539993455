import { chakra, Flex } from '@chakra-ui/react'
import { Flag, OctagonAlert } from 'lucide-react'
import type { Debrief } from '../api'
import { useText, wordIn } from '../text'

/** Ridden on no longer than this, the lesson did stop there. */
const STOPPED_MINUTES = 2

/** When the lesson could have stopped, why, and how long it went on. */
export function StopLines({ stops }: { stops: Debrief['stops'] }) {
  const { t } = useText()
  if (stops.length === 0) return null
  return (
    <chakra.ul listStyleType="none" display="grid" gap="1">
      {stops.map(({ rule, advice, workedMinutes, riddenOnMinutes }) => (
        <Flex as="li" key={rule} gap="2" align="baseline">
          <chakra.span
            flexShrink={0}
            transform="translateY(3px)"
            color={advice === 'STOP' ? 'warn' : 'quiet'}
          >
            {advice === 'STOP' ? <OctagonAlert size={18} aria-hidden /> : <Flag size={18} aria-hidden />}
          </chakra.span>
          <span>
            {wordIn(t, 'stopAt', rule, { minutes: workedMinutes })}{' '}
            {riddenOnMinutes <= STOPPED_MINUTES
              ? t('stopAt.stopped')
              : t('stopAt.riddenOn', { count: riddenOnMinutes })}
          </span>
        </Flex>
      ))}
    </chakra.ul>
  )
}

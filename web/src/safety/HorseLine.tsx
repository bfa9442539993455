import { Box, chakra } from '@chakra-ui/react'
import { OctagonAlert, ShieldAlert } from 'lucide-react'
import { useMe } from '../session'
import { dayShort, useText } from '../text'
import { WarnBox } from '../ui'
import type { HorseNow, HorseKey } from './now'
import { useSafety } from './useSafety'
import { limitsInWords, signsInWords, statusKey } from './words'

/** On every screen of a horse that is not simply ridden: paused, its day over, or cleared within limits. */
export function HorseLine({ horse }: { horse: HorseKey }) {
  const now = useSafety().horseNow(horse)
  return now ? <HorseStands now={now} /> : null
}

export function HorseStands({ now }: { now: HorseNow }) {
  const { t } = useText()
  const { timeZone } = useMe()
  const isStopped = now.isPaused || now.isDayOver
  const signs = signsInWords(t, now)
  const last = now.view?.answers.at(-1)
  return (
    <WarnBox
      role="status"
      data-horse-stands={statusKey(now)}
      marginBottom="4"
      borderRadius="card"
      borderWidth={isStopped ? '3px' : '2px'}
      icon={isStopped ? <OctagonAlert size={28} aria-hidden /> : <ShieldAlert size={26} aria-hidden />}
    >
      <Box flex="1" minWidth="0">
        <chakra.p fontSize="lg" fontWeight="760" lineHeight="1.2">
          {t(`safety.status.${statusKey(now)}`, { horse: now.name })}
          {signs && `: ${signs}`}
        </chakra.p>
        <p>
          {t(`safety.means.${statusKey(now)}`, { horse: now.name, limits: limitsInWords(t, now, timeZone) })}
        </p>
        {last && (
          <chakra.p color="quiet" fontSize="sm">
            {t(`pauseAnswer.said.${last.kind}`, {
              whom: last.whom && t(`whom.${last.whom}`),
              name: last.name,
              day: last.onDay && dayShort(last.onDay, 'UTC'),
              by: last.by,
              at: dayShort(last.at, timeZone),
            })}
            {last.words && ` “${last.words}”`}
          </chakra.p>
        )}
      </Box>
    </WarnBox>
  )
}

/** In a list: one word beside the name. */
export function StandsMark({ now }: { now: HorseNow }) {
  const { t } = useText()
  const isStopped = now.isPaused || now.isDayOver
  return (
    <chakra.span
      display="inline-flex"
      alignItems="center"
      gap="1"
      marginLeft="2"
      paddingX="2"
      borderRadius="key"
      borderWidth="2px"
      borderColor="warn"
      background="warnSoft"
      fontFamily="body"
      fontSize="sm"
      fontWeight="720"
      verticalAlign="middle"
    >
      {isStopped ? <OctagonAlert size={16} aria-hidden /> : <ShieldAlert size={16} aria-hidden />}
      {t(`safety.mark.${statusKey(now)}`)}
    </chakra.span>
  )
}

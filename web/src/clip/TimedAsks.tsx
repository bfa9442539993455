import { chakra, Flex } from '@chakra-ui/react'
import { Spoken } from '../capture'
import type { Exchange, Ride } from '../record'
import { useText } from '../text'
import type { Text } from '../text'
import { Quiet } from '../ui'
import type { Clip } from './clips'
import { momentIn } from './PlayKeys'
import { answerOf, releaseOf, TOUCH_LATE_MS, waitOf } from './timings'
import type { TimedAsk } from './timings'
import { seconds } from './TimingLines'

interface TimedAsksProps {
  clip: Clip
  ride: Ride
  /** The ask that is timed now. */
  current: string | undefined
  exerciseName: (exercise: string) => string
  /** The picture goes to it, and its moments can be marked. */
  onChoose: (ask: string, atMs: number) => void
}

/** All that was asked while the clip was filmed: with its moments, or as it was touched while riding. */
export function TimedAsks({ clip, ride, current, exerciseName, onChoose }: TimedAsksProps) {
  const { t } = useText()
  const timed = new Map(clip.timing.asks.map((a) => [a.id, a]))
  const asks = ride.exchanges
    .flatMap((ask) => {
      const at = timed.get(ask.id)?.answerMs ?? touchedAt(ask, clip)
      return at === undefined ? [] : [{ ask, at, timing: timed.get(ask.id) }]
    })
    .sort((a, b) => a.at - b.at)
  const untimed = asks.filter((a) => !a.timing).length
  return (
    <>
      {asks.length === 0 && <Quiet>{t('clip.pad.none')}</Quiet>}
      {untimed > 0 && <Quiet>{t('clip.pad.live', { count: untimed })}</Quiet>}
      <chakra.ul listStyleType="none" marginTop="1" data-asks>
        {asks.map(({ ask, at, timing }) => (
          <chakra.li key={ask.id} borderTopWidth="1px" borderColor="line">
            <chakra.button
              width="full"
              minHeight="touch"
              paddingY="1"
              textAlign="start"
              cursor="pointer"
              borderLeftWidth="4px"
              borderColor={ask.id === current ? 'live' : 'transparent'}
              paddingLeft="2"
              aria-pressed={ask.id === current}
              onClick={() => onChoose(ask.id, at)}
            >
              <Flex gap="2" wrap="wrap" columnGap="2">
                <chakra.span fontVariantNumeric="tabular-nums" fontWeight="650">
                  {momentIn(at)}
                </chakra.span>
                <span>
                  <Spoken said={{ kind: 'exchange', ...ask }} exerciseName={exerciseName} />
                </span>
              </Flex>
              <Quiet as="span" display="block">
                {timing ? timesInWords(t, timing) : t('clip.pad.touched')}
              </Quiet>
            </chakra.button>
          </chakra.li>
        ))}
      </chakra.ul>
    </>
  )
}

/** About where a touch of the ride lies on the clip. */
function touchedAt(ask: Exchange, { startMs, file }: Clip): number | undefined {
  if (startMs === undefined || ask.when) return undefined
  const ms = ask.atMs - TOUCH_LATE_MS - startMs
  return ms >= 0 && ms <= file.durationMs ? ms : undefined
}

/** What the moments of one ask say. */
export function timesInWords(t: Text, ask: TimedAsk): string {
  const [wait, answer, release] = [waitOf(ask), answerOf(ask), releaseOf(ask)]
  return [
    ...(answer === undefined ? [] : [t('clip.pad.after', { seconds: seconds(answer) })]),
    ...(wait === undefined ? [] : [t('clip.pad.waited', { seconds: seconds(wait) })]),
    ...(release === undefined ? [] : [t('clip.pad.letGoAfter', { seconds: seconds(release) })]),
  ].join(' · ')
}

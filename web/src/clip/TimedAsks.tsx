import { chakra, Flex } from '@chakra-ui/react'
import { useMemo } from 'react'
import { Spoken } from '../capture'
import type { Exchange, Ride } from '../record'
import { useText } from '../text'
import type { Text } from '../text'
import { Quiet } from '../ui'
import type { Clip } from './clips'
import { momentIn } from './PlayKeys'
import type { Player } from './player'
import { useWhere } from './usePlaying'
import { answerOf, releaseOf, TOUCH_LATE_MS, waitOf } from './timings'
import type { TimedAsk } from './timings'
import { seconds } from './TimingLines'

interface TimedAsksProps {
  clip: Clip
  player: Player
  ride: Ride
  /** The ask that is timed now. */
  current: string | undefined
  exerciseName: (exercise: string) => string
  /** The picture goes to it, and its moments can be marked. */
  onChoose: (ask: string, atMs: number) => void
}

/** More than these are not shown at once. */
const MOST_SHOWN = 60

/** Those of this stretch of the clip, and of the one before and after it. */
const NEAR_MS = 20_000

/** All that was asked while the clip was filmed: with its moments, or as it was touched while riding. */
export function TimedAsks({ clip, player, ride, current, exerciseName, onChoose }: TimedAsksProps) {
  const { t } = useText()
  const near = useWhere(player, (atMs) => Math.floor(atMs / NEAR_MS))
  const asks = useMemo(() => asksOn(clip, ride), [clip, ride])
  const untimed = useMemo(() => asks.filter((a) => !a.timing).length, [asks])
  // of three quarters of an hour those round the frame are of use
  const shown =
    asks.length <= MOST_SHOWN
      ? asks
      : asks.filter(({ ask, at }) => ask.id === current || Math.abs(at / NEAR_MS - near - 0.5) < 1.5)
  return (
    <>
      {asks.length === 0 && <Quiet>{t('clip.pad.none')}</Quiet>}
      {untimed > 0 && <Quiet>{t('clip.pad.live', { count: untimed })}</Quiet>}
      {shown.length < asks.length && <Quiet>{t('clip.pad.near', { count: asks.length })}</Quiet>}
      <chakra.ul listStyleType="none" marginTop="1" data-asks>
        {shown.map(({ ask, at, timing }) => (
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

function asksOn(clip: Clip, ride: Ride) {
  const timed = new Map(clip.timing.asks.map((a) => [a.id, a]))
  return ride.exchanges
    .flatMap((ask) => {
      const timing = timed.get(ask.id)
      const at = timing?.answerMs ?? touchedAt(ask, clip)
      return at === undefined ? [] : [{ ask, at, timing }]
    })
    .sort((a, b) => a.at - b.at)
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

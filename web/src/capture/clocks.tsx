import { chakra, Flex } from '@chakra-ui/react'
import { memo } from 'react'
import type { Ride, Segment } from '../record'
import { clock, useText } from '../text'
import type { OneSide } from '../ui'
import { ReinClock, useNow } from '../ui'

interface Running {
  /** Null before it began. */
  fromMs: number | null
  offsetMs: number
}

interface LessonTimeProps extends Running {
  /** When what is ridden now was begun; null while nothing is. */
  hereFromMs: number | null
}

/** How long the lesson has run, and what is ridden now. */
export const LessonTime = memo(function LessonTime({ fromMs, hereFromMs, offsetMs }: LessonTimeProps) {
  const { t } = useText()
  const nowMs = useNow(offsetMs)
  return (
    <Flex direction="column" align="flex-end" lineHeight="1.15" fontVariantNumeric="tabular-nums">
      <chakra.span fontFamily="heading" fontSize="xl" role="timer">
        {clock(nowMs - (fromMs ?? nowMs))}
      </chakra.span>
      {hereFromMs !== null && (
        <chakra.span fontSize="sm" color="quiet" whiteSpace="nowrap">
          {t('ride.here', { time: clock(Math.max(0, nowMs - hereFromMs)) })}
        </chakra.span>
      )}
    </Flex>
  )
})

/** How long the horse has rested. */
export const RestTime = memo(function RestTime({ fromMs, offsetMs }: Running) {
  const { t } = useText()
  const nowMs = useNow(offsetMs)
  return <RestLine role="status">{t('ride.resting', { time: clock(nowMs - (fromMs ?? nowMs)) })}</RestLine>
})

interface ReinTimeProps {
  ridden: Ride['reinMs']
  now: Pick<Segment, 'rein' | 'atMs' | 'endMs'>
  offsetMs: number
}

/** Time on each rein, the one ridden now running. */
export function ReinTime({ ridden, now, offsetMs }: ReinTimeProps) {
  const nowMs = useNow(offsetMs)
  return (
    <ReinClock
      leftMs={onRein('LEFT', ridden, now, nowMs)}
      rightMs={onRein('RIGHT', ridden, now, nowMs)}
      now={now.rein === 'NONE' ? null : now.rein}
    />
  )
}

/** Time on one rein, for its own key. */
export function OneReinTime({ rein, ridden, now, offsetMs }: ReinTimeProps & { rein: OneSide }) {
  return <>{clock(onRein(rein, ridden, now, useNow(offsetMs)))}</>
}

function onRein(rein: OneSide, ridden: Ride['reinMs'], now: ReinTimeProps['now'], nowMs: number): number {
  return ridden[rein] + (now.rein === rein && now.endMs === null ? Math.max(0, nowMs - now.atMs) : 0)
}

const RestLine = chakra('p', {
  base: {
    background: 'goodSoft',
    borderRadius: 'key',
    paddingX: '3',
    paddingY: '1.5',
    fontWeight: '720',
    // two lines on a phone are no higher than the head: the keys below do not move
    fontSize: { base: 'sm', lg: 'md' },
    lineHeight: { base: '1.1', lg: '1.4' },
  },
})

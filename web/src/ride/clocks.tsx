import { chakra } from '@chakra-ui/react'
import { memo } from 'react'
import { useTranslation } from 'react-i18next'
import type { Ride, Segment } from '../record'
import { clock } from '../text/format'
import { ReinClock } from './ReinClock'
import { useNow } from './useNow'

interface Running {
  /** Null before it began. */
  fromMs: number | null
  offsetMs: number
}

/** How long the lesson has run. */
export const LessonTime = memo(function LessonTime({ fromMs, offsetMs }: Running) {
  const nowMs = useNow(offsetMs)
  return (
    <chakra.span fontFamily="heading" fontSize="xl" fontVariantNumeric="tabular-nums" role="timer">
      {clock(nowMs - (fromMs ?? nowMs))}
    </chakra.span>
  )
})

/** How long the horse has rested. */
export const RestTime = memo(function RestTime({ fromMs, offsetMs }: Running) {
  const { t } = useTranslation()
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
  const of = (rein: 'LEFT' | 'RIGHT') =>
    ridden[rein] + (now.rein === rein && now.endMs === null ? Math.max(0, nowMs - now.atMs) : 0)
  return <ReinClock leftMs={of('LEFT')} rightMs={of('RIGHT')} now={now.rein === 'NONE' ? null : now.rein} />
}

const RestLine = chakra('p', {
  base: { background: 'goodSoft', borderRadius: 'key', paddingX: '3', paddingY: '1.5', fontWeight: '720' },
})

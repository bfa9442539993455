import { chakra, Grid } from '@chakra-ui/react'
import { Play, Square } from 'lucide-react'
import { useEffect, useState } from 'react'
import type { Packet } from '../api'
import type { Segment } from '../record'
import { clock, useText } from '../text'
import { Button } from '../ui'
import { Group } from './Group'
import type { NewMark } from './newMark'

interface MeasuredProps {
  segment: Segment
  /** Where this pair's ears are to be; null where nobody has said. */
  aim: HeadAim | null
  onSay: (said: NewMark) => void
}

export type HeadAim = NonNullable<Packet['known']['head']>

/** Ears against withers, as an eye can tell them apart. */
const HEAD_CM = [-20, -10, 0, 10, 20, 30, 40]
const STRIDES = [2, 3, 4, 5, 6, 8, 10, 12, 16, 20]
const LAPS = [0.5, 1, 1.5, 2, 3]

/** How long something was kept: from start to break in seconds, in strides, or in laps of the circle; and the head's height. */
export function Measured({ segment, aim, onSay }: MeasuredProps) {
  const { t } = useText()
  return (
    <chakra.div
      display="grid"
      gridTemplateColumns="minmax(0, 1fr)"
      gap="4"
      overflowY="auto"
      alignContent="start"
    >
      <Group name={t('see.keptFor')}>
        <Stopwatch onStop={(seconds) => onSay({ kind: 'held', unit: 'SECONDS', amount: seconds })} />
      </Group>
      <Group name={t('see.keptStrides')}>
        <Grid templateColumns="repeat(5, minmax(0, 1fr))" gap="1.5">
          {STRIDES.map((n) => (
            <Button
              key={n}
              minHeight="52px"
              aria-label={`${String(n)} ${t('pair.holdUnit.STRIDES')}`}
              onClick={() => onSay({ kind: 'held', unit: 'STRIDES', amount: n })}
            >
              {n}
            </Button>
          ))}
        </Grid>
      </Group>
      {segment.circleM !== undefined && (
        <Group name={t('see.keptLaps', { metres: segment.circleM })}>
          <Grid templateColumns="repeat(5, minmax(0, 1fr))" gap="1.5">
            {LAPS.map((laps) => {
              const metres = lapMetres(laps, segment.circleM ?? 0)
              return (
                <Button
                  key={laps}
                  minHeight="52px"
                  paddingX="1"
                  lineHeight="1.1"
                  onClick={() => onSay({ kind: 'held', unit: 'METRES', amount: metres })}
                >
                  <span>
                    {laps}{' '}
                    <chakra.span display="block" fontSize="sm" fontWeight="500">
                      {t('figure.metres', { metres })}
                    </chakra.span>
                  </span>
                </Button>
              )
            })}
          </Grid>
        </Group>
      )}
      <Group name={aim ? t('see.headAim', { least: aim.leastCm, most: aim.mostCm }) : t('see.head')}>
        <Grid templateColumns="repeat(7, minmax(0, 1fr))" gap="1.5">
          {HEAD_CM.map((cm) => (
            <Button
              key={cm}
              minHeight="52px"
              paddingX="0"
              fontSize="sm"
              aria-label={t('see.headAt', { cm })}
              onClick={() => onSay({ kind: 'head', cm })}
            >
              {cm > 0 ? `+${String(cm)}` : cm}
            </Button>
          ))}
        </Grid>
      </Group>
    </chakra.div>
  )
}

/** Whole metres of so many laps round a circle. */
export function lapMetres(laps: number, circleM: number): number {
  return Math.round(laps * Math.PI * circleM)
}

function Stopwatch({ onStop }: { onStop: (seconds: number) => void }) {
  const { t } = useText()
  const [fromMs, setFromMs] = useState<number>()
  const [nowMs, setNowMs] = useState(0)
  useEffect(() => {
    if (fromMs === undefined) return
    const timer = setInterval(() => setNowMs(performance.now()), 250)
    return () => clearInterval(timer)
  }, [fromMs])
  const runMs = fromMs === undefined ? 0 : Math.max(0, nowMs - fromMs)
  const start = () => {
    setFromMs(performance.now())
    setNowMs(performance.now())
  }
  return fromMs === undefined ? (
    <Button look="act" width="100%" minHeight="64px" onClick={start}>
      <Play size={20} aria-hidden /> {t('see.start')}
    </Button>
  ) : (
    <Button
      look="live"
      width="100%"
      minHeight="64px"
      fontVariantNumeric="tabular-nums"
      onClick={() => onStop(Math.max(1, Math.round((performance.now() - fromMs) / 1000)))}
    >
      <Square size={20} aria-hidden /> {t('see.break', { time: clock(runMs) })}
    </Button>
  )
}

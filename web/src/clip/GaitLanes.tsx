import { chakra } from '@chakra-ui/react'
import type { Foot, Landing } from '../record'
import { useText } from '../text'
import { SIDE } from '../ui'
import type { Player } from './player'
import { usePlaying } from './usePlaying'

/** A side's two feet lie under each other: how far apart their marks stand is what is told. */
const LANES: readonly Foot[] = ['LEFT_HIND', 'LEFT_FORE', 'RIGHT_HIND', 'RIGHT_FORE']

const SHOWN_MS = 4000
const LANE = 18
const WIDTH = 600
const HEIGHT = LANE * LANES.length

/** The landings round the frame that is seen, a lane a foot. */
export function GaitLanes({ player, landings }: { player: Player; landings: readonly Landing[] }) {
  const { t } = useText()
  const { atMs } = usePlaying(player)
  const from = atMs - SHOWN_MS / 2
  const x = (ms: number) => ((ms - from) / SHOWN_MS) * WIDTH
  return (
    <chakra.svg
      viewBox={`0 0 ${String(WIDTH)} ${String(HEIGHT)}`}
      width="full"
      role="img"
      aria-label={t('clip.lanes')}
      marginY="2"
      data-lanes
    >
      {LANES.map((foot, i) => (
        <chakra.line
          key={foot}
          x1="0"
          x2={WIDTH}
          y1={(i + 0.5) * LANE}
          y2={(i + 0.5) * LANE}
          stroke="line"
          strokeWidth="1.5"
        />
      ))}
      <chakra.line x1={WIDTH / 2} x2={WIDTH / 2} y1="0" y2={HEIGHT} stroke="ink" strokeWidth="2" />
      {landings
        .filter(({ ms }) => ms >= from && ms <= from + SHOWN_MS)
        .map(({ foot, ms }) => {
          const side = foot.startsWith('LEFT') ? 'LEFT' : 'RIGHT'
          return (
            <chakra.rect
              key={`${foot}${String(ms)}`}
              x={x(ms) - 5}
              y={(LANES.indexOf(foot) + 0.5) * LANE - 7}
              width="10"
              height="14"
              rx={side === 'LEFT' ? 2 : 5}
              fill={SIDE[side].color}
            />
          )
        })}
    </chakra.svg>
  )
}

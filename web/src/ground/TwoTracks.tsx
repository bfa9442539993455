import { chakra } from '@chakra-ui/react'
import type { ThingOnGround } from '../api'
import { HorseToScale } from '../look'
import { Halo } from './Halo'
import { pathOf } from './lines'
import type { Pose } from './lines'

interface OnTwoTracks {
  heightM: number
  y: (metres: number) => number
  isSelected: boolean
}

/** The horse at three places of its line, to scale, parallel to the long side. */
export function Sideways({
  line,
  heightM,
  y,
  isSelected,
}: OnTwoTracks & { line: NonNullable<ThingOnGround['sideways']> }) {
  const { from, to } = line
  const d = `M${from.x} ${y(from.y)}L${to.x} ${y(to.y)}`
  const heading = to.y >= from.y ? Math.PI / 2 : -Math.PI / 2
  return (
    <>
      <chakra.path d={d} stroke="transparent" strokeWidth="2.4" />
      <Halo isSelected={isSelected}>
        <chakra.path d={d} stroke="live" strokeWidth="1.6" opacity="0.55" />
      </Halo>
      <chakra.path d={d} stroke="ink" strokeWidth="0.4" strokeDasharray="1.2 0.5" />
      {[0.12, 0.5, 0.88].map((share) => (
        <HorseAt
          key={share}
          pose={{
            x: from.x + share * (to.x - from.x),
            y: from.y + share * (to.y - from.y),
            headingRad: heading,
          }}
          heightM={heightM}
          y={y}
        />
      ))}
    </>
  )
}

/** The forehand on its circle, the quarters on the smaller one, drawn for the first horse at the angle it goes. */
export function QuartersIn({
  quarters,
  heightM,
  y,
  isSelected,
}: OnTwoTracks & { quarters: NonNullable<ThingOnGround['quarters']> }) {
  const fore = quarters.fore[0]
  const horse = quarters.horses[0]
  if (!fore) return null
  const foreLine = pathOf(quarters.fore, y)
  const side = Math.sign(fore.sweepRad)
  const inRad =
    horse?.angleDeg != null && horse.foreToHindM !== null
      ? (horse.angleDeg * Math.PI) / 180 + Math.asin(horse.foreToHindM / (2 * fore.radiusM))
      : undefined
  return (
    <>
      <chakra.path d={foreLine} fill="none" stroke="transparent" strokeWidth="2.4" />
      <Halo isSelected={isSelected}>
        <chakra.path d={foreLine} fill="none" stroke="live" strokeWidth="1.6" opacity="0.55" />
      </Halo>
      <chakra.path d={foreLine} fill="none" stroke="ink" strokeWidth="0.4" />
      <chakra.path
        d={pathOf(quarters.hind, y)}
        fill="none"
        stroke="ink"
        strokeWidth="0.3"
        strokeDasharray="0.8 0.5"
      />
      {inRad !== undefined &&
        [0, 1, 2].map((i) => {
          const at = fore.fromRad + side * ((i * 2 * Math.PI) / 3 + 0.6)
          return (
            <HorseAt
              key={i}
              pose={{
                x: fore.centreX + fore.radiusM * Math.cos(at),
                y: fore.centreY + fore.radiusM * Math.sin(at),
                headingRad: at + side * (Math.PI / 2 - inRad),
              }}
              heightM={heightM}
              bendDeg={side * SHOWN_DEG}
              y={y}
            />
          )
        })}
    </>
  )
}

/** How far the neck of a horse on two tracks is drawn to the inside: enough to see to which. */
const SHOWN_DEG = 18

interface HorseAtProps {
  pose: Pose
  heightM: number
  bendDeg?: number
  y: (metres: number) => number
}

export function HorseAt({ pose, heightM, bendDeg = 0, y }: HorseAtProps) {
  return (
    <g
      pointerEvents="none"
      transform={`translate(${pose.x} ${y(pose.y)}) rotate(${90 - (pose.headingRad * 180) / Math.PI})`}
    >
      <HorseToScale heightM={heightM} bendDeg={bendDeg} />
    </g>
  )
}

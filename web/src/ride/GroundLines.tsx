import type { Packet } from '../api'
import { ForHorse, StandsHere } from '../ground'
import { useText } from '../text'
import { WhyBox } from '../ui'

/** The ground of this lesson for its horse: what stands, and what the exercises of the plan ask for. It needs no network. */
export function GroundLines({ packet }: { packet: Packet }) {
  const { t } = useText()
  const { stands } = packet.ground
  const { plan } = packet.plan
  // what comes twice is said once
  const blocks = plan.blocks.filter(
    (b, i) => b.ground.forHorse !== null && plan.blocks.findIndex((o) => o.of.rung === b.of.rung) === i,
  )
  const hasStands = stands !== null && stands.things.length > 0
  if (!hasStands && blocks.length === 0) return null
  return (
    <WhyBox>
      <summary>{t('ride.onGround')}</summary>
      {hasStands && <StandsHere ground={stands} />}
      <ul>
        {blocks.map((b, i) => (
          <li key={i}>
            <b>{b.of.name}</b>
            <ForHorse ground={b.ground.forHorse} horse={packet.lesson.horse} gait={b.of.gait} />
          </li>
        ))}
      </ul>
    </WhyBox>
  )
}

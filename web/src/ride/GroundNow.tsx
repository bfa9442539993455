import type { Packet } from '../api'
import { ForHorse, StandsHere } from '../ground'
import type { Segment } from '../record'

/** What the ground of what is ridden now is for this horse, and what stands. */
export function GroundNow({ packet, segment }: { packet: Packet; segment: Segment }) {
  const { stands } = packet.ground
  const block = packet.plan.plan.blocks.find(
    (b) => b.of.exercise === segment.exercise && b.of.gait === segment.gait,
  )
  return (
    <>
      {block && <ForHorse ground={block.ground.forHorse} horse={packet.lesson.horse} gait={segment.gait} />}
      {stands !== null && stands.things.length > 0 && <StandsHere ground={stands} />}
    </>
  )
}

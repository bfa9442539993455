import { chakra } from '@chakra-ui/react'
import type { StoredPacket } from '../store'
import { noteIn, useText } from '../text'

const OF_THE_DAY = new Set([
  'RIDDEN_TODAY',
  'SPARED',
  'BACK_TO_WORK',
  'WEEK_RISES',
  'ACUTE_CHRONIC',
  'SAME_WORK',
  'HARD_RESTS',
  'OUTING_EASY',
  'OUTING_TRAVEL',
  'OUTING_HALF',
  'OUTING_LESSON',
  'OUTING_COUNTS',
  'OUTING_AFTER',
])

type Packet = StoredPacket['packet']

/** What the plan says of load, of the way back to work and of what rests. */
export function notesOfDay({ plan }: Packet) {
  return plan.plan.notes.filter((n) => !n.grave && OF_THE_DAY.has(n.code))
}

/** The same in sentences, in a quiet voice; nothing where there is nothing to say. */
export function DayNotes({ packet }: { packet: Packet }) {
  const { t } = useText()
  const notes = notesOfDay(packet)
  if (notes.length === 0) return null
  return (
    <chakra.ul listStyleType="none" display="grid" gap="1">
      {notes.map((n) => (
        <li key={n.code + (n.values.rung ?? '')}>
          {noteIn(t, n, { horse: packet.lesson.horse, names: packet.strandNames })}
        </li>
      ))}
    </chakra.ul>
  )
}

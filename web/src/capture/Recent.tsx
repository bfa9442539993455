import { chakra } from '@chakra-ui/react'
import { memo } from 'react'
import type { Ride } from '../record'
import type { StoredEntry } from '../store'
import { MOMENT_KINDS } from '../recorder'
import { Spoken } from './Spoken'
import { saidNow } from './standing'

const SHOWN = 7
const SHOWN_KINDS = new Set<string>(['exchange', 'segment', 'note', 'rest', ...MOMENT_KINDS])

interface RecentProps {
  entries: StoredEntry[]
  ride: Ride
  exerciseName: (exercise: string) => string
}

/** The last touches, the newest first; what was taken back is struck through. */
export const Recent = memo(function Recent({ entries, ride, exerciseName }: RecentProps) {
  const gone = new Set(ride.voided)
  const said = entries
    .filter((e) => SHOWN_KINDS.has(e.kind))
    .sort((a, b) => b.atMs - a.atMs || b.seq - a.seq)
    .slice(0, SHOWN)
  return (
    // one for which there is no room goes into a next column, which is not seen
    <chakra.ol
      listStyleType="none"
      aria-hidden
      display="flex"
      flexFlow="column wrap"
      columnGap="4"
      height="100%"
      overflow="hidden"
    >
      {said.map((e) => (
        <chakra.li
          key={e.id}
          width="100%"
          paddingY="1"
          borderTopWidth="1px"
          borderColor="line"
          color={e.kind === 'segment' ? 'quiet' : 'ink'}
          textDecoration={gone.has(e.id) ? 'line-through' : 'none'}
        >
          <Spoken said={saidNow(ride, entries, e)} exerciseName={exerciseName} />
        </chakra.li>
      ))}
    </chakra.ol>
  )
})

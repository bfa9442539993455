import { Box, chakra } from '@chakra-ui/react'
import { useLiveQuery } from 'dexie-react-hooks'
import { DayNotes, notesOfDay } from '../plan'
import { useSafety } from '../safety'
import { useMe } from '../session'
import { shelfOf } from '../store'
import { useText } from '../text'

/** Of the lessons still to ride: which horse's last days ask for less, and why. Below the lessons: it comes when their packets do. */
export function LoadOfDay({ lessons }: { lessons: string[] }) {
  const { t } = useText()
  const { person } = useMe()
  const { horseNow } = useSafety()
  const key = lessons.join()
  const packets = useLiveQuery(
    () => shelfOf(person).packets.bulkGet(key ? key.split(',') : []),
    [person, key],
  )
  const spared = new Map(
    packets?.flatMap((kept) => {
      if (!kept || notesOfDay(kept.packet).length === 0) return []
      const { horseId, pair } = kept.packet.lesson
      // who is not ridden needs no sparing
      const now = horseNow({ horse: horseId, pair })
      return now?.isPaused || now?.isDayOver ? [] : [[horseId, kept.packet] as const]
    }),
  )
  if (spared.size === 0) return null
  return (
    <Box as="section" marginBottom="10" aria-labelledby="load-of-day">
      <chakra.h2 id="load-of-day" fontSize="lg" fontWeight="700" marginBottom="3">
        {t('today.load')}
      </chakra.h2>
      <chakra.dl display="grid" gridTemplateColumns={{ md: '10rem 1fr' }} columnGap="6" rowGap="2">
        {[...spared].map(([horse, packet]) => (
          <Box key={horse} display="contents">
            <chakra.dt fontWeight="650">{packet.lesson.horse}</chakra.dt>
            <chakra.dd color="quiet" marginBottom={{ base: '2', md: '0' }}>
              <DayNotes packet={packet} />
            </chakra.dd>
          </Box>
        ))}
      </chakra.dl>
    </Box>
  )
}

import { Box } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { queries } from '../api'
import type { ContactOfLesson } from '../api'
import type { MeasuredReins } from '../plait'
import { GAP } from '../reins'
import { useText } from '../text'
import { FoldCard, LinkButton, Quiet } from '../ui'
import { AsksLines } from './AsksLines'
import { SpansTable } from './SpansTable'
import { useOnItsWay } from './useOnItsWay'

/** What was measured in a lesson; empty while it is asked for, and where nothing was. */
export function useMeasured(lesson: string) {
  const contact = useQuery(queries.contact(lesson))
  useOnItsWay(lesson)
  return { contact: contact.data, isPending: contact.isPending }
}

/** What each exercise weighed in the hand, in the debrief; nothing where nothing was measured. */
export function ContactCard({ contact }: { contact: ContactOfLesson | undefined }) {
  const { t } = useText()
  const whole = contact?.recordings.filter((r) => r.isWhole) ?? []
  if (!contact || whole.length === 0) return null
  return (
    <FoldCard title={t('measured.key')}>
      {whole.map((recording) => (
        <Box key={recording.id}>
          <Quiet>{recording.name}</Quiet>
          <AsksLines asks={recording.asks} />
          <SpansTable spans={recording.spans} />
        </Box>
      ))}
      <LinkButton to={`/lessons/${contact.lesson.id}/contact`}>{t('measured.toRibbon')}</LinkButton>
    </FoldCard>
  )
}

/** The same for the plait's contact strand, from when its time begins. */
export function reinsFrom(contact: ContactOfLesson | undefined, began: string | null): MeasuredReins[] {
  if (!contact || began === null) return []
  return contact.recordings.flatMap(({ startedAt, overview }) =>
    overview
      ? [
          {
            fromMs: new Date(startedAt).getTime() - new Date(began).getTime(),
            pieceMs: 1000 * overview.pieceS,
            leftKg: overview.leftHigh.map(kgOf),
            rightKg: overview.rightHigh.map(kgOf),
          },
        ]
      : [],
  )
}

const kgOf = (hundredths: number) => (hundredths === GAP ? null : hundredths / 100)

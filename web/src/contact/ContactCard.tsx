import { Box, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { queries } from '../api'
import type { ContactOfLesson, FeltBefore } from '../api'
import type { MeasuredReins } from '../plait'
import { GAP } from '../reins'
import { steady, useText } from '../text'
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

interface ContactCardProps {
  contact: ContactOfLesson | undefined
  /** What the rider said before any number was shown. */
  felt: FeltBefore | null
}

/** What each exercise weighed in the hand, in the debrief; nothing where nothing was measured. */
export function ContactCard({ contact, felt }: ContactCardProps) {
  const { t } = useText()
  const whole = contact?.recordings.filter((r) => r.isWhole) ?? []
  if (!contact || whole.length === 0) return null
  return (
    <FoldCard title={t('measured.key')}>
      {whole.map((recording) => (
        <Box key={recording.id}>
          <Quiet>{recording.name}</Quiet>
          <Mostly contact={contact} mostly={recording.mostly} felt={felt} />
          <AsksLines asks={recording.asks} />
          <SpansTable spans={recording.spans} />
        </Box>
      ))}
      <LinkButton to={`/lessons/${contact.lesson.id}/contact`}>{t('measured.toRibbon')}</LinkButton>
    </FoldCard>
  )
}

interface MostlyProps {
  contact: ContactOfLesson
  mostly: ContactOfLesson['recordings'][number]['mostly']
  felt: FeltBefore | null
}

/** What the two reins mostly carried, beside what the rider had felt. */
function Mostly({ contact: { lesson }, mostly, felt }: MostlyProps) {
  const { t } = useText()
  const { leftKg, rightKg } = felt ?? { leftKg: null, rightKg: null }
  if (!mostly) return null
  const [left, right] = [steady(mostly.leftKg, 1), steady(mostly.rightKg, 1)]
  const said = [
    ...(leftKg === null ? [] : [t('riderFelt.kg.LEFT', { kg: leftKg })]),
    ...(rightKg === null ? [] : [t('riderFelt.kg.RIGHT', { kg: rightKg })]),
  ]
  return (
    <chakra.p fontWeight="650" marginY="1">
      {said.length > 0
        ? t('measured.guessed', { rider: lesson.rider, felt: said.join(', '), left, right })
        : t('measured.mostly', { left, right })}
    </chakra.p>
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

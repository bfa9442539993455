import { chakra } from '@chakra-ui/react'
import type { Packet } from '../api'
import { useText } from '../text'

/** What whoever stands beside must know of this horse before it moves; nothing where nobody has said. */
export function KnownLines({ known }: { known: Packet['known'] }) {
  const { t } = useText()
  const lines = [
    ...(known.ownGait === null ? [] : [t('ride.ownGait', { gait: known.ownGait })]),
    ...(['fears', 'sightAndHearing'] as const).flatMap((f) =>
      known[f] === null ? [] : [t(`ride.${f}`, { what: known[f] })],
    ),
    ...known.unwanted.map(({ name, sign }) =>
      sign === null ? t('ride.unwanted', { gait: name }) : t('ride.unwantedSign', { gait: name, sign }),
    ),
  ]
  if (lines.length === 0) return null
  return (
    <chakra.ul
      aria-label={t('ride.known')}
      listStyleType="none"
      borderLeftWidth="4px"
      borderColor="ink"
      paddingLeft="3"
      display="grid"
      gap="1"
    >
      {lines.map((line) => (
        <li key={line}>{line}</li>
      ))}
    </chakra.ul>
  )
}

import { Box } from '@chakra-ui/react'
import type { LessonSightings as Seen } from '../api'
import { Compared } from '../contact'
import type { Text } from '../text'
import { useText, wordIn } from '../text'
import { Quiet } from '../ui'

type Factor = Pick<Seen['compared'][number], 'name' | 'side'>

function factorInWords(t: Text, { name, side }: Factor): string {
  const felt = name.startsWith('contact-') ? name.slice('contact-'.length).toUpperCase() : undefined
  const word = felt ? t('seenIn.contact', { felt: wordIn(t, 'felt', felt) }) : wordIn(t, 'seen', name)
  return side === 'NONE' ? word : `${word} ${t(`side.${side}`)}`
}

/** What the rider did beside what the horse gave. */
export function SideBySide({ seen: { worthChecking, compared, notCompared } }: { seen: Seen }) {
  const { t } = useText()
  if (worthChecking.length + compared.length + notCompared.length === 0) return null
  return (
    <Box marginBottom="4">
      <Compared<Factor>
        {...{ worthChecking, compared, notCompared }}
        inWords={(factor) => factorInWords(t, factor)}
        said={(count) => t('seenIn.compared', { count })}
      >
        <Quiet>{t('seenIn.comparedHow')}</Quiet>
      </Compared>
    </Box>
  )
}

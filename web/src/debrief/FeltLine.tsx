import { Box, chakra } from '@chakra-ui/react'
import type { Debrief } from '../api'
import { VoiceNotes } from '../capture'
import { useText } from '../text'

/** What the rider said, as it was said, beside the numbers. */
export function FeltLine({ debrief: { lesson, after, voices } }: { debrief: Debrief }) {
  const { t } = useText()
  const spoken = voices.filter((v) => v.felt)
  if (!after.felt && spoken.length === 0) return null
  const { text, better } = after.felt ?? { text: null, better: null }
  return (
    <Box as="section" aria-label={t('riderFelt.heading', { rider: lesson.rider })} data-felt>
      {(text ?? better) && (
        <chakra.p borderLeftWidth="4px" borderColor="live" paddingLeft="3" marginBottom="2">
          {text && `“${text}” `}
          <chakra.span color="quiet">
            {better
              ? t('riderFelt.guess', { rider: lesson.rider, felt: t(`riderFelt.side.${better}`) })
              : lesson.rider}
          </chakra.span>
        </chakra.p>
      )}
      <VoiceNotes lesson={lesson.id} voices={spoken} />
    </Box>
  )
}

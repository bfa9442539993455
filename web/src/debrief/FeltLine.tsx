import { Box, chakra } from '@chakra-ui/react'
import type { Debrief } from '../api'
import { VoiceNotes } from '../capture'
import { useText } from '../text'

const NOTHING = { text: null, better: null, leftKg: null, rightKg: null }

/** What the rider said, as it was said, beside the numbers. */
export function FeltLine({ debrief: { lesson, after, voices } }: { debrief: Debrief }) {
  const { t } = useText()
  const spoken = voices.filter((v) => v.felt)
  if (!after.felt && spoken.length === 0) return null
  const { text, better, leftKg, rightKg } = after.felt ?? NOTHING
  const felt = [
    ...(better ? [t(`riderFelt.side.${better}`)] : []),
    ...(leftKg === null ? [] : [t('riderFelt.kg.LEFT', { kg: leftKg })]),
    ...(rightKg === null ? [] : [t('riderFelt.kg.RIGHT', { kg: rightKg })]),
  ]
  return (
    <Box as="section" aria-label={t('riderFelt.heading', { rider: lesson.rider })} data-felt>
      {(text !== null || felt.length > 0) && (
        <chakra.p borderLeftWidth="4px" borderColor="live" paddingLeft="3" marginBottom="2">
          {text && `“${text}” `}
          <chakra.span color="quiet">
            {felt.length > 0
              ? t('riderFelt.guess', { rider: lesson.rider, felt: felt.join(', ') })
              : lesson.rider}
          </chakra.span>
        </chakra.p>
      )}
      <VoiceNotes lesson={lesson.id} voices={spoken} />
    </Box>
  )
}

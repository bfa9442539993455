import { chakra, Flex } from '@chakra-ui/react'
import { Play } from 'lucide-react'
import { useEffect, useState } from 'react'
import { useMutation } from '@tanstack/react-query'
import { answerOf, api } from '../api'
import type { Debrief } from '../api'
import { useMe } from '../session'
import { clock, timeOfDay, useText } from '../text'
import { Button, Quiet } from '../ui'

type Voice = Debrief['voices'][number]

const OF_LESSON = '/api/v1/lessons/{id}/attachments/{sha256}'
const FOR_RIDER = '/api/v1/lessons/{id}/for-rider/voices/{sha256}'

interface VoiceNotesProps {
  lesson: string
  voices: Voice[]
  /** Read by the rider, who hears only what was chosen. */
  isRiders?: boolean
}

/** What was spoken during the lesson, each with its moment; fetched only when it is to be heard. */
export function VoiceNotes({ voices, ...rest }: VoiceNotesProps) {
  return voices.map((voice) => <VoiceNote key={voice.sha256 + voice.at} voice={voice} {...rest} />)
}

interface VoiceNoteProps extends Omit<VoiceNotesProps, 'voices'> {
  voice: Voice
}

function VoiceNote({ lesson, voice, isRiders = false }: VoiceNoteProps) {
  const { t } = useText()
  const { timeZone } = useMe()
  const [url, setUrl] = useState<string>()
  useEffect(() => (url === undefined ? undefined : () => URL.revokeObjectURL(url)), [url])
  const fetched = useMutation({
    mutationFn: async () => {
      const content: Blob = await answerOf(
        api.GET(isRiders ? FOR_RIDER : OF_LESSON, {
          params: { path: { id: lesson, sha256: voice.sha256 } },
          parseAs: 'blob',
        }),
      )
      return URL.createObjectURL(content)
    },
    onSuccess: setUrl,
  })
  const at = timeOfDay(voice.at, timeZone)
  const time = clock(voice.durationMs)
  return (
    <Flex align="center" gap="3" borderLeftWidth="4px" borderColor="live" paddingLeft="3" marginBottom="2">
      <chakra.span fontVariantNumeric="tabular-nums">{at}</chakra.span>
      {url === undefined ? (
        <Button
          aria-label={t('voice.play', { at, time })}
          disabled={fetched.isPending}
          onClick={() => fetched.mutate()}
        >
          <Play size={18} aria-hidden /> {time}
        </Button>
      ) : (
        <chakra.audio controls autoPlay src={url} maxWidth="100%" aria-label={t('voice.said', { time })} />
      )}
      {fetched.isError && <Quiet role="alert">{t('voice.gone')}</Quiet>}
    </Flex>
  )
}

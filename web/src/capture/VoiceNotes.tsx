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

/** What was spoken during the lesson, each with its moment. */
export function VoiceNotes({ lesson, voices, isRiders }: VoiceNotesProps) {
  const { timeZone } = useMe()
  return voices.map((voice) => {
    const at = timeOfDay(voice.at, timeZone)
    return (
      <Flex
        key={voice.sha256 + voice.at}
        align="center"
        gap="3"
        borderLeftWidth="4px"
        borderColor="live"
        paddingLeft="3"
        marginBottom="2"
      >
        <chakra.span fontVariantNumeric="tabular-nums">{at}</chakra.span>
        <VoiceKey lesson={lesson} voice={voice} at={at} isRiders={isRiders} />
      </Flex>
    )
  })
}

interface VoiceKeyProps {
  lesson: string
  voice: Pick<Voice, 'sha256' | 'durationMs'>
  /** When it was spoken, in words. */
  at: string
  isRiders?: boolean
}

/** Plays a spoken note; it is fetched only when it is to be heard. */
export function VoiceKey({ lesson, voice, at, isRiders = false }: VoiceKeyProps) {
  const { t } = useText()
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
  const time = clock(voice.durationMs)
  return (
    <>
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
    </>
  )
}

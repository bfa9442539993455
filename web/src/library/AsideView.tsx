import { Box, chakra, Flex } from '@chakra-ui/react'
import { ExternalLink } from 'lucide-react'
import type { Aside } from '../api'
import { useText } from '../text'

interface AsideViewProps {
  aside: Aside | null
  /** Where a part is that was chosen just now, by its digest. */
  fresh?: Record<string, string>
}

/** What the coach shows beside an exercise: picture, voice, line, link. */
export function AsideView({ aside, fresh = {} }: AsideViewProps) {
  const { t } = useText()
  if (!aside) return null
  const at = (sha256: string) => fresh[sha256] ?? `/api/v1/library/attachments/${sha256}`
  return (
    <Flex direction="column" gap="3">
      {aside.picture !== null && (
        <chakra.img
          src={at(aside.picture)}
          alt={aside.note ?? t('own.pictureOf')}
          maxHeight="320px"
          maxWidth="100%"
          width="fit-content"
          borderRadius="key"
        />
      )}
      {aside.sound !== null && (
        <chakra.audio
          controls
          preload="none"
          src={at(aside.sound)}
          maxWidth="100%"
          aria-label={t('own.sound')}
        />
      )}
      {aside.note !== null && (
        <Box borderLeftWidth="4px" borderColor="live" paddingLeft="3">
          {aside.note}
        </Box>
      )}
      {aside.link !== null && (
        <chakra.a
          href={aside.link}
          target="_blank"
          rel="noopener noreferrer"
          textDecoration="underline"
          display="inline-flex"
          alignItems="center"
          gap="2"
          minHeight="touch"
        >
          <ExternalLink size={18} aria-hidden /> {t('own.openLink', { host: hostOf(aside.link) })}
        </chakra.a>
      )}
    </Flex>
  )
}

function hostOf(link: string): string {
  return URL.canParse(link) ? new URL(link).host : link
}

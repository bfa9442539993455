import { Box, chakra, Flex } from '@chakra-ui/react'
import { useMutation } from '@tanstack/react-query'
import { Camera, Trash2 } from 'lucide-react'
import type { Aside } from '../api'
import { NoteKey, resized } from '../capture'
import { useText } from '../text'
import { Button, Field, Trouble } from '../ui'
import { AsideView } from './AsideView'
import { attach } from './attach'

/** Whether a link leads to a page that can be opened safely; none is as good. */
export function isSafe({ link }: Aside): boolean {
  return link === null || /^https:\/\/[^\s"<>]+$/.test(link)
}

export const NO_ASIDE: Aside = { note: null, link: null, picture: null, sound: null }

interface AsideFieldsProps {
  aside: Aside
  onChange: (aside: Aside) => void
  /** What was chosen here and is not shown by the server yet, by its digest. */
  fresh: Record<string, string>
  onFresh: (sha256: string, url: string) => void
}

/** A picture from the camera, a held note, a line or a link, shown wherever the exercise is used. */
export function AsideFields({ aside, onChange, fresh, onFresh }: AsideFieldsProps) {
  const { t } = useText()
  const keep = useMutation({
    mutationFn: async ({ what, content, type }: NewPart) => {
      const bytes = content instanceof Blob ? await resized(content) : content
      const sha256 = await attach(bytes)
      onFresh(sha256, URL.createObjectURL(new Blob([bytes], { type })))
      return { [what]: sha256 }
    },
    onSuccess: (part) => onChange({ ...aside, ...part }),
  })
  return (
    <Flex direction="column" gap="3">
      <Flex gap="2" wrap="wrap" align="center">
        <PictureKey
          isBusy={keep.isPending}
          onPicture={(content) => keep.mutate({ what: 'picture', content, type: 'image/jpeg' })}
        />
        <NoteKey
          maySpeak
          onWrite={() => document.getElementById('aside-note')?.focus()}
          onSpeak={({ content, type }) => keep.mutate({ what: 'sound', content, type })}
        />
        {(aside.picture !== null || aside.sound !== null) && (
          <Button onClick={() => onChange({ ...aside, picture: null, sound: null })}>
            <Trash2 size={18} aria-hidden /> {t('own.takeAway')}
          </Button>
        )}
      </Flex>
      {keep.isError && <Trouble cause={keep.error} />}
      <AsideView aside={{ ...aside, note: null, link: null }} fresh={fresh} />
      <Field
        id="aside-note"
        label={t('own.note')}
        value={aside.note ?? ''}
        maxLength={300}
        onChange={(e) => onChange({ ...aside, note: e.target.value || null })}
      />
      <Field
        type="url"
        label={t('own.link')}
        placeholder={t('own.linkHint')}
        value={aside.link ?? ''}
        maxLength={500}
        onChange={(e) => onChange({ ...aside, link: e.target.value.trim() || null })}
        {...(!isSafe(aside) && { issue: t('own.missing.link') })}
      />
    </Flex>
  )
}

interface NewPart {
  what: 'picture' | 'sound'
  content: Blob | Uint8Array<ArrayBuffer>
  type: string
}

function PictureKey({ isBusy, onPicture }: { isBusy: boolean; onPicture: (file: File) => void }) {
  const { t } = useText()
  return (
    <Box position="relative">
      <Button asChild aria-disabled={isBusy}>
        <label>
          <Camera size={20} aria-hidden /> {t('own.picture')}
          <HiddenFile
            type="file"
            accept="image/*"
            capture="environment"
            onChange={(e) => {
              const [file] = e.target.files ?? []
              if (file) onPicture(file)
              e.target.value = ''
            }}
          />
        </label>
      </Button>
    </Box>
  )
}

const HiddenFile = chakra('input', {
  base: { position: 'absolute', inset: '0', opacity: 0, cursor: 'pointer', width: 'full' },
})

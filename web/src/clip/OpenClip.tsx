import { chakra, Flex } from '@chakra-ui/react'
import { TriangleAlert } from 'lucide-react'
import { useState } from 'react'
import type { ClipFile } from '../record'
import { clock, useText } from '../text'
import { Button, Card, CardTitle, Quiet, WarnBox } from '../ui'
import { ChooseVideo } from './ChooseVideo'
import { fitOf } from './clipFile'
import type { ClipToWatch } from './clips'
import { openFile } from './openFile'
import type { NotOpened, OpenedFile } from './openFile'

interface OpenClipProps {
  clips: readonly ClipToWatch[]
  /** A video of this lesson. */
  onOpen: (clip: string, opened: OpenedFile) => void
  /** One that nobody has looked at here, or a copy of one that somebody has; left out for those who only watch what was looked at. */
  onNew?: (opened: OpenedFile, copyOf?: string) => void
}

type Trouble =
  | { is: 'NOT_OPENED'; why: NotOpened; name: string }
  /** Not the video that was looked for. */
  | { is: 'WRONG'; clip: ClipToWatch; file: ClipFile }

/** A video of this device is opened, or found again. It stays where it is. */
export function OpenClip({ clips, onOpen, onNew }: OpenClipProps) {
  const { t } = useText()
  const [trouble, setTrouble] = useState<Trouble>()
  const [asked, setAsked] = useState<{ opened: OpenedFile; of: ClipToWatch }>()
  const [isReading, setReading] = useState(false)
  const leaveAsked = () => {
    if (asked) URL.revokeObjectURL(asked.opened.url)
    setAsked(undefined)
  }
  const choose = async (file: File, wanted?: ClipToWatch) => {
    setTrouble(undefined)
    leaveAsked()
    setReading(true)
    const opened = await openFile(file)
    setReading(false)
    if (typeof opened === 'string') {
      setTrouble({ is: 'NOT_OPENED', why: opened, name: file.name })
      return
    }
    const fit = (clip: ClipToWatch) => fitOf(opened.file, [clip.file, ...clip.copies])
    const same = clips.find((clip) => fit(clip) === 'same')
    const perhaps = (wanted ? [wanted] : clips).find((clip) => fit(clip) === 'perhaps')
    if (same && (!wanted || wanted.id === same.id)) onOpen(same.id, opened)
    else if (perhaps) setAsked({ opened, of: perhaps })
    else if (wanted) {
      URL.revokeObjectURL(opened.url)
      setTrouble({ is: 'WRONG', clip: wanted, file: opened.file })
    } else onNew?.(opened)
  }
  const isSame = ({ opened, of }: { opened: OpenedFile; of: ClipToWatch }) => {
    if (onNew) onNew(opened, of.id)
    else onOpen(of.id, opened)
  }
  return (
    <Card data-open-clip>
      <CardTitle>
        {t(!onNew ? 'clip.watch' : clips.length === 0 ? 'clip.openFirst' : 'clip.openAgain')}
      </CardTitle>
      <Quiet>{t(onNew ? 'clip.stays' : 'clip.staysRider')}</Quiet>
      <chakra.ul listStyleType="none" marginY="2">
        {clips.map((clip) => (
          <chakra.li
            key={clip.id}
            borderTopWidth="1px"
            borderColor="line"
            paddingY="2"
            display="flex"
            gap="3"
            alignItems="center"
            justifyContent="space-between"
            flexWrap="wrap"
          >
            <chakra.span css={{ overflowWrap: 'anywhere' }}>
              <chakra.span fontWeight="700">{clip.file.fileName}</chakra.span> · {clock(clip.file.durationMs)}{' '}
              · {t('clip.count', { count: clip.comments.length })}
            </chakra.span>
            <ChooseVideo
              label={t('clip.find')}
              named={t('clip.findOf', { name: clip.file.fileName })}
              onFile={(f) => void choose(f, clip)}
            />
          </chakra.li>
        ))}
      </chakra.ul>
      {onNew && (
        <ChooseVideo label={t('clip.choose')} isFirst={clips.length === 0} onFile={(f) => void choose(f)} />
      )}
      <div role="status">{isReading && t('clip.reading')}</div>
      {asked && (
        <WarnBox icon={<TriangleAlert size={22} aria-hidden />} marginTop="3">
          <p>
            {t('clip.sameOne', { name: asked.of.file.fileName, length: clock(asked.of.file.durationMs) })}
          </p>
          <Flex gap="2" marginTop="2" wrap="wrap">
            <Button look="act" onClick={() => isSame(asked)}>
              {t('clip.isSame')}
            </Button>
            {onNew && <Button onClick={() => onNew(asked.opened)}>{t('clip.isOther')}</Button>}
            <Button look="bare" onClick={leaveAsked}>
              {t('clip.leave')}
            </Button>
          </Flex>
        </WarnBox>
      )}
      {trouble?.is === 'NOT_OPENED' && (
        <chakra.p role="alert" marginTop="2">
          {t(`clip.notOpened.${trouble.why}`, { name: trouble.name })}
        </chakra.p>
      )}
      {trouble?.is === 'WRONG' && (
        <chakra.p role="alert" marginTop="2">
          {t('clip.wrong', {
            name: trouble.file.fileName,
            length: clock(trouble.file.durationMs),
            wanted: trouble.clip.file.fileName,
            wantedLength: clock(trouble.clip.file.durationMs),
          })}
        </chakra.p>
      )}
    </Card>
  )
}

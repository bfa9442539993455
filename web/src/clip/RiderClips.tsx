import { Box, chakra } from '@chakra-ui/react'
import { useEffect, useState } from 'react'
import type { RiderPage } from '../api'
import { useMe } from '../session'
import { useText } from '../text'
import { Button, Card, Quiet } from '../ui'
import type { ClipToWatch } from './clips'
import { CommentList } from './CommentList'
import { DrawOver } from './DrawOver'
import { OpenClip } from './OpenClip'
import type { Player } from './player'
import { Screening } from './Screening'
import { useClipKeys } from './useClipKeys'
import { useWords } from './useWords'
import type { Words } from './useWords'
import { useZoom } from './useZoom'
import { WordsLeft } from './WordsUnder'

/** What the coach said on the rider's videos: read at once, and seen on the rider's own copy where it is opened. */
export function RiderClips({ lesson, clips: shown }: Pick<RiderPage, 'lesson' | 'clips'>) {
  const { t } = useText()
  const { actions } = useMe()
  const words = useWords(lesson)
  const [open, setOpen] = useState<{ clip: string; url: string }>()
  useEffect(() => () => open && URL.revokeObjectURL(open.url), [open])
  const clips = shown.map(clipOf)
  const clip = clips.find(({ id }) => id === open?.clip)
  return (
    <Box _print={{ display: 'none' }} data-rider-clips>
      {open && clip ? (
        <Card>
          <OnOwnCopy key={open.url} clip={clip} url={open.url} lesson={lesson} words={words} />
          <Button look="bare" onClick={() => setOpen(undefined)}>
            {t('clip.close')}
          </Button>
        </Card>
      ) : (
        <>
          <OpenClip clips={clips} onOpen={(of, { url }) => setOpen({ clip: of, url })} />
          {clips.map(({ id, file, comments }) => (
            <Card key={id} marginTop="3">
              <chakra.h2 fontSize="lg" fontWeight="720" css={{ overflowWrap: 'anywhere' }}>
                {file.fileName}
              </chakra.h2>
              <CommentList comments={comments} player={null} lesson={lesson} isRiders words={words} />
            </Card>
          ))}
        </>
      )}
      {words && <WordsLeft words={words} comments={clips.flatMap((c) => c.comments)} />}
      {words && actions.includes('PRACTISE') && <Quiet marginTop="2">{t('words.coachSees')}</Quiet>}
    </Box>
  )
}

interface OnOwnCopyProps {
  clip: ClipToWatch
  url: string
  lesson: string
  words: Words | undefined
}

function OnOwnCopy({ clip, url, lesson, words }: OnOwnCopyProps) {
  const [player, setPlayer] = useState<Player | null>(null)
  const [zoom, zoomBy] = useZoom()
  useClipKeys(player, { onZoom: zoomBy })
  return (
    <>
      <Box position="sticky" top="0" zIndex="1" background="card" paddingBottom="2">
        <Screening
          clip={clip}
          url={url}
          player={player}
          zoom={zoom}
          onPlayer={setPlayer}
          onZoom={zoomBy}
          over={player && <DrawOver player={player} comments={clip.comments} zoom={zoom} />}
        />
      </Box>
      <CommentList comments={clip.comments} player={player} lesson={lesson} isRiders words={words} />
    </>
  )
}

function clipOf({ id, name, durationMs, files, comments }: RiderPage['clips'][number]): ClipToWatch {
  const file = (of: { durationMs: number; digest: string }) => ({ ...of, fileName: name, bytes: 1 })
  return {
    id,
    // all of them are looked at to know a file again; how long the clip is stands with the clip
    file: file({ durationMs, digest: '' }),
    copies: files.map(file),
    comments: comments.map(({ id: said, atMs, untilMs, text, cannotTell, film, drawing, still, spoken }) => ({
      id: said,
      atMs,
      text,
      cannotTell,
      film,
      ...(untilMs !== null && { untilMs }),
      ...(drawing && { drawing }),
      ...(still !== null && { still }),
      ...(spoken && { spoken }),
    })),
  }
}

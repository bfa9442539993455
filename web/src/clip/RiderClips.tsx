import { Box, chakra } from '@chakra-ui/react'
import { useEffect, useState } from 'react'
import type { RiderPage } from '../api'
import { useText } from '../text'
import { Button, Card } from '../ui'
import type { ClipToWatch } from './clips'
import { CommentList } from './CommentList'
import { OpenClip } from './OpenClip'
import type { Player } from './player'
import { Screening } from './Screening'
import { useClipKeys } from './useClipKeys'
import { useZoom } from './useZoom'

/** What the coach said on the rider's videos: read at once, and seen on the rider's own copy where it is opened. */
export function RiderClips({ clips: shown }: { clips: RiderPage['clips'] }) {
  const { t } = useText()
  const [open, setOpen] = useState<{ clip: string; url: string }>()
  useEffect(() => () => open && URL.revokeObjectURL(open.url), [open])
  const clips = shown.map(clipOf)
  const clip = clips.find(({ id }) => id === open?.clip)
  return (
    <Box _print={{ display: 'none' }} data-rider-clips>
      {open && clip ? (
        <Card>
          <OnOwnCopy key={open.url} clip={clip} url={open.url} />
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
              <CommentList comments={comments} player={null} />
            </Card>
          ))}
        </>
      )}
    </Box>
  )
}

function OnOwnCopy({ clip, url }: { clip: ClipToWatch; url: string }) {
  const [player, setPlayer] = useState<Player | null>(null)
  const [zoom, zoomBy] = useZoom()
  useClipKeys(player, { onZoom: zoomBy })
  return (
    <>
      <Box position="sticky" top="0" zIndex="1" background="card" paddingBottom="2">
        <Screening clip={clip} url={url} player={player} zoom={zoom} onPlayer={setPlayer} onZoom={zoomBy} />
      </Box>
      <CommentList comments={clip.comments} player={player} />
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
    comments: comments.map(({ atMs, untilMs, text }, i) => ({
      id: String(i),
      atMs,
      ...(untilMs !== null && { untilMs }),
      text,
    })),
  }
}

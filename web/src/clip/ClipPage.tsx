import { Box, chakra, Flex } from '@chakra-ui/react'
import { useEffect, useMemo, useRef, useState } from 'react'
import { flushSync } from 'react-dom'
import { useParams } from 'react-router'
import { Unreachable } from '../api'
import { detach, OutboxLine, usePacket, useRecorder } from '../recorder'
import type { Foot } from '../record'
import type { Recorder } from '../recorder'
import type { StoredPacket } from '../store'
import { clock, dayLongAt, useText } from '../text'
import { useMe } from '../session'
import { Back, Button, Quiet, Trouble, Wait } from '../ui'
import { clipsOf } from './clips'
import type { Clip } from './clips'
import { AnswerCard } from './AnswerCard'
import { Beside } from './Beside'
import { ClipPad } from './ClipPad'
import { Comments } from './Comments'
import { DrawOver } from './DrawOver'
import { FootfallsCard } from './FootfallsCard'
import { FrameCard } from './FrameCard'
import { FrameMarksOver, isAt, pointAt } from './FrameMarksOver'
import { OpenClip } from './OpenClip'
import type { OpenedFile } from './openFile'
import type { Player } from './player'
import { Screening } from './Screening'
import { StrandsBelow } from './StrandsBelow'
import { useClipKeys } from './useClipKeys'
import { useDrawing } from './useDrawing'
import { useFrameMarks } from './useFrameMarks'
import { useMarking } from './useMarking'
import { useSecondVideo } from './useSecondVideo'
import { useWords } from './useWords'
import type { Words } from './useWords'
import { useZoom } from './useZoom'
import { WordsLeft } from './WordsUnder'

/** The moment: at the table or on a sofa, a video at hand. What is seen at which second? Works with no network. */
export default function ClipPage() {
  const { id = '' } = useParams()
  const { t } = useText()
  const recorder = useRecorder(id)
  const packet = usePacket(id)
  if (packet.isError) {
    return packet.error instanceof Unreachable ? (
      <chakra.p role="alert">{t('ride.notHere')}</chakra.p>
    ) : (
      <Trouble cause={packet.error} onAgain={() => void packet.refetch()} />
    )
  }
  if (!recorder || !packet.data) return <Wait />
  return <ClipsOfLesson recorder={recorder} kept={packet.data} />
}

/** The one that is open. */
interface Open {
  clip: string
  url: string
}

function ClipsOfLesson({ recorder, kept }: { recorder: Recorder; kept: StoredPacket }) {
  const { t } = useText()
  const { timeZone } = useMe()
  const { lesson } = kept.packet
  const [open, setOpen] = useState<Open>()
  const clips = useMemo(() => clipsOf(recorder.ride), [recorder.ride])
  const words = useWords(lesson.id)
  const clip = clips.find((c) => c.id === open?.clip)
  useEffect(() => () => open && URL.revokeObjectURL(open.url), [open])
  const add = async ({ url, file }: OpenedFile, copyOf?: string) => {
    try {
      const { id } = await recorder.say({
        kind: 'time_base',
        payload: { source: 'CLIP', clip: file, ...(copyOf && { copyOf }) },
      })
      setOpen({ clip: copyOf ?? id, url })
    } catch (cause) {
      URL.revokeObjectURL(url)
      throw cause
    }
  }
  return (
    <Flex direction="column" gap={{ base: '4', md: '5' }}>
      <Box>
        <Back to={`/lessons/${lesson.id}/debrief`}>{t('measured.back')}</Back>
        <Flex columnGap="4" align="baseline" wrap="wrap">
          <chakra.h1 fontSize={open ? '2xl' : { base: '3xl', md: '4xl' }} fontWeight="770">
            {t('clip.title', { horse: lesson.horse })}
          </chakra.h1>
          <Quiet>
            {lesson.rider} · {dayLongAt(lesson.startedAt ?? lesson.plannedAt, timeZone)}
          </Quiet>
          <OutboxLine
            outbox={recorder.outbox}
            lesson={lesson.id}
            isLost={recorder.lost !== undefined}
            isShort
          />
        </Flex>
      </Box>
      {open && clip ? (
        <ClipDesk
          key={open.url}
          clip={clip}
          clips={clips}
          kept={kept}
          url={open.url}
          recorder={recorder}
          words={words}
          onClose={() => setOpen(undefined)}
        />
      ) : (
        <>
          <OpenClip
            clips={clips}
            onOpen={(of, { url }) => setOpen({ clip: of, url })}
            onNew={(opened, copyOf) => detach(add(opened, copyOf))}
          />
          {clips.map((each) => (
            <ClipWords key={each.id} clip={each} recorder={recorder} lesson={lesson.id} words={words} />
          ))}
        </>
      )}
      {words && <WordsLeft words={words} comments={clips.flatMap((c) => c.comments)} />}
      {clips.some((c) => c.comments.length > 0) && (
        <AnswerCard recorder={recorder} kept={kept} words={words} />
      )}
    </Flex>
  )
}

interface ClipWordsProps {
  clip: Clip
  recorder: Recorder
  lesson: string
  words: Words | undefined
}

/** What was said and marked can be read without the video. */
function ClipWords({ clip, recorder, lesson, words }: ClipWordsProps) {
  const marking = useMarking(clip.id, recorder, null)
  const draft = useFrameMarks(null)
  if (clip.comments.length + clip.measured.length + clip.frames.length === 0) return null
  return (
    <Box>
      <chakra.h2 fontSize="xl" fontWeight="720" css={{ overflowWrap: 'anywhere' }}>
        {clip.file.fileName}
      </chakra.h2>
      <Flex direction={{ base: 'column', lg: 'row' }} gap="4" align="start" marginTop="2">
        {clip.comments.length > 0 && (
          <Box flex="3" width="full" minWidth="0">
            <Comments clip={clip} recorder={recorder} player={null} lesson={lesson} words={words} />
          </Box>
        )}
        {clip.measured.length + clip.frames.length > 0 && (
          <Flex flex="2" width="full" minWidth="0" direction="column" gap="4">
            {clip.measured.length > 0 && (
              <FootfallsCard clip={clip} recorder={recorder} player={null} marking={marking} />
            )}
            {clip.frames.length > 0 && (
              <FrameCard
                clip={clip}
                recorder={recorder}
                player={null}
                draft={draft}
                mayKeepStills={false}
                lesson={lesson}
              />
            )}
          </Flex>
        )}
      </Flex>
    </Box>
  )
}

/** What is done with the picture. */
const WHAT = ['comments', 'pad', 'footfalls', 'frame'] as const

const KEYS = {
  comments: 'clip.comments',
  pad: 'clip.padKey',
  footfalls: 'clip.footfalls',
  frame: 'frame.key',
} as const

interface ClipDeskProps {
  clip: Clip
  clips: readonly Clip[]
  kept: StoredPacket
  url: string
  recorder: Recorder
  words: Words | undefined
  onClose: () => void
}

function ClipDesk({ clip, clips, kept, url, recorder, words, onClose }: ClipDeskProps) {
  const { t } = useText()
  const [player, setPlayer] = useState<Player | null>(null)
  const [zoom, zoomBy] = useZoom()
  const { second, close, ways } = useSecondVideo(clip, url)
  const marking = useMarking(clip.id, recorder, player)
  const draft = useFrameMarks(player)
  const drawing = useDrawing(player)
  const field = useRef<HTMLTextAreaElement>(null)
  const { mayKeepStills } = kept.packet
  // what was marked and not kept is gone on with
  const [what, setWhat] = useState<(typeof WHAT)[number]>(
    marking.landings.length > 0 ? 'footfalls' : 'comments',
  )
  const onFoot = (foot: Foot) => {
    setWhat('footfalls')
    marking.mark(foot)
  }
  const onComment = () => {
    flushSync(() => setWhat('comments'))
    field.current?.focus()
  }
  useClipKeys(
    player,
    what === 'pad'
      ? { onZoom: zoomBy, isOnPad: true }
      : { onFoot, onUndo: marking.undo, onComment, onZoom: zoomBy },
  )
  return (
    <>
      <Flex direction={{ base: 'column', lg: second ? 'column' : 'row' }} gap="4" align="start">
        <Box
          flex="3"
          width="full"
          minWidth="0"
          position={second ? 'static' : 'sticky'}
          top="0"
          zIndex="1"
          background="ground"
          paddingBottom="2"
        >
          <Screening
            clip={clip}
            url={url}
            player={player}
            zoom={zoom}
            onPlayer={setPlayer}
            onZoom={zoomBy}
            over={
              player &&
              (what === 'frame' ? (
                <FrameMarksOver draft={draft} frames={clip.frames} player={player} zoom={zoom} />
              ) : (
                <DrawOver
                  player={player}
                  comments={clip.comments}
                  zoom={zoom}
                  draft={what === 'comments' ? drawing : undefined}
                />
              ))
            }
            onTouch={(e) => {
              if (!player || what !== 'frame' || !isAt(player.now().atMs, draft.atMs)) return
              const point = pointAt(e, player)
              if (point) draft.place(point)
            }}
            beside={
              second &&
              player && (
                <Beside
                  key={second.url}
                  second={second}
                  first={player}
                  zoom={zoom}
                  onZoom={zoomBy}
                  onClose={close}
                />
              )
            }
          />
          <Box hideBelow="lg" marginTop="3">
            {ways}
            <Quiet>{t(what === 'pad' ? 'clip.keysOnPad' : 'clip.keys')}</Quiet>
          </Box>
        </Box>
        <Flex flex="2" width="full" minWidth="0" direction="column" gap="2">
          <Flex gap={{ base: '1', md: '1.5' }} role="group" aria-label={t('clip.what')}>
            {WHAT.map((each) => (
              <Button
                key={each}
                look="key"
                flex="auto"
                paddingX={{ base: '1', md: '2' }}
                aria-pressed={what === each}
                onClick={() => setWhat(each)}
              >
                {t(KEYS[each])}
              </Button>
            ))}
          </Flex>
          {what === 'comments' && (
            <Comments
              clip={clip}
              recorder={recorder}
              player={player}
              lesson={kept.lesson}
              words={words}
              draft={drawing}
              kept={kept}
              field={field}
            />
          )}
          {what === 'footfalls' && (
            <FootfallsCard clip={clip} recorder={recorder} player={player} marking={marking} />
          )}
          {what === 'frame' && (
            <FrameCard
              clip={clip}
              recorder={recorder}
              player={player}
              draft={draft}
              mayKeepStills={mayKeepStills}
              lesson={kept.lesson}
            />
          )}
          {what === 'pad' && player && (
            <ClipPad clip={clip} clips={clips} recorder={recorder} kept={kept} player={player} />
          )}
          {/* on a phone the room under the picture is the pad's */}
          <Box hideFrom="lg">{ways}</Box>
          <Flex gap="3" align="center" wrap="wrap" marginTop="2">
            <Quiet flex="1" css={{ overflowWrap: 'anywhere' }}>
              {clip.file.fileName} · {clock(clip.file.durationMs)}
            </Quiet>
            <Button look="bare" onClick={onClose}>
              {t('clip.close')}
            </Button>
          </Flex>
        </Flex>
      </Flex>
      {player && <StrandsBelow clip={clip} recorder={recorder} lesson={kept.lesson} player={player} />}
    </>
  )
}

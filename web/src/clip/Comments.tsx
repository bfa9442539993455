import { chakra, Flex } from '@chakra-ui/react'
import { Pencil } from 'lucide-react'
import { useRef, useState } from 'react'
import type { RefObject } from 'react'
import { NoteKey } from '../capture'
import { BOUNDS, SHOTS } from '../record'
import type { Shot } from '../record'
import { detach } from '../recorder'
import type { Recorder, Spoken as SpokenNote } from '../recorder'
import type { StoredPacket } from '../store'
import { clock, useText } from '../text'
import { Button, Card, CardTitle, Quiet, TextField, textOrNull, WhyBox } from '../ui'
import type { Clip } from './clips'
import { CommentList } from './CommentList'
import { momentIn } from './PlayKeys'
import type { Player } from './player'
import { keptStill, stillOf } from './still'
import type { Still } from './still'
import type { DrawingDraft } from './useDrawing'
import { usePlaying } from './usePlaying'
import { useTakeBack } from './useTakeBack'
import type { Words } from './useWords'

interface CommentsProps {
  clip: Clip
  recorder: Recorder
  /** Null while its video is not open: what was said can be read all the same. */
  player: Player | null
  lesson: string
  words?: Words
  /** What is drawn for the next one; left out where none is added. */
  draft?: DrawingDraft
  kept?: StoredPacket
  /** What it is written in. */
  field?: RefObject<HTMLTextAreaElement | null>
}

/** What is said about moments of the clip: touched, the picture goes there. */
export function Comments({ clip, recorder, player, lesson, words, draft, kept, field }: CommentsProps) {
  const { t } = useText()
  const { takeBack, line } = useTakeBack(recorder)
  return (
    <Card data-comments>
      {!player && <CardTitle>{t('clip.comments')}</CardTitle>}
      {player && draft && kept && field && (
        <NewComment clip={clip} recorder={recorder} player={player} draft={draft} kept={kept} field={field} />
      )}
      {line}
      {clip.comments.length === 0 && <Quiet>{t('clip.noComments')}</Quiet>}
      <CommentList
        comments={clip.comments}
        player={player}
        lesson={lesson}
        words={words}
        onTakeBack={takeBack}
      />
    </Card>
  )
}

interface NewCommentProps {
  clip: Clip
  recorder: Recorder
  player: Player
  draft: DrawingDraft
  kept: StoredPacket
  field: RefObject<HTMLTextAreaElement | null>
}

function NewComment({ clip, recorder, player, draft, kept, field }: NewCommentProps) {
  const { t } = useText()
  const { atMs } = usePlaying(player)
  const [text, setText] = useState('')
  const [span, setSpan] = useState<{ fromMs: number; still: Promise<Still | undefined> }>()
  const [spoken, setSpoken] = useState<SpokenNote>()
  /** It was playing when the field was touched, and goes on when that is said. */
  const wasPlaying = useRef(false)
  const { maySpeak, mayKeepStills } = kept.packet
  const { drawing } = draft
  const typed = textOrNull(text)
  const [cannotTell, setCannotTell] = useState(false)
  const [film, setFilm] = useState<readonly Shot[]>([])
  const inTheirPlace = () => {
    if (spoken) return t('clip.spokenOnly', { time: clock(spoken.durationMs) })
    // those who read it on an older device read this
    if (cannotTell) return t('film.cannotTellSaid')
    return film.length > 0 ? t('film.asked') : null
  }
  const said = typed ?? inTheirPlace()
  /** Added already, while its picture is still made. */
  const isSaying = useRef(false)
  // what is drawn belongs to its frame
  const from = drawing ? undefined : span
  const isSpan = from !== undefined && from.fromMs < atMs
  const startMs = draft.atMs ?? (isSpan ? from.fromMs : atMs)
  const say = async () => {
    if (said === null || isSaying.current) return
    isSaying.current = true
    try {
      await add(said)
    } finally {
      isSaying.current = false
    }
  }
  const add = async (words: string) => {
    const frame = mayKeepStills ? await (draft.still ?? (isSpan ? from.still : stillOf(player))) : undefined
    const still = await keptStill(frame, recorder)
    await recorder.say({
      kind: 'comment',
      payload: {
        at: { base: clip.id, ms: Math.round(startMs) },
        ...(isSpan && { untilMs: Math.round(atMs) }),
        text: words,
        ...(cannotTell && { cannotTell }),
        ...(film.length > 0 && { film: film.map((shot) => ({ shot })) }),
        ...(drawing && { drawing }),
        ...(still !== undefined && { still }),
        ...(spoken && {
          spoken: { sha256: await recorder.beside('sounds', spoken), durationMs: spoken.durationMs },
        }),
      },
    })
    setText('')
    setSpan(undefined)
    setSpoken(undefined)
    setCannotTell(false)
    setFilm([])
    draft.clear()
    field.current?.blur()
    if (wasPlaying.current && !player.now().isPlaying) player.toggle()
    wasPlaying.current = false
  }
  return (
    <chakra.form
      onSubmit={(e) => {
        e.preventDefault()
        detach(say())
      }}
    >
      <TextField
        ref={field}
        label={
          isSpan
            ? t('clip.saySpan', { from: momentIn(startMs), until: momentIn(atMs) })
            : t('clip.sayAt', { at: momentIn(startMs) })
        }
        value={text}
        maxLength={BOUNDS.comment.text.most}
        enterKeyHint="send"
        onFocus={() => {
          wasPlaying.current ||= player.now().isPlaying
          player.pause()
        }}
        onKeyDown={(e) => {
          if (e.key !== 'Enter' || e.shiftKey || e.nativeEvent.isComposing) return
          e.preventDefault()
          detach(say())
        }}
        onChange={(e) => setText(e.target.value)}
      />
      <Flex gap="2" marginTop="2" wrap="wrap" align="center">
        <Button type="submit" look="act" disabled={said === null}>
          {t('clip.say')}
        </Button>
        <Button look="key" paddingX="3" aria-pressed={draft.isOn} onClick={draft.toggle}>
          <Pencil size={18} aria-hidden /> {t('drawing.draw')}
        </Button>
        {drawing ? (
          <Button onClick={draft.undo}>{t('drawing.undo')}</Button>
        ) : (
          <Button
            aria-pressed={span !== undefined}
            onClick={() => setSpan(span ? undefined : { fromMs: atMs, still: stillOf(player) })}
          >
            {span ? t('clip.spanOff', { from: momentIn(span.fromMs) }) : t('clip.spanFrom')}
          </Button>
        )}
        {spoken ? (
          <Button onClick={() => setSpoken(undefined)}>
            {t('clip.spokenOff', { time: clock(spoken.durationMs) })}
          </Button>
        ) : (
          maySpeak && <NoteKey maySpeak onWrite={() => field.current?.focus()} onSpeak={setSpoken} />
        )}
      </Flex>
      <AskBack cannotTell={cannotTell} film={film} onCannotTell={setCannotTell} onFilm={setFilm} />
      {draft.isOn && <Quiet marginTop="2">{t('drawing.how')}</Quiet>}
      {!mayKeepStills && <Quiet marginTop="2">{t('drawing.noStills')}</Quiet>}
    </chakra.form>
  )
}

interface AskBackProps {
  cannotTell: boolean
  film: readonly Shot[]
  onCannotTell: (is: boolean) => void
  onFilm: (film: readonly Shot[]) => void
}

/** What could not be seen, and what would show it. */
function AskBack({ cannotTell, film, onCannotTell, onFilm }: AskBackProps) {
  const { t } = useText()
  const toggle = (shot: Shot) =>
    onFilm(
      film.includes(shot) ? film.filter((s) => s !== shot) : [...film, shot].slice(-BOUNDS.comment.film.most),
    )
  return (
    <WhyBox marginTop="2">
      <summary>{t('film.ask')}</summary>
      <Button
        look="key"
        width="full"
        marginTop="2"
        aria-pressed={cannotTell}
        onClick={() => onCannotTell(!cannotTell)}
      >
        {t('film.cannotTell')}
      </Button>
      <Flex gap="1.5" wrap="wrap" marginTop="2" role="group" aria-label={t('film.what')}>
        {SHOTS.map((shot) => (
          <Button
            key={shot}
            look="key"
            paddingX="2.5"
            textAlign="left"
            aria-pressed={film.includes(shot)}
            onClick={() => toggle(shot)}
          >
            {t(`shot.${shot}`)}
          </Button>
        ))}
      </Flex>
    </WhyBox>
  )
}

import { chakra } from '@chakra-ui/react'
import { Undo2 } from 'lucide-react'
import { VoiceKey } from '../capture'
import { useText } from '../text'
import { Button } from '../ui'
import type { CommentOnClip } from './clips'
import { FilmLine } from './FilmLine'
import { momentIn } from './PlayKeys'
import type { Player } from './player'
import { StillPicture } from './StillPicture'
import type { Words } from './useWords'
import { WordsUnder } from './WordsUnder'

interface CommentListProps {
  comments: readonly CommentOnClip[]
  /** Null while the video is not open: what was said can be read all the same, beside the still of its frame. */
  player: Player | null
  lesson: string
  /** Read by the rider. */
  isRiders?: boolean
  /** What is said back to them; left out where nothing is. */
  words?: Words
  /** Left out for those who only read. */
  onTakeBack?: (id: string) => void
}

/** Touched, the picture goes there. */
export function CommentList({ comments, ...others }: CommentListProps) {
  return (
    <chakra.ul listStyleType="none" marginTop="2">
      {comments.map((comment) => (
        <CommentLine key={comment.id} comment={comment} {...others} />
      ))}
    </chakra.ul>
  )
}

interface CommentLineProps extends Omit<CommentListProps, 'comments'> {
  comment: CommentOnClip
}

function CommentLine({ comment, player, lesson, isRiders = false, words, onTakeBack }: CommentLineProps) {
  const { t } = useText()
  const { id, atMs, untilMs, text, cannotTell, film, drawing, still, spoken } = comment
  const at = untilMs === undefined ? momentIn(atMs) : `${momentIn(atMs)}–${momentIn(untilMs)}`
  const go = () => {
    if (untilMs === undefined) player?.show(atMs)
    else player?.loopOver(atMs, untilMs)
  }
  return (
    <chakra.li borderTopWidth="1px" borderColor="line" paddingY="2" display="flex" gap="3" alignItems="start">
      {player ? (
        <Button look="key" onClick={go} paddingX="2.5" fontVariantNumeric="tabular-nums" flexShrink={0}>
          {at}
        </Button>
      ) : (
        <chakra.span fontWeight="720" fontVariantNumeric="tabular-nums" flexShrink={0}>
          {at}
        </chakra.span>
      )}
      <chakra.div flex="1" paddingTop={player ? '3' : '0'} css={{ overflowWrap: 'anywhere' }}>
        {text}
        <FilmLine cannotTell={cannotTell} film={film} />
        {spoken && (
          <chakra.div marginTop="1">
            <VoiceKey lesson={lesson} voice={spoken} at={at} isRiders={isRiders} />
          </chakra.div>
        )}
        {!player && still && (
          <StillPicture
            src={stillPath(lesson, still, isRiders)}
            label={t('drawing.still', { at })}
            size={drawing}
            strokes={drawing?.strokes.map((s) => s.points)}
          />
        )}
        {words && <WordsUnder words={words} comment={id} at={at} />}
      </chakra.div>
      {onTakeBack && (
        <Button look="bare" aria-label={t('clip.takeBackOf', { at })} onClick={() => onTakeBack(id)}>
          <Undo2 size={18} aria-hidden />
        </Button>
      )}
    </chakra.li>
  )
}

/** Where a still is read from: the rider sees those of what was shown. */
export function stillPath(lesson: string, sha256: string, isRiders = false): string {
  return `/api/v1/lessons/${lesson}/${isRiders ? 'for-rider/stills' : 'attachments'}/${sha256}`
}

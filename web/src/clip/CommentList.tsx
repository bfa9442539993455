import { chakra } from '@chakra-ui/react'
import { Undo2 } from 'lucide-react'
import { useText } from '../text'
import { Button } from '../ui'
import type { CommentOnClip } from './clips'
import { momentIn } from './PlayKeys'
import type { Player } from './player'

interface CommentListProps {
  comments: readonly CommentOnClip[]
  /** Null while the video is not open: what was said can be read all the same. */
  player: Player | null
  /** Left out for those who only read. */
  onTakeBack?: (id: string) => void
}

/** Touched, the picture goes there. */
export function CommentList({ comments, player, onTakeBack }: CommentListProps) {
  return (
    <chakra.ul listStyleType="none" marginTop="2">
      {comments.map((comment) => (
        <CommentLine key={comment.id} comment={comment} player={player} onTakeBack={onTakeBack} />
      ))}
    </chakra.ul>
  )
}

interface CommentLineProps {
  comment: CommentOnClip
  player: Player | null
  onTakeBack: ((id: string) => void) | undefined
}

function CommentLine({ comment: { id, atMs, untilMs, text }, player, onTakeBack }: CommentLineProps) {
  const { t } = useText()
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
      <chakra.span flex="1" paddingTop={player ? '3' : '0'} css={{ overflowWrap: 'anywhere' }}>
        {text}
      </chakra.span>
      {onTakeBack && (
        <Button look="bare" aria-label={t('clip.takeBackOf', { at })} onClick={() => onTakeBack(id)}>
          <Undo2 size={18} aria-hidden />
        </Button>
      )}
    </chakra.li>
  )
}

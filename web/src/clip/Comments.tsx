import { chakra, Flex } from '@chakra-ui/react'
import { useState } from 'react'
import type { Recorder } from '../recorder'
import { detach } from '../recorder'
import { BOUNDS } from '../record'
import { useText } from '../text'
import { Button, Card, CardTitle, Quiet, TextField, textOrNull } from '../ui'
import type { Clip } from './clips'
import { CommentList } from './CommentList'
import { useTakeBack } from './useTakeBack'
import { momentIn } from './PlayKeys'
import type { Player } from './player'
import { usePlaying } from './usePlaying'

interface CommentsProps {
  clip: Clip
  recorder: Recorder
  /** Null while its video is not open: what was said can be read all the same. */
  player: Player | null
}

/** What is said about moments of the clip: touched, the picture goes there. */
export function Comments({ clip, recorder, player }: CommentsProps) {
  const { t } = useText()
  const { takeBack, line } = useTakeBack(recorder)
  return (
    <Card data-comments>
      {!player && <CardTitle>{t('clip.comments')}</CardTitle>}
      {player && <NewComment clip={clip} recorder={recorder} player={player} />}
      {line}
      {clip.comments.length === 0 && <Quiet>{t('clip.noComments')}</Quiet>}
      <CommentList comments={clip.comments} player={player} onTakeBack={takeBack} />
    </Card>
  )
}

function NewComment({ clip, recorder, player }: CommentsProps & { player: Player }) {
  const { t } = useText()
  const { atMs } = usePlaying(player)
  const [text, setText] = useState('')
  const [from, setFrom] = useState<number | null>(null)
  const said = textOrNull(text)
  const isSpan = from !== null && from < atMs
  const say = async () => {
    if (said === null) return
    const at = { base: clip.id, ms: isSpan ? from : atMs }
    await recorder.say({ kind: 'comment', payload: { at, ...(isSpan && { untilMs: atMs }), text: said } })
    setText('')
    setFrom(null)
  }
  return (
    <chakra.form
      onSubmit={(e) => {
        e.preventDefault()
        detach(say())
      }}
    >
      <TextField
        label={
          isSpan
            ? t('clip.saySpan', { from: momentIn(from), until: momentIn(atMs) })
            : t('clip.sayAt', { at: momentIn(atMs) })
        }
        value={text}
        maxLength={BOUNDS.comment.text.most}
        onFocus={player.pause}
        onChange={(e) => setText(e.target.value)}
      />
      <Flex gap="2" marginTop="2" wrap="wrap">
        <Button type="submit" look="act" disabled={said === null}>
          {t('clip.say')}
        </Button>
        <Button aria-pressed={from !== null} onClick={() => setFrom(from === null ? atMs : null)}>
          {from === null ? t('clip.spanFrom') : t('clip.spanOff', { from: momentIn(from) })}
        </Button>
      </Flex>
    </chakra.form>
  )
}

import { Box, chakra, Flex } from '@chakra-ui/react'
import { useMutation } from '@tanstack/react-query'
import { Reply } from 'lucide-react'
import { useState } from 'react'
import { useMe } from '../session'
import { dayShort, timeOfDay, useText } from '../text'
import { Button, TextField, textOrNull, Trouble } from '../ui'
import { nameOfWord } from './useWords'
import type { Words } from './useWords'

interface WordsUnderProps {
  words: Words
  comment: string
  /** Where in the clip the comment stands, as it is read. */
  at: string
}

/** What was said back to one comment, and the key to say more. */
export function WordsUnder({ words: { said, say }, comment, at }: WordsUnderProps) {
  const { t } = useText()
  const { timeZone } = useMe()
  const [isSaying, setSaying] = useState(false)
  return (
    <Box marginTop="1.5" data-words>
      {said.words
        .filter((w) => w.comment === comment)
        .map((w) => (
          <Box
            key={w.id}
            borderLeftWidth="4px"
            borderColor={w.isOwn ? 'line' : 'live'}
            paddingLeft="3"
            marginY="1.5"
          >
            <chakra.p css={{ overflowWrap: 'anywhere' }}>{w.text}</chakra.p>
            <chakra.p color="quiet" fontSize="sm">
              {w.isOwn ? t('words.you') : w.by}, {dayShort(w.at, timeZone)}, {timeOfDay(w.at, timeZone)}
            </chakra.p>
          </Box>
        ))}
      {say && !isSaying && (
        <Button look="bare" aria-label={t('words.answerAt', { at })} onClick={() => setSaying(true)}>
          <Reply size={18} aria-hidden /> {t('words.answer')}
        </Button>
      )}
      {say && isSaying && (
        <NewWord at={at} onSay={(text, id) => say(comment, text, id)} onClose={() => setSaying(false)} />
      )}
    </Box>
  )
}

interface NewWordProps {
  at: string
  onSay: (text: string, id: string) => Promise<unknown>
  onClose: () => void
}

function NewWord({ at, onSay, onClose }: NewWordProps) {
  const { t } = useText()
  const [text, setText] = useState('')
  const [id] = useState(nameOfWord)
  const typed = textOrNull(text)
  // what cannot be sent stays in the field
  const say = useMutation({ mutationFn: (said: string) => onSay(said, id), onSuccess: onClose })
  return (
    <chakra.form
      onSubmit={(e) => {
        e.preventDefault()
        if (typed !== null && !say.isPending) say.mutate(typed)
      }}
    >
      <TextField
        autoFocus
        label={t('words.field', { at })}
        value={text}
        maxLength={600}
        onChange={(e) => setText(e.target.value)}
      />
      <Flex gap="2" marginTop="2" wrap="wrap">
        <Button type="submit" look="act" disabled={typed === null || say.isPending}>
          {t('words.send')}
        </Button>
        <Button look="bare" onClick={onClose}>
          {t('words.leave')}
        </Button>
      </Flex>
      {say.isError && (
        <Box marginTop="2">
          <Trouble cause={say.error} />
        </Box>
      )}
    </chakra.form>
  )
}

/** Words on comments that are there no more: nobody's words get lost. */
export function WordsLeft({ words, comments }: { words: Words; comments: readonly { id: string }[] }) {
  const { t } = useText()
  const left = words.said.words.filter((w) => comments.every((c) => c.id !== w.comment))
  if (left.length === 0) return null
  return (
    <Box marginTop="3">
      <chakra.p color="quiet" fontSize="sm">
        {t('words.left')}
      </chakra.p>
      {left.map((w) => (
        <chakra.p key={w.id} css={{ overflowWrap: 'anywhere' }}>
          <b>{w.isOwn ? t('words.you') : w.by}:</b> {w.text}
        </chakra.p>
      ))}
    </Box>
  )
}

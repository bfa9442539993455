import { chakra, Flex } from '@chakra-ui/react'
import { Coffee, Eye, Pencil, Undo2 } from 'lucide-react'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { NOTE_MAX_LENGTH } from '../record'
import type { KeptEntry } from '../store'
import { Button, Input } from '../ui/Button'
import { Spoken } from './Spoken'

interface LastLineProps {
  last: KeptEntry | undefined
  /** What was just taken back, and can be put back. */
  undone: KeptEntry | undefined
  exerciseName: (exercise: string) => string
  onUndo: () => void
  /** Undefined while resting. */
  onRest: (() => void) | undefined
  onPutBack: () => void
  onSee: () => void
  onNote: (text: string) => void
}

/** What was touched last, with the way back; and a line for the coach's own words. */
export function LastLine(props: LastLineProps) {
  const { t } = useTranslation()
  const [isWriting, setWriting] = useState(false)
  const { last, undone } = props
  if (isWriting) return <NoteLine onClose={() => setWriting(false)} onNote={props.onNote} />
  return (
    <Flex align="center" gap="2">
      <chakra.p flex="1" minWidth="0" truncate role="status" fontSize="sm">
        {undone ? (
          <>
            <chakra.b>{t('ride.undone')}:</chakra.b>{' '}
            <Spoken entry={undone} exerciseName={props.exerciseName} />
          </>
        ) : last ? (
          <>
            <chakra.b>{t('ride.last')}:</chakra.b> <Spoken entry={last} exerciseName={props.exerciseName} />
          </>
        ) : (
          t('ride.none')
        )}
      </chakra.p>
      {undone ? (
        <Button onClick={props.onPutBack}>{t('ride.putBack')}</Button>
      ) : (
        <Button onClick={props.onUndo} disabled={!last} aria-label={t('ride.undo')} paddingX="3">
          <Undo2 size={20} aria-hidden />
          <chakra.span display={{ base: 'none', sm: 'inline' }}>{t('ride.undo')}</chakra.span>
        </Button>
      )}
      <Button onClick={props.onSee} aria-label={t('see.title')} title={t('see.title')} paddingX="3">
        <Eye size={20} aria-hidden />
      </Button>
      {props.onRest && (
        <Button onClick={props.onRest} aria-label={t('ride.rest')} title={t('ride.rest')} paddingX="3">
          <Coffee size={20} aria-hidden />
        </Button>
      )}
      <Button onClick={() => setWriting(true)} aria-label={t('ride.note')} paddingX="3">
        <Pencil size={20} aria-hidden />
      </Button>
    </Flex>
  )
}

function NoteLine({ onClose, onNote }: { onClose: () => void; onNote: (text: string) => void }) {
  const { t } = useTranslation()
  const [text, setText] = useState('')
  return (
    <chakra.form
      display="flex"
      gap="2"
      onSubmit={(e) => {
        e.preventDefault()
        if (text.trim() !== '') onNote(text.trim())
        onClose()
      }}
    >
      <Input
        autoFocus
        aria-label={t('ride.note')}
        placeholder={t('ride.notePlaceholder')}
        maxLength={NOTE_MAX_LENGTH}
        value={text}
        onChange={(e) => setText(e.target.value)}
      />
      <Button type="submit" look="act">
        {t(text.trim() === '' ? 'ride.close' : 'ride.keep')}
      </Button>
    </chakra.form>
  )
}

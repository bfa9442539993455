import { chakra, Flex } from '@chakra-ui/react'
import { Eye, Undo2 } from 'lucide-react'
import { memo, useCallback, useState } from 'react'
import { useForm, useWatch } from 'react-hook-form'
import { useText } from '../text'
import { BOUNDS, keepable } from '../record'
import type { Spoken as SpokenNote } from '../recorder'
import type { Payload } from '../record'
import { ACROSS } from '../theme'
import { Button, Input, useHand } from '../ui'
import { NoteKey } from './NoteKey'
import { Spoken } from './Spoken'

interface LastLineKeysProps {
  canUndo: boolean
  canPutBack: boolean
  /** Something was asked, and it is not said yet that the rider asked it wrongly. */
  canSlip: boolean
  onSlip: () => void
  maySpeak: boolean
  onSpeak: (spoken: SpokenNote) => void
  onUndo: () => void
  onPutBack: () => void
  onSee: () => void
  onWrite: () => void
}

interface LastLineProps extends Omit<LastLineKeysProps, 'canUndo' | 'canPutBack' | 'onWrite'> {
  last: Payload | undefined
  /** What was just taken back, and can be put back. */
  undone: Payload | undefined
  exerciseName: (exercise: string) => string
  /** All that was touched in. */
  onTouches: () => void
  onNote: (text: string) => void
}

/** What was touched last, with the way back; and a line for the coach's own words. */
export function LastLine(props: LastLineProps) {
  const { t } = useText()
  const [isWriting, setWriting] = useState(false)
  const { last, undone } = props
  const onWrite = useCallback(() => setWriting(true), [])
  const isLeftHand = useHand()[0] === 'left'
  if (isWriting) return <NoteLine onClose={() => setWriting(false)} onNote={props.onNote} />
  return (
    <Flex align="center" gap="2" flexDirection={{ base: isLeftHand ? 'row-reverse' : 'row', lg: 'row' }}>
      <chakra.div role="status" flex="1" minWidth="0">
        <LastSaid onClick={props.onTouches} title={t('touches.title')}>
          <chakra.span lineClamp="2">
            {undone ? (
              <>
                <chakra.span srOnly>{t('ride.undone')}: </chakra.span>
                <s>
                  <Spoken said={undone} exerciseName={props.exerciseName} />
                </s>
              </>
            ) : last ? (
              <>
                <b>{t('ride.last')}:</b> <Spoken said={last} exerciseName={props.exerciseName} />
              </>
            ) : (
              t('ride.none')
            )}
          </chakra.span>
        </LastSaid>
      </chakra.div>
      <LastLineKeys
        canUndo={last !== undefined}
        canPutBack={undone !== undefined}
        canSlip={props.canSlip}
        onSlip={props.onSlip}
        maySpeak={props.maySpeak}
        onSpeak={props.onSpeak}
        onUndo={props.onUndo}
        onPutBack={props.onPutBack}
        onSee={props.onSee}
        onWrite={onWrite}
      />
    </Flex>
  )
}

/** What is one touch away at any time. */
const LastLineKeys = memo(function LastLineKeys(props: LastLineKeysProps) {
  const { t } = useText()
  return (
    <>
      {props.canPutBack ? (
        <Button onClick={props.onPutBack}>{t('ride.putBack')}</Button>
      ) : (
        <Button onClick={props.onUndo} disabled={!props.canUndo} aria-label={t('ride.undo')} paddingX="3">
          <Undo2 size={20} aria-hidden />
          <chakra.span display={{ base: 'none', sm: 'inline' }} css={{ [ACROSS]: { display: 'none' } }}>
            {t('ride.undo')}
          </chakra.span>
        </Button>
      )}
      <Button
        onClick={props.onSlip}
        disabled={!props.canSlip}
        aria-label={t('slip.key')}
        title={t('slip.key')}
        paddingX="2"
        fontSize="sm"
      >
        {t('slip.short')}
      </Button>
      <Button onClick={props.onSee} aria-label={t('see.title')} title={t('see.title')} paddingX="3">
        <Eye size={20} aria-hidden />
      </Button>
      <NoteKey maySpeak={props.maySpeak} onWrite={props.onWrite} onSpeak={props.onSpeak} />
    </>
  )
})

const LastSaid = chakra('button', {
  base: {
    width: '100%',
    minHeight: 'touch',
    textAlign: 'start',
    fontSize: 'sm',
    lineHeight: '1.2',
    cursor: 'pointer',
    textDecoration: 'underline',
    textDecorationColor: 'line',
    textUnderlineOffset: '3px',
  },
})

function NoteLine({ onClose, onNote }: { onClose: () => void; onNote: (text: string) => void }) {
  const { t } = useText()
  const { control, register, handleSubmit } = useForm({ defaultValues: { text: '' } })
  const { text } = useWatch({ control })
  const submit = handleSubmit((typed) => {
    const note = keepable(typed.text.trim())
    if (note !== '') onNote(note)
    onClose()
  })
  return (
    <chakra.form display="flex" gap="2" onSubmit={(e) => void submit(e)}>
      <Input
        autoFocus
        aria-label={t('ride.note')}
        placeholder={t('ride.notePlaceholder')}
        maxLength={BOUNDS.note.text.most}
        {...register('text')}
      />
      <Button type="submit" look="act">
        {t(text?.trim() ? 'ride.keep' : 'ride.close')}
      </Button>
    </chakra.form>
  )
}

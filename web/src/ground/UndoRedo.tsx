import { Redo2, Undo2 } from 'lucide-react'
import { useText } from '../text'
import { Button } from '../ui'

interface UndoRedoProps {
  past: { canUndo: boolean; canRedo: boolean; undo: () => void; redo: () => void }
}

/** A step back, and forth again. */
export function UndoRedo({ past }: UndoRedoProps) {
  const { t } = useText()
  return (
    <>
      <Button look="bare" disabled={!past.canUndo} onClick={past.undo} aria-label={t('ground.undo')}>
        <Undo2 size={20} aria-hidden />
      </Button>
      <Button look="bare" disabled={!past.canRedo} onClick={past.redo} aria-label={t('ground.redo')}>
        <Redo2 size={20} aria-hidden />
      </Button>
    </>
  )
}

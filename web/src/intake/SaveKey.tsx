import { chakra } from '@chakra-ui/react'
import { useText } from '../text'
import { Button, Trouble } from '../ui'

interface SaveKeyProps {
  isDirty: boolean
  isPending: boolean
  error: Error | null
}

/** Appears when something was typed; room is kept for it, so that nothing moves. */
export function SaveKey({ isDirty, isPending, error }: SaveKeyProps) {
  const { t } = useText()
  return (
    <>
      {error && <Trouble cause={error} />}
      <chakra.div minHeight="touch" marginTop="3">
        {isDirty && (
          <Button type="submit" look="act" disabled={isPending}>
            {t('intake.save')}
          </Button>
        )}
      </chakra.div>
    </>
  )
}

import { OctagonAlert } from 'lucide-react'
import { useText } from '../text'
import { Button } from '../ui'

interface WrongKeyProps {
  onPress: () => void
  isWide?: boolean
  /** Named where a rider has more than one. */
  horse?: string | undefined
}

/** The red key: always in reach. */
export function WrongKey({ onPress, isWide = false, horse }: WrongKeyProps) {
  const { t } = useText()
  return (
    <Button
      width={isWide ? 'full' : undefined}
      minHeight={isWide ? '56px' : 'touch'}
      fontSize={isWide ? 'lg' : 'md'}
      background="warn"
      borderColor={isWide ? 'warn' : 'card'}
      color="card"
      onClick={onPress}
    >
      <OctagonAlert size={24} aria-hidden />
      {t('wrong.title')}
      {horse && ` · ${horse}`}
    </Button>
  )
}

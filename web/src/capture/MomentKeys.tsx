import { Grid } from '@chakra-ui/react'
import { memo } from 'react'
import { useText } from '../text'
import { Button } from '../ui'

interface MomentKeysProps {
  onPraise: () => void
  /** An error came: it was corrected, or let pass. */
  onCorrection: (made: boolean) => void
  onRest: () => void
  isResting: boolean
}

/** What is done between two asks, each by one touch and in words. */
export const MomentKeys = memo(function MomentKeys({
  onPraise,
  onCorrection,
  onRest,
  isResting,
}: MomentKeysProps) {
  const { t } = useText()
  const keys = [
    { name: 'see.praise', does: onPraise },
    { name: 'see.made', does: () => onCorrection(true) },
    { name: 'see.letPass', does: () => onCorrection(false) },
    { name: 'ride.rest', does: onRest, isOff: isResting },
  ] as const
  return (
    <Grid role="group" aria-label={t('ride.between')} templateColumns="repeat(4, minmax(0, 1fr))" gap="1.5">
      {keys.map(({ name, does, ...key }) => (
        <Button
          key={name}
          look="key"
          paddingX="1"
          fontSize="sm"
          disabled={'isOff' in key && key.isOff}
          onClick={does}
        >
          {t(name)}
        </Button>
      ))}
    </Grid>
  )
})

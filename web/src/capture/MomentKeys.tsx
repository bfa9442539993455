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
  /** Counts the turn's answers afterwards. */
  onTally: () => void
}

/** What is done between two asks, each by one touch and in words. */
export const MomentKeys = memo(function MomentKeys({
  onPraise,
  onCorrection,
  onRest,
  isResting,
  onTally,
}: MomentKeysProps) {
  const { t } = useText()
  const keys = [
    { name: 'see.praise', does: onPraise },
    { name: 'see.made', does: () => onCorrection(true) },
    { name: 'see.letPass', does: () => onCorrection(false) },
    { name: 'ride.rest', does: onRest, isOff: isResting },
    { name: 'tally.key', does: onTally },
  ] as const
  return (
    <Grid
      role="group"
      aria-label={t('ride.between')}
      // as wide as their words ask for
      templateColumns="minmax(0, 11fr) minmax(0, 12fr) minmax(0, 9fr) minmax(0, 8fr) minmax(0, 9fr)"
      gap="1.5"
    >
      {keys.map(({ name, does, ...key }) => (
        <Button
          key={name}
          look="key"
          paddingX="1"
          fontSize="sm"
          lineHeight="1.1"
          disabled={'isOff' in key && key.isOff}
          onClick={does}
        >
          {t(name)}
        </Button>
      ))}
    </Grid>
  )
})

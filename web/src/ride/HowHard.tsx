import { Box, chakra, Grid } from '@chakra-ui/react'
import { useText } from '../text'
import { EFFORTS } from '../record'
import type { Effort, RideMark } from '../record'
import { Button } from '../ui'

interface HowHardProps {
  horse: string
  marks: RideMark[]
  onSay: (horse: Effort) => void
}

/** How hard it was for the horse, by one touch at the end; another touch corrects it. */
export function HowHard({ horse, marks, onSay }: HowHardProps) {
  const { t } = useText()
  const said = marks.filter((m) => m.said.kind === 'effort').at(-1)?.said
  const now = said?.kind === 'effort' ? said.horse : undefined
  return (
    <Box role="group" aria-label={t('ride.howHard', { horse })}>
      <chakra.h2 fontSize="lg" fontWeight="720" marginBottom="2">
        {t('ride.howHard', { horse })}
      </chakra.h2>
      <Grid templateColumns="repeat(auto-fit, minmax(48px, 1fr))" gap="1.5">
        {EFFORTS.map((effort) => (
          <Button
            key={effort}
            look="key"
            paddingX="0"
            aria-pressed={effort === now}
            aria-label={`${String(effort)}: ${t(`effort.${effort}`)}`}
            onClick={() => onSay(effort)}
          >
            {effort}
          </Button>
        ))}
      </Grid>
      <chakra.p color="quiet" fontSize="sm" marginTop="1.5" minHeight="1.4em" role="status">
        {now === undefined ? t('ride.effortEnds') : t(`effort.${now}`)}
      </chakra.p>
    </Box>
  )
}

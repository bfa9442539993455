import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { OctagonAlert, X } from 'lucide-react'
import { wordIn, useText } from '../text'
import type { StopSign } from '../record'
import { Button } from '../ui'
import { OFFERED } from './signs'

interface WrongDrawerProps {
  onChoose: (sign: StopSign) => void
  onClose: () => void
}

/** What is wrong: one touch more, and everything stops. */
export function WrongDrawer({ onChoose, onClose }: WrongDrawerProps) {
  const { t } = useText()
  return (
    <Cover
      role="dialog"
      aria-modal="true"
      aria-label={t('wrong.title')}
      onKeyDown={(e) => e.key === 'Escape' && onClose()}
    >
      <Flex align="center" gap="3">
        <chakra.span color="warn" flexShrink={0}>
          <OctagonAlert size={30} aria-hidden />
        </chakra.span>
        <chakra.h2 flex="1" fontSize="2xl" fontWeight="770" lineHeight="1.05">
          {t('wrong.what')}
        </chakra.h2>
        <Button autoFocus paddingX="3" aria-label={t('wrong.nothing')} onClick={onClose}>
          <X size={22} aria-hidden />
        </Button>
      </Flex>
      {OFFERED.map(({ kind, signs }) => (
        <Box key={kind} role="group" aria-label={wordIn(t, 'wrong.kind', kind)}>
          <chakra.p fontWeight="720" marginBottom="1">
            {wordIn(t, 'wrong.kind', kind)}
          </chakra.p>
          <Grid templateColumns="repeat(auto-fit, minmax(9.5rem, 1fr))" gap="1.5">
            {signs.map((sign) => (
              <Button
                key={sign}
                look="key"
                minHeight="56px"
                paddingX="2"
                borderColor="warn"
                onClick={() => onChoose(sign)}
              >
                {t(`stopSign.${sign}`)}
              </Button>
            ))}
          </Grid>
        </Box>
      ))}
    </Cover>
  )
}

const Cover = chakra('div', {
  base: {
    position: 'fixed',
    inset: '0',
    zIndex: '30',
    overflowY: 'auto',
    display: 'flex',
    flexDirection: 'column',
    gap: '3',
    padding: { base: '4', md: '8' },
    background: 'card',
    color: 'ink',
    '& > *': { width: '100%', maxWidth: '46rem', marginX: 'auto' },
  },
})

import { chakra, Flex, Grid } from '@chakra-ui/react'
import type { Foot, Landing } from '../record'
import { useText } from '../text'
import { Button, SideLetter } from '../ui'
import { FOOT_KEYS } from './useClipKeys'

/** Seen from above, as the horse goes up the page. */
const FEET: readonly Foot[] = ['LEFT_FORE', 'RIGHT_FORE', 'LEFT_HIND', 'RIGHT_HIND']

const KEY_OF = Object.fromEntries(Object.entries(FOOT_KEYS).map(([key, foot]) => [foot, key]))

/** Four keys as the feet stand: touched on the frame in which a foot lands. */
export function Feet({ onFoot, landings }: { onFoot: (foot: Foot) => void; landings: readonly Landing[] }) {
  const { t } = useText()
  return (
    <Grid templateColumns="1fr 1fr" gap="2" data-feet>
      {FEET.map((foot) => (
        <Button
          key={foot}
          look="key"
          minHeight="pad"
          onClick={() => onFoot(foot)}
          aria-keyshortcuts={KEY_OF[foot]?.toUpperCase()}
        >
          <Flex direction="column" align="center" gap="1">
            <Flex gap="2" align="center">
              <SideLetter side={foot.startsWith('LEFT') ? 'LEFT' : 'RIGHT'} />
              {t(`foot.${foot}`)}
            </Flex>
            <chakra.span fontSize="sm" color="quiet" fontWeight="400">
              {t('clip.landed', { count: landings.filter((l) => l.foot === foot).length })}
            </chakra.span>
          </Flex>
        </Button>
      ))}
    </Grid>
  )
}

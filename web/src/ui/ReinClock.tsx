import { Box, chakra, Flex } from '@chakra-ui/react'
import { memo } from 'react'
import { clock, useText } from '../text'
import { SIDE, SideLetter } from './side'
import type { OneSide } from './side'

interface ReinClockProps {
  leftMs: number
  rightMs: number
  /** The rein that is running. */
  now: OneSide | null
}

/** Time on each rein, mirrored about a middle: a lopsided bar is a lopsided lesson. */
export const ReinClock = memo(function ReinClock({ leftMs, rightMs, now }: ReinClockProps) {
  const { t } = useText()
  const most = Math.max(60_000, leftMs, rightMs)
  return (
    <Flex align="center" gap="2" aria-label={t('debrief.reins')} role="group">
      <HalfBar side="LEFT" ms={leftMs} share={leftMs / most} isNow={now === 'LEFT'} />
      <HalfBar side="RIGHT" ms={rightMs} share={rightMs / most} isNow={now === 'RIGHT'} />
    </Flex>
  )
})

function HalfBar({ side, ms, share, isNow }: { side: OneSide; ms: number; share: number; isNow: boolean }) {
  return (
    <Flex flex="1" align="center" gap="2" direction={side === 'LEFT' ? 'row' : 'row-reverse'}>
      <SideLetter side={side} />
      <chakra.span
        fontFamily="heading"
        fontWeight="720"
        fontSize="xl"
        fontVariantNumeric="tabular-nums"
        minWidth="3.2rem"
        textAlign={side === 'LEFT' ? 'left' : 'right'}
        textDecoration={isNow ? 'underline' : 'none'}
        textDecorationThickness="3px"
        textUnderlineOffset="4px"
        textDecorationColor="live"
      >
        {clock(ms)}
      </chakra.span>
      <Box
        flex="1"
        height="14px"
        background="sunken"
        borderRadius="3px"
        position="relative"
        overflow="hidden"
      >
        <chakra.span
          position="absolute"
          top="0"
          bottom="0"
          background={SIDE[side].color}
          style={{ width: `${100 * share}%`, [side === 'LEFT' ? 'right' : 'left']: 0 }}
        />
      </Box>
    </Flex>
  )
}

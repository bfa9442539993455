import { chakra } from '@chakra-ui/react'
import { memo } from 'react'
import { useText, wordIn } from '../text'
import { Button, SideLetter } from '../ui'
import type { OneSide } from '../ui'

interface LatchKeyProps {
  name: string
  side: OneSide | 'NONE'
  isOn: boolean
  onSwitch: (on: boolean) => void
}

/** The one fault chosen for today: touched when it is there; the next ask carries it and ends it, and so does the key. */
export const LatchKey = memo(function LatchKey({ name, side, isOn, onSwitch }: LatchKeyProps) {
  const { t } = useText()
  return (
    <Button
      look={isOn ? 'live' : 'key'}
      width="100%"
      minHeight={{ base: 'touch', lg: '64px' }}
      paddingY="0"
      lineHeight="1.05"
      aria-pressed={isOn}
      onClick={() => onSwitch(!isOn)}
    >
      {side !== 'NONE' && <SideLetter side={side} />}
      <span>
        {wordIn(t, 'seen', name)}
        <chakra.span display="block" fontSize="sm" fontWeight="500">
          {t(isOn ? 'latch.on' : 'latch.off')}
        </chakra.span>
      </span>
    </Button>
  )
})

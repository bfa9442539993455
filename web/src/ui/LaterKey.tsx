import { Flex } from '@chakra-ui/react'
import type { ReactNode } from 'react'
import { Button } from './Button'

interface LaterKeyProps {
  /** Above another one. */
  isUpper?: boolean
  isWarning?: boolean
  onPress: () => void
  children: ReactNode
}

/** Says, over the page and without moving it, that something came. */
export function LaterKey({ isUpper = false, isWarning = false, onPress, children }: LaterKeyProps) {
  const above = isUpper ? '60px' : '0px'
  return (
    <Flex
      role="status"
      position="fixed"
      insetInline="4"
      bottom={{ base: `calc(76px + ${above})`, lg: `calc(1.5rem + ${above})` }}
      justify="center"
      pointerEvents="none"
      zIndex="5"
    >
      <Button
        look="key"
        pointerEvents="auto"
        boxShadow="lg"
        onClick={onPress}
        {...(isWarning && { borderColor: 'warn', background: 'warnSoft' })}
      >
        {children}
      </Button>
    </Flex>
  )
}

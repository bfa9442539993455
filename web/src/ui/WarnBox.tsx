import { chakra, Flex } from '@chakra-ui/react'
import type { ComponentProps } from 'react'

interface WarnBoxProps extends ComponentProps<typeof Flex> {
  icon: React.ReactNode
}

/** What must not be overlooked: a shape and words, never a colour alone. */
export function WarnBox({ icon, children, ...box }: WarnBoxProps) {
  return (
    <Flex
      gap="3"
      padding="3"
      borderWidth="2px"
      borderColor="warn"
      borderRadius="key"
      background="warnSoft"
      {...box}
    >
      <chakra.span color="warn" flexShrink={0}>
        {icon}
      </chakra.span>
      {children}
    </Flex>
  )
}

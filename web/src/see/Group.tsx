import { Box, Flex } from '@chakra-ui/react'

interface GroupProps {
  name: string
  letter?: React.ReactNode
  children: React.ReactNode
}

/** Keys that belong together, under their name. */
export function Group({ name, letter, children }: GroupProps) {
  return (
    <Box role="group" aria-label={name}>
      <Flex gap="2" align="center" marginBottom="1.5" fontWeight="650">
        {letter}
        {name}
      </Flex>
      {children}
    </Box>
  )
}

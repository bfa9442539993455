import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import type { ReactNode } from 'react'
import { useText } from '../text'
import { Cord, Mark } from '../ui'

/** What stands before the yard: the name on one side, the form on the other, the cord between. */
export function Door({ title, lead, children }: { title: string; lead?: string; children: ReactNode }) {
  const { t } = useText()
  return (
    <Grid
      minHeight="100dvh"
      templateColumns={{ base: '1fr', lg: '5fr 14px 7fr' }}
      templateRows={{ base: 'auto 1fr', lg: '1fr' }}
    >
      <Flex
        as="header"
        background="rail"
        color="onRail"
        padding={{ base: '6', lg: '12' }}
        direction={{ base: 'row', lg: 'column' }}
        justify="space-between"
        align={{ base: 'center', lg: 'flex-start' }}
        gap="4"
      >
        <Flex align="center" gap="3">
          <Mark size="44px" />
          <chakra.span fontFamily="heading" fontWeight="750" fontSize="2xl" letterSpacing="-0.02em">
            {t('app.name')}
          </chakra.span>
        </Flex>
        <chakra.p
          fontFamily="heading"
          fontWeight="650"
          fontSize={{ base: 'sm', lg: '5xl' }}
          lineHeight="1.02"
          letterSpacing="-0.03em"
          maxWidth={{ base: '12rem', lg: '9em' }}
          textAlign={{ base: 'right', lg: 'left' }}
        >
          {t('app.line')}
        </chakra.p>
      </Flex>
      <Box background="rail" display={{ base: 'none', lg: 'block' }}>
        <Cord />
      </Box>
      <chakra.main padding={{ base: '6', lg: '16' }} alignSelf="center" width="full" maxWidth="640px">
        <chakra.h1 fontSize="4xl" fontWeight="750" marginBottom={lead ? '2' : '6'}>
          {title}
        </chakra.h1>
        {lead && (
          <chakra.p color="quiet" marginBottom="6">
            {lead}
          </chakra.p>
        )}
        {children}
      </chakra.main>
    </Grid>
  )
}

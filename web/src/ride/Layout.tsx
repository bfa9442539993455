import { Box, chakra, Flex } from '@chakra-ui/react'
import type { ReactNode } from 'react'
import { ACROSS } from '../theme'
import { useHand } from '../ui'

interface LayoutProps {
  head: ReactNode
  /** What lies over the controls, and on a phone over the pad; undefined while nothing does. */
  drawer: ReactNode
  clock: ReactNode
  nudge: ReactNode
  pad: ReactNode
  keys: ReactNode
  bar: ReactNode
  /** There is one key more than usual: on a phone all stand a little closer, and no key gets smaller than a thumb. */
  isTight: boolean
}

/**
 * Where the parts of Ride stand: one under the other on a phone, pad and controls side by side on a wide screen and on a phone held
 * across; for the left hand the other way round.
 */
export function Layout({ head, drawer, clock, nudge, pad, keys, bar, isTight }: LayoutProps) {
  const isLeftHand = useHand()[0] === 'left'
  const [left, right] = isLeftHand ? ['2', '1'] : ['1', '2']
  const isCovered = drawer !== undefined
  const gap = { base: isTight ? '1.5' : '2', lg: '4' }
  const onWide = { base: 'none', lg: isCovered ? 'none' : 'block' }
  return (
    <Field
      data-riding
      gap={gap}
      paddingY={{ base: isTight ? '1.5' : '2.5', lg: '6' }}
      gridTemplateColumns={{
        base: 'minmax(0, 1fr)',
        lg: isLeftHand ? 'minmax(0, 5fr) minmax(0, 7fr)' : 'minmax(0, 7fr) minmax(0, 5fr)',
      }}
      css={{ [ACROSS]: { gridTemplateColumns: 'minmax(0, 1fr) minmax(0, 1fr)' } }}
    >
      <Box gridColumn="1 / -1" css={{ [ACROSS]: { gridColumn: right } }}>
        {head}
      </Box>
      {isCovered && (
        <Box
          gridColumn={{ lg: right }}
          gridRow={{ base: '2 / 5', lg: '2 / 6' }}
          minHeight="0"
          css={{ [ACROSS]: { gridColumn: right, gridRow: '2 / 7', minHeight: '620px' } }}
        >
          {drawer}
        </Box>
      )}
      {/* on a phone it stands on the keys of the reins */}
      <Box gridColumn={{ lg: right }} gridRow={{ lg: '2' }} display={onWide}>
        {clock}
      </Box>
      <Box gridColumn={{ lg: right }} gridRow={{ lg: '3' }} display={onWide}>
        {nudge}
      </Box>
      <Flex
        gridColumn={{ lg: left }}
        gridRow={{ lg: '2 / 6' }}
        // on a low screen the page scrolls: no key gets smaller than a thumb, and nothing lies over another
        minHeight={{ base: isTight ? '376px' : 'auto', lg: '0' }}
        display={{ base: isCovered ? 'none' : 'flex', lg: 'flex' }}
        css={{
          [ACROSS]: {
            display: 'flex',
            gridColumn: left,
            gridRow: '1 / 7',
            // it stays where the thumb knows it
            position: 'sticky',
            top: '1',
            height: 'calc(100dvh - 8px)',
            minHeight: '366px',
          },
        }}
      >
        {pad}
      </Flex>
      <Box
        gridColumn={{ lg: right }}
        gridRow={{ lg: '5' }}
        display={isCovered ? 'none' : 'flex'}
        flexDirection="column"
        gap={gap}
        css={{ [ACROSS]: { gridColumn: right, gridRow: '3', gap: '1' } }}
      >
        {keys}
      </Box>
      <Flex
        gridColumn={{ lg: right }}
        gridRow={{ lg: '4' }}
        direction="column"
        gap={gap}
        minHeight="0"
        // on a low screen it scrolls: nothing lies over the keys under it
        overflowY={{ lg: 'auto' }}
        display={isCovered ? 'none' : 'flex'}
        css={{ [ACROSS]: { gridColumn: right, gridRow: '2', gap: '1' } }}
      >
        {bar}
      </Flex>
    </Field>
  )
}

const Field = chakra('main', {
  base: {
    display: 'grid',
    height: '100dvh',
    minHeight: '640px',
    maxWidth: '1320px',
    marginX: 'auto',
    paddingX: { base: '2.5', lg: '6' },
    columnGap: { lg: '10' },
    gridTemplateRows: { base: 'auto 1fr auto auto', lg: 'auto auto auto 1fr auto' },
    [ACROSS]: {
      height: 'auto',
      minHeight: '100dvh',
      padding: '1',
      gap: '1.5',
      gridTemplateRows: 'repeat(5, auto) 1fr',
    },
  },
})

import { chakra } from '@chakra-ui/react'

/** A sheet on the table. */
export const Card = chakra('section', {
  base: {
    background: 'card',
    borderRadius: 'card',
    borderWidth: '1px',
    borderColor: 'line',
    padding: { base: '4', md: '6' },
  },
})

/** What a sheet is about. */
export const CardTitle = chakra('h2', {
  base: { fontSize: 'xl', fontWeight: '720', marginBottom: '1' },
})

export const Quiet = chakra('p', { base: { color: 'quiet', fontSize: 'sm' } })

import { chakra } from '@chakra-ui/react'
import type { ComponentProps } from 'react'
import { Guard } from './Guard'

const Paper = chakra('section', {
  base: {
    background: 'card',
    borderRadius: 'card',
    borderWidth: '1px',
    borderColor: 'line',
    padding: { base: '4', md: '6' },
  },
})

/** A sheet on the table. What cannot be shown in it leaves the others alone. */
export function Card({ children, ...rest }: ComponentProps<typeof Paper>) {
  return (
    <Paper {...rest}>
      <Guard>{children}</Guard>
    </Paper>
  )
}

/** What a sheet is about. */
export const CardTitle = chakra('h2', {
  base: { fontSize: 'xl', fontWeight: '720', marginBottom: '1' },
})

export const Quiet = chakra('p', { base: { color: 'quiet', fontSize: 'sm' } })

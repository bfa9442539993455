import { ChakraProvider } from '@chakra-ui/react'
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { render, screen } from '@testing-library/react'
import { v7 } from 'uuid'
import { afterEach, expect, test, vi } from 'vitest'
import { MeProvider } from '../session'
import { append, Outbox, shelfOf, waitingEntries } from '../store'
import { system } from '../theme'
import { OutboxLine } from './OutboxLine'

afterEach(() => vi.restoreAllMocks())

test('never says that all is sent before it is known what waits', async () => {
  vi.spyOn(globalThis, 'fetch').mockRejectedValue(new TypeError('network'))
  const person = v7()
  const lesson = v7()
  const shelf = shelfOf(person)
  await append(shelf, lesson, person, { kind: 'note', payload: { text: 'waits' } })
  const me = { person, name: 'Ottilie', role: 'COACH', yard: 'Y', timeZone: 'UTC' } as const
  render(
    <QueryClientProvider client={new QueryClient()}>
      <ChakraProvider value={system}>
        <MeProvider value={{ ...me, actions: [] }}>
          <OutboxLine outbox={new Outbox(waitingEntries(shelf))} lesson={lesson} isLost={false} />
        </MeProvider>
      </ChakraProvider>
    </QueryClientProvider>,
  )
  expect(screen.queryByRole('status')).toBeNull()
  expect(await screen.findByRole('status')).toHaveAttribute('data-waiting', '1')
  expect(screen.getByRole('status')).toHaveAttribute('data-outbox', 'waiting')
})

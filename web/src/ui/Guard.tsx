import { Box } from '@chakra-ui/react'
import type { ReactNode } from 'react'
import { ErrorBoundary } from 'react-error-boundary'
import { Problem } from '../api'
import { Trouble } from './Trouble'

/** No answer of the server's: the screen could not draw what it had. */
const UNSHOWN = new Problem(0, 'unshown', [])

/**
 * Keeps what cannot be shown from taking the rest with it: one bad row never hides a stop sign beside it. What stands inside is
 * tried again when it is asked for, or when the address changes.
 */
export function Guard({ children, place }: { children: ReactNode; place?: string }) {
  return (
    <ErrorBoundary
      resetKeys={[place]}
      fallbackRender={({ resetErrorBoundary }) => (
        <Box marginY="3">
          <Trouble cause={UNSHOWN} onAgain={resetErrorBoundary} />
        </Box>
      )}
    >
      {children}
    </ErrorBoundary>
  )
}

import type { ReactNode } from 'react'
import { ErrorBoundary } from 'react-error-boundary'
import { Trouble } from './Trouble'

/**
 * Keeps what cannot be shown from taking the rest with it: one bad row never hides a stop sign beside it. What stands inside is
 * tried again when it is asked for, or when the address changes.
 */
export function Guard({ children, of }: { children: ReactNode; of?: string }) {
  return (
    <ErrorBoundary
      resetKeys={[of]}
      fallbackRender={({ error, resetErrorBoundary }) => (
        <Trouble cause={error} onAgain={resetErrorBoundary} />
      )}
    >
      {children}
    </ErrorBoundary>
  )
}

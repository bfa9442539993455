import type { FirstLook } from '../record'

export type Limit = 'NOTHING_RIDDEN' | 'WALK_ONLY' | 'NO_CANTER'

/** At or under this score there is no halt from walk. */
const NO_HALT = 1

/** At or under this score it is not good enough to canter. */
const POOR_HALT = 2

/**
 * What a look forbids, whatever the plan on this device still says: it must hold before the server has heard of it. The
 * twin of the server's rule, held to the same examples.
 */
export function limitsOf(look: FirstLook | undefined): Limit[] {
  const limits: Limit[] = []
  if (look?.soundness !== undefined && look.soundness !== 'SOUND') limits.push('NOTHING_RIDDEN')
  if (look?.halt !== undefined && look.halt <= POOR_HALT) {
    limits.push(look.halt <= NO_HALT ? 'WALK_ONLY' : 'NO_CANTER')
  }
  return limits
}

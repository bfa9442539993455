import type { DebriefRow } from '../api'

/** A passed rung that was ridden on the way to another: nothing to decide, unless it fails or was decided on. */
export function isWayIn(row: DebriefRow): boolean {
  return row.state === 'PASSED' && row.advice?.decision === 'MOVE_ON' && row.decision === null
}

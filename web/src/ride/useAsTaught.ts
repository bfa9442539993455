import { useMemo } from 'react'
import type { Packet } from '../api'
import type { School } from '../record'

/** The lesson's plan with its nudges as the school has them that is borrowed now. */
export function useAsTaught({ plan, schools }: Packet, borrowed: School | undefined): Packet['plan'] {
  return useMemo(() => {
    const whenStuck = schools.find((s) => s.school === borrowed)?.whenStuck
    return whenStuck ? { ...plan, nudges: { ...plan.nudges, whenStuck } } : plan
  }, [plan, schools, borrowed])
}

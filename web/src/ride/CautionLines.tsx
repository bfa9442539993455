import { chakra } from '@chakra-ui/react'
import type { ReactNode } from 'react'
import { noteIn, useText } from '../text'
import type { Plan } from '../api'
import type { Limit } from '../look'
import { SAID_BY_LINE } from '../safety'

interface CautionLinesProps {
  horse: string
  plan: Plan
  limits: Limit[]
  /** Where there is nothing to say. */
  none?: ReactNode
}

/** What today's look forbids, and what the plan warns of. */
export function CautionLines({ horse, plan, limits, none }: CautionLinesProps) {
  const { t } = useText()
  const said = new Set<string>(limits)
  const notes: Pick<Plan['notes'][number], 'code' | 'values'>[] = [
    ...limits.map((code) => ({ code, values: {} })),
    ...plan.notes.filter((n) => n.grave && !said.has(n.code) && !SAID_BY_LINE.has(n.code)),
  ]
  if (notes.length === 0) return <>{none}</>
  return (
    <chakra.ul
      listStyleType="none"
      padding="4"
      borderWidth="2px"
      borderColor="warn"
      borderRadius="card"
      background="warnSoft"
      fontWeight="650"
      display="grid"
      gap="2"
    >
      {notes.map((n) => (
        <li key={n.code + (n.values.rung ?? '')}>{noteIn(t, n, { horse })}</li>
      ))}
    </chakra.ul>
  )
}

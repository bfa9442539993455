import { chakra } from '@chakra-ui/react'
import type { GroundView } from '../api'

export const nameOf = (view: GroundView, pair: string) =>
  view.horses.find((h) => h.pair === pair)?.horse ?? ''

/** One horse's line: its name, then its numbers. */
export function HorseLine({ name, children }: { name: string; children: React.ReactNode }) {
  return (
    <chakra.div borderTopWidth="1px" borderColor="line" paddingTop="2">
      <chakra.b display="block">{name}</chakra.b>
      {children}
    </chakra.div>
  )
}

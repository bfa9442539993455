import { chakra } from '@chakra-ui/react'
import { TriangleAlert } from 'lucide-react'
import type { GroundView, ThingOnGround } from '../api'
import { useText } from '../text'
import { useLength, WarnBox } from '../ui'

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

type Tight = NonNullable<ThingOnGround['figure']>['horses'][number]['tooTight']

/** The line is refused to this horse, with the place where it asks more than the horse can yet. */
export function TooTight({ horse, tight }: { horse: string; tight: Tight }) {
  const { t } = useText()
  const len = useLength()
  if (tight === null) return null
  return (
    <WarnBox icon={<TriangleAlert size={20} aria-hidden />}>
      {t(`ground.tight.${tight.reason}`, {
        horse,
        side: t(`side.${tight.side}`),
        metres: len(tight.diameterM, 1),
        least: len(tight.leastM, 0),
        x: len(tight.where.x, 1),
        y: len(tight.where.y, 1),
      })}
    </WarnBox>
  )
}

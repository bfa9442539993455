import { SCORES } from '../record'
import type { FirstLook, StationTicks } from '../record'

/** Where a look is made from: the key of its ticks. */
export type Stand = keyof StationTicks
export const STANDS: readonly Stand[] = ['standing', 'inHand', 'mounted']

/** What has ticks, and the checks it goes by. */
export const TICKED = {
  haltAt: ['halt'],
  legAt: ['leg'],
  jawAt: ['jawLeft', 'jawRight'],
  bendAt: ['bendLeft', 'bendRight', 'placeLeft', 'placeRight'],
  shouldersAt: ['shoulder', 'shoulderInside', 'neckTwists'],
  hindAt: ['hindLeft', 'hindRight'],
} as const satisfies Partial<Record<keyof FirstLook, readonly (keyof FirstLook)[]>>
export type Ticked = keyof typeof TICKED

/** At or under this score something was found. The twin of the server's rule. */
const LOW = 2

/** Whether one of the checks is a finding: a low score, sides that bend unlike, a bend at one place only, a heavy shoulder. */
export function isFinding(look: FirstLook, of: Ticked): boolean {
  if (of === 'bendAt' && isUnlike(look)) return true
  return TICKED[of].some((check) => {
    const said = look[check]
    if (check === 'shoulder') return !!said
    return typeof said === 'number'
      ? said <= LOW
      : said === true || (typeof said === 'string' && said !== 'EVEN')
  })
}

function isUnlike({ bendLeft, bendRight }: FirstLook): boolean {
  return bendLeft !== undefined && bendRight !== undefined && bendLeft !== bendRight
}

/** A look with this change: what it finds is ticked where one stands now, what it no longer finds loses its ticks. */
export function changed(look: FirstLook, change: Partial<FirstLook>, here: Stand): FirstLook {
  const next: FirstLook = { ...look, ...change }
  for (const of of Object.keys(TICKED) as Ticked[]) {
    if (!TICKED[of].some((check) => check in change)) continue
    next[of] = isFinding(next, of) ? { ...look[of], [here]: true } : undefined
  }
  return bare(next)
}

/** Of today alone: never taken over from another day. */
const OF_THE_DAY = ['soundness', 'riddenToday', 'riddenYesterday'] as const

/** As the last look, seen again where one stands now; soundness is looked at every day. */
export function asLastTime(last: FirstLook, here: Stand): FirstLook {
  const look: FirstLook = { ...last }
  OF_THE_DAY.forEach((check) => (look[check] = undefined))
  for (const of of Object.keys(TICKED) as Ticked[]) {
    look[of] = isFinding(look, of) ? { [here]: true } : undefined
  }
  return bare(look)
}

/** At how many stations it was seen: at one it is suspected, at two or more found. */
export function seenAt(ticks: StationTicks | undefined): number {
  return STANDS.filter((at) => ticks?.[at]).length
}

/** What was let go is not there. */
function bare(look: FirstLook): FirstLook {
  return Object.fromEntries(Object.entries(look).filter(([, said]) => said !== undefined))
}

/** A score is asked only where the one it explains is low. */
export function isLow(score: (typeof SCORES)[number] | undefined): boolean {
  return score !== undefined && score <= LOW
}

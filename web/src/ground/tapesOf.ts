import type { GroundArena, SpotOnGround } from '../api'
import type { Text } from '../text'
import type { LengthInWords } from '../ui'

const CORNERS = ['CORNER_AK', 'CORNER_AF', 'CORNER_CH', 'CORNER_CM'] as const

/** A named place as people say it: a letter or landmark by its name, a corner by the letters next to it. */
export function placeName(t: Text, name: string): string {
  const corner = CORNERS.find((c) => c === name)
  return corner ? t(`ground.corners.${corner}`) : name
}

/** Both tapes in a line, with paces, and which of two places is meant. */
export function tapesOf(t: Text, len: LengthInWords, spot: SpotOnGround): string {
  if (spot.tapes.length === 0) return t('ground.noTapes', { x: len(spot.x), y: len(spot.y) })
  const tapes = spot.tapes.map((tape) =>
    t('ground.tape', {
      place: placeName(t, tape.from),
      metres: len(tape.metres),
      paces: tape.paces.toFixed(1),
    }),
  )
  return [...tapes, ...(spot.which ? [whichOf(t, spot.which)] : [])].join(' · ')
}

export function whichOf(t: Text, which: NonNullable<SpotOnGround['which']>): string {
  return t(which.isNearer ? 'ground.nearer' : 'ground.further', { letter: which.letter })
}

type Outline = Pick<GroundArena, 'widthM' | 'lengthM' | 'letters'>

/** Where a tape is held: a letter or landmark, a corner, or the middle of a side. */
export function heldAt({ widthM: w, lengthM: l, letters }: Outline, name: string) {
  const unnamed: Record<string, { x: number; y: number } | undefined> = {
    CORNER_AK: { x: 0, y: 0 },
    CORNER_AF: { x: w, y: 0 },
    CORNER_CH: { x: 0, y: l },
    CORNER_CM: { x: w, y: l },
    A: { x: w / 2, y: 0 },
    C: { x: w / 2, y: l },
    B: { x: w, y: l / 2 },
    E: { x: 0, y: l / 2 },
  }
  return letters[name] ?? unnamed[name]
}

/** The spot as it hangs on the hand, by the same two tapes: it is not checked, and which of two places is meant is not said. */
export function pulledSpot(
  spot: SpotOnGround,
  by: { dx: number; dy: number },
  arena: Outline,
  paceM: number,
): SpotOnGround {
  const x = spot.x + by.dx
  const y = spot.y + by.dy
  const tapes = spot.tapes.map((tape) => {
    const held = heldAt(arena, tape.from)
    const metres = held ? Math.hypot(x - held.x, y - held.y) : tape.metres
    return { ...tape, metres, paces: metres / paceM }
  })
  return { ...spot, x, y, tapes, which: null }
}

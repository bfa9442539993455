import type { SpotOnGround } from '../api'
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

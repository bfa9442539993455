import { wholeMinute } from './chunks'

/** A minute is kept in so many pieces: what a killed tab loses is never more than one. */
export const PIECES_A_MINUTE = 30

/** The place of the first sample that no longer belongs to a piece. */
export function pieceEnd(place: number, rateHz: number): number {
  return Math.floor(((place + 1) * wholeMinute(rateHz)) / PIECES_A_MINUTE)
}

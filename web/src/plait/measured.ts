import { xOf } from '../timeline'
import type { Palette, Stretch } from '../timeline'
import { LANES } from './lanes'

/** What rein sensors measured, for the contact strand: the highest of each piece, in kilograms; null where it was not measured. */
export interface MeasuredReins {
  /** Of the first piece, from the plait's beginning. */
  fromMs: number
  pieceMs: number
  leftKg: (number | null)[]
  rightKg: (number | null)[]
}

/** So far from the middle line at most, in pixels. */
const HALF = 26

/** Left above the strand's line, right below it, behind what was felt. */
export function paintMeasured(
  ctx: CanvasRenderingContext2D,
  measured: readonly MeasuredReins[],
  stretch: Stretch,
  width: number,
  colours: Palette,
) {
  const top = topOf(measured)
  if (top === 0) return
  for (const { fromMs, pieceMs, leftKg, rightKg } of measured) {
    for (const [values, sign, colour] of [
      [leftKg, -1, colours.left],
      [rightKg, 1, colours.right],
    ] as const) {
      ctx.fillStyle = colour
      ctx.globalAlpha = 0.4
      const first = Math.max(0, Math.floor((stretch.fromMs - fromMs) / pieceMs))
      const end = Math.min(values.length, Math.ceil((stretch.toMs - fromMs) / pieceMs))
      for (let i = first; i < end; i++) {
        const kg = values[i]
        if (kg === null || kg === undefined) continue
        const x = xOf(fromMs + i * pieceMs, stretch, width)
        const wide = xOf(fromMs + (i + 1) * pieceMs, stretch, width) - x
        const high = HALF * Math.min(1, Math.max(0, kg) / top)
        ctx.fillRect(x, sign < 0 ? LANES.contact - high : LANES.contact, wide, high)
      }
    }
  }
  ctx.globalAlpha = 1
}

/** A single pull does not make all the rest flat. */
function topOf(measured: readonly MeasuredReins[]): number {
  const all = measured
    .flatMap(({ leftKg, rightKg }) => [...leftKg, ...rightKg])
    .filter((kg): kg is number => kg !== null)
    .sort((a, b) => a - b)
  return all[Math.floor(0.99 * (all.length - 1))] ?? 0
}

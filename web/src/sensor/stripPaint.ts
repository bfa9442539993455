import { GAP, HUNDREDTHS } from '../reins'
import type { Palette } from '../timeline'
import type { LiveReins } from './live'
import { REINS } from './live'

/** The top of the scale without a band, in kilograms; it grows with what is read. */
const USUAL_TOP_KG = 6

/** The last half minute of both reins, the newest at the right edge: left above the middle, right below. */
export function paintStrip(
  ctx: CanvasRenderingContext2D,
  live: LiveReins,
  width: number,
  height: number,
  colours: Palette,
) {
  ctx.clearRect(0, 0, width, height)
  const middle = height / 2
  const band = live.bandKg
  const top = topKg(live, band?.highKg ?? null)
  const y = (kg: number, sign: number) => middle + sign * Math.min(1, Math.max(0, kg) / top) * (middle - 1)
  for (const side of REINS) {
    const sign = side === 'left' ? -1 : 1
    const { many, old } = live.rein(side)
    ctx.fillStyle = colours[side]
    for (let x = 0; x < width; x++) {
      const high = highest(old, Math.floor((x * many) / width), Math.floor(((x + 1) * many) / width))
      if (high === GAP) continue
      const tip = y(high / HUNDREDTHS, sign)
      ctx.fillRect(x, Math.min(middle, tip), 1, Math.abs(tip - middle))
    }
  }
  ctx.fillStyle = colours.ink
  ctx.fillRect(0, middle - 0.5, width, 1)
  // where heavy begins; only this pair's own
  if (band) for (const sign of [-1, 1]) ctx.fillRect(0, y(band.highKg, sign), width, 1.5)
}

function topKg(live: LiveReins, bandKg: number | null): number {
  const highs = REINS.map((side) => {
    const { many, old } = live.rein(side)
    return highest(old, 0, many) / HUNDREDTHS
  })
  return Math.max(bandKg === null ? USUAL_TOP_KG : 1.3 * bandKg, ...highs)
}

function highest(old: (nth: number) => number, from: number, to: number): number {
  let high = GAP
  for (let i = from; i < to; i++) high = Math.max(high, old(i))
  return high
}

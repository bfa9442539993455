import { LANES } from './lanes'
import type { Shape } from './lanes'

/** Of a sign, in pixels. */
export const RADIUS = 4.5

/** A tally: so many answers somewhere in here, without order. */
export function hatched(ctx: CanvasRenderingContext2D, from: number, to: number, y: number, colour: string) {
  ctx.save()
  ctx.beginPath()
  ctx.rect(from, y - 7, to - from, 5 * LANES.row)
  ctx.clip()
  ctx.strokeStyle = colour
  ctx.lineWidth = 1
  for (let at = from - 5 * LANES.row; at < to; at += 9)
    line(ctx, at, y - 7 + 5 * LANES.row, at + 5 * LANES.row, y - 7)
  ctx.restore()
}

export function shaped(ctx: CanvasRenderingContext2D, shape: Shape, x: number, y: number, isFilled: boolean) {
  ctx.beginPath()
  switch (shape) {
    case 'half':
      ctx.arc(x, y, RADIUS, 0, 2 * Math.PI)
      ctx.stroke()
      ctx.beginPath()
      ctx.arc(x, y, RADIUS, Math.PI / 2, 1.5 * Math.PI)
      break
    case 'square':
      ctx.rect(x - RADIUS, y - RADIUS, 2 * RADIUS, 2 * RADIUS)
      break
    case 'cross':
      line(ctx, x - RADIUS, y - RADIUS, x + RADIUS, y + RADIUS)
      line(ctx, x - RADIUS, y + RADIUS, x + RADIUS, y - RADIUS)
      return
    case 'diamond':
      polygon(ctx, x, y, RADIUS + 1, 4)
      break
    case 'triangle':
      polygon(ctx, x, y, RADIUS + 1.5, 3)
      break
    case 'octagon':
      polygon(ctx, x, y, RADIUS + 2, 8)
      break
    default:
      ctx.arc(x, y, RADIUS, 0, 2 * Math.PI)
  }
  if (isFilled && shape !== 'ring') ctx.fill()
  else ctx.stroke()
}

function polygon(ctx: CanvasRenderingContext2D, x: number, y: number, r: number, corners: number) {
  for (let i = 0; i < corners; i++) {
    const turn = (2 * Math.PI * i) / corners - Math.PI / 2
    ctx.lineTo(x + r * Math.cos(turn), y + r * Math.sin(turn))
  }
  ctx.closePath()
}

export function line(ctx: CanvasRenderingContext2D, x1: number, y1: number, x2: number, y2: number) {
  ctx.beginPath()
  ctx.moveTo(x1, y1)
  ctx.lineTo(x2, y2)
  ctx.stroke()
}

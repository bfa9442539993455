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

/** Signs of one shape, all at once: a path for each would take most of a frame. */
export function signs(
  ctx: CanvasRenderingContext2D,
  shape: Shape,
  y: number,
  xs: number[],
  isFilled: boolean,
) {
  if (xs.length === 0) return
  const all = (of: Shape) => {
    ctx.beginPath()
    for (const x of xs) outline(ctx, of, x, y)
  }
  if (shape === 'half') {
    all('ring')
    ctx.stroke()
  }
  all(shape)
  if (isFilled && shape !== 'ring' && shape !== 'cross') ctx.fill()
  else ctx.stroke()
}

function outline(ctx: CanvasRenderingContext2D, shape: Shape, x: number, y: number) {
  switch (shape) {
    case 'half':
      ctx.moveTo(x, y + RADIUS)
      ctx.arc(x, y, RADIUS, Math.PI / 2, 1.5 * Math.PI)
      return
    case 'square':
      ctx.rect(x - RADIUS, y - RADIUS, 2 * RADIUS, 2 * RADIUS)
      return
    case 'cross':
      ctx.moveTo(x - RADIUS, y - RADIUS)
      ctx.lineTo(x + RADIUS, y + RADIUS)
      ctx.moveTo(x - RADIUS, y + RADIUS)
      ctx.lineTo(x + RADIUS, y - RADIUS)
      return
    case 'bar':
    case 'diamond':
      polygon(ctx, x, y, RADIUS + 1, 4)
      return
    case 'triangle':
      polygon(ctx, x, y, RADIUS + 1.5, 3)
      return
    case 'octagon':
      polygon(ctx, x, y, RADIUS + 2, 8)
      return
    default:
      ctx.moveTo(x + RADIUS, y)
      ctx.arc(x, y, RADIUS, 0, 2 * Math.PI)
  }
}

function polygon(ctx: CanvasRenderingContext2D, x: number, y: number, r: number, corners: number) {
  ctx.moveTo(x, y - r)
  for (let i = 1; i < corners; i++) {
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

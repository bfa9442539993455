import { clock } from '../text'
import { ticks, xOf } from '../timeline'
import type { Palette, Stretch } from '../timeline'
import { GAP } from '../reins'
import { CLOSE_MS, edgesAt, topKg } from './source'
import type { RibbonSource } from './source'

/** A stretch of one exercise, as it is named under the ribbon. */
export interface SpanShown {
  fromS: number
  toS: number
  rein: string
  name: string
}

export interface RibbonPicture {
  source: RibbonSource
  stretch: Stretch
  band: { lowKg: number; highKg: number } | null
  spans: SpanShown[]
  /** Where the scale ends, in kilograms; by itself where it is not said. */
  top?: number
}

export const RIBBON = { height: 300, middle: 124, half: 112, spans: 250, turn: 22, times: 290 }
/** From so many pixels a stretch is named. */
const NAMED = 64
const TICKS = 6
const LABEL_PX = 4
const LETTER_PX = 26

/** Left above the middle line, right below it: crookedness is a lopsided ribbon, heaviness a thick one. */
export function paintRibbon(
  ctx: CanvasRenderingContext2D,
  of: RibbonPicture,
  width: number,
  colours: Palette,
) {
  ctx.clearRect(0, 0, width, RIBBON.height)
  const top = of.top ?? topKg(of.source, of.band?.highKg ?? null)
  const yOf = (kg: number, side: 'left' | 'right') =>
    RIBBON.middle + (side === 'left' ? -1 : 1) * Math.min(1, Math.max(0, kg) / top) * RIBBON.half
  ribbon(ctx, of, width, colours, yOf)
  band(ctx, of, width, colours, yOf)
  scale(ctx, top, width, colours, yOf)
  turns(ctx, of, width, colours)
  times(ctx, of.stretch, width, colours)
}

type YOf = (kg: number, side: 'left' | 'right') => number

/** A column a pixel: from the middle to the highest reading lightly, to the lowest in full. */
function ribbon(
  ctx: CanvasRenderingContext2D,
  { source, stretch }: RibbonPicture,
  width: number,
  colours: Palette,
  yOf: YOf,
) {
  const secondAt = (x: number) => (stretch.fromMs + (x / width) * (stretch.toMs - stretch.fromMs)) / 1000
  const isClose = stretch.toMs - stretch.fromMs <= CLOSE_MS
  for (const side of ['left', 'right'] as const) {
    const light = new Path2D()
    const full = new Path2D()
    const edge = new Path2D()
    let isDrawing = false
    for (let x = 0; x < width; x++) {
      const { high, low } = edgesAt(source, side, secondAt(x), secondAt(x + 1), isClose)
      if (high === GAP) {
        isDrawing = false
        continue
      }
      const tip = yOf(high / 100, side)
      light.rect(x, Math.min(RIBBON.middle, tip), 1, Math.abs(tip - RIBBON.middle))
      const inner = yOf(low / 100, side)
      full.rect(x, Math.min(RIBBON.middle, inner), 1, Math.abs(inner - RIBBON.middle))
      if (isDrawing) edge.lineTo(x + 0.5, tip)
      else edge.moveTo(x + 0.5, tip)
      isDrawing = true
    }
    ctx.fillStyle = colours[side]
    ctx.globalAlpha = 0.45
    ctx.fill(light)
    ctx.globalAlpha = 1
    ctx.fill(full)
    ctx.strokeStyle = colours[side]
    ctx.lineWidth = 1.5
    ctx.stroke(edge)
  }
  ctx.fillStyle = colours.ink
  ctx.fillRect(0, RIBBON.middle - 0.5, width, 1)
}

/** The band is the ribbon's edge: what it should reach, and not go over. */
function band(
  ctx: CanvasRenderingContext2D,
  { band: aim }: RibbonPicture,
  width: number,
  colours: Palette,
  yOf: YOf,
) {
  if (!aim) return
  ctx.strokeStyle = colours.ink
  ctx.lineWidth = 1.5
  for (const side of ['left', 'right'] as const) {
    for (const kg of [aim.lowKg, aim.highKg]) {
      ctx.setLineDash(kg === aim.highKg ? [] : [5, 4])
      ctx.beginPath()
      ctx.moveTo(0, yOf(kg, side))
      ctx.lineTo(width, yOf(kg, side))
      ctx.stroke()
    }
  }
  ctx.setLineDash([])
}

/** Kilograms at the left edge, on paper of their own so that they can be read over the ribbon. */
function scale(ctx: CanvasRenderingContext2D, top: number, width: number, colours: Palette, yOf: YOf) {
  const step = top > 8 ? 4 : top > 4 ? 2 : 1
  ctx.font = `600 12px ${colours.font}`
  ctx.textBaseline = 'middle'
  for (const side of ['left', 'right'] as const) {
    for (let kg = step; kg < top; kg += step) {
      const y = yOf(kg, side)
      ctx.fillStyle = colours.line
      ctx.fillRect(0, y, width, 1)
      // the letter of the rein stands at the end of the scale
      if (Math.abs(y - yOf(top, side)) > LETTER_PX) label(ctx, `${String(kg)} kg`, LABEL_PX, y, colours)
    }
    label(ctx, side === 'left' ? 'L' : 'R', LABEL_PX, yOf(top, side) + (side === 'left' ? 8 : -8), colours)
  }
}

function label(ctx: CanvasRenderingContext2D, text: string, x: number, y: number, colours: Palette) {
  const { width } = ctx.measureText(text)
  ctx.fillStyle = colours.card
  ctx.fillRect(x - 2, y - 8, width + 4, 16)
  ctx.fillStyle = colours.ink
  ctx.fillText(text, x, y)
}

/** What was ridden, beneath. */
function turns(
  ctx: CanvasRenderingContext2D,
  { spans, stretch }: RibbonPicture,
  width: number,
  colours: Palette,
) {
  ctx.font = `600 12px ${colours.font}`
  ctx.textBaseline = 'middle'
  for (const span of spans) {
    const from = Math.max(0, xOf(span.fromS * 1000, stretch, width))
    const to = Math.min(width, xOf(span.toS * 1000, stretch, width))
    if (to - from < 1) continue
    ctx.fillStyle =
      span.rein === 'LEFT' ? colours.leftSoft : span.rein === 'RIGHT' ? colours.rightSoft : colours.sunken
    ctx.fillRect(from, RIBBON.spans, to - from - 1, RIBBON.turn)
    ctx.strokeStyle =
      span.rein === 'LEFT' ? colours.left : span.rein === 'RIGHT' ? colours.right : colours.quiet
    ctx.lineWidth = 1
    ctx.strokeRect(from + 0.5, RIBBON.spans + 0.5, Math.max(0, to - from - 2), RIBBON.turn - 1)
    if (to - from < NAMED) continue
    ctx.save()
    ctx.beginPath()
    ctx.rect(from, RIBBON.spans, to - from - 4, RIBBON.turn)
    ctx.clip()
    ctx.fillStyle = colours.ink
    ctx.fillText(span.name, from + LABEL_PX, RIBBON.spans + RIBBON.turn / 2)
    ctx.restore()
  }
}

function times(ctx: CanvasRenderingContext2D, stretch: Stretch, width: number, colours: Palette) {
  ctx.font = `12px ${colours.font}`
  ctx.textBaseline = 'alphabetic'
  ctx.fillStyle = colours.quiet
  for (const ms of ticks(stretch, TICKS)) {
    const x = xOf(ms, stretch, width)
    ctx.fillRect(x, RIBBON.spans - 6, 1, 6)
    if (x < width - 30) ctx.fillText(clock(ms), x + 2, RIBBON.times)
  }
}

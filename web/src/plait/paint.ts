import type { PlaitKind, PlaitOfLesson, PlaitTurn } from '../api'
import { clock } from '../text'
import { LANES, placeOf } from './lanes'
import type { Place } from './lanes'
import { paintMeasured } from './measured'
import type { MeasuredReins } from './measured'
import { hatched, line, RADIUS, signs } from './shapes'
import { seen, ticks, xOf } from '../timeline'
import type { Palette, Stretch } from '../timeline'

type Plait = NonNullable<PlaitOfLesson['plait']>

export interface Picture {
  plait: Plait
  stretch: Stretch
  width: number
  /** Of each kind whether it is chosen; with none chosen all are drawn in full. */
  isChosen: (kind: number) => boolean
  hasChosen: boolean
  /** The events that meet. */
  lit: ReadonlySet<number>
  selected: number | undefined
  /** What a turn is called, in short. */
  turnName: (turn: PlaitTurn) => string
  strandName: (strand: 'RIDER' | 'CONTACT' | 'HORSE') => string
  measured: readonly MeasuredReins[]
}

const FAINT = 0.14
/** Below so many pixels strokes are drawn thin. */
const NARROW = 600
const LEAST_BAR = 6
/** From so many pixels a turn is named. */
const NAMED = 70
/** So far a meeting is lit to either side, in pixels. */
const LIT = 5

/** Draws what is seen of a plait. */
export function paint(ctx: CanvasRenderingContext2D, picture: Picture, colours: Palette) {
  const { plait, stretch, width } = picture
  const x = (ms: number) => xOf(ms, stretch, width)
  ctx.clearRect(0, 0, width, LANES.height)
  const places = seen(plait.events, stretch)
  restsAndTurns(ctx, picture, colours)
  meetings(ctx, picture, places, colours)
  paintMeasured(ctx, picture.measured, stretch, width, colours)
  cords(ctx, picture, colours)
  placed(plait, places, x).forEach((events, of) => {
    const kind = plait.kinds[of]
    if (!kind || events.length === 0) return
    ctx.globalAlpha = !picture.hasChosen || picture.isChosen(of) ? 1 : FAINT
    ctx.fillStyle = ctx.strokeStyle = colourOf(kind, colours)
    ctx.lineWidth = 2
    ofKind(ctx, kind, events, width < NARROW ? 2.5 : 4, colours)
  })
  ctx.globalAlpha = 1
  const selected = picture.selected === undefined ? undefined : plait.events[picture.selected]
  const kind = selected && plait.kinds[selected.kind]
  if (selected && kind) ringed(ctx, placeOf(kind), x(selected.fromMs), colours)
  times(ctx, picture, colours)
}

interface Spot {
  from: number
  to: number
  isOwn: boolean
}

/** The events that are seen, by kind. From far off many lie on one pixel: of these the first is drawn. */
function placed(plait: Plait, places: number[], x: (ms: number) => number): Spot[][] {
  const byKind: Spot[][] = plait.kinds.map(() => [])
  const last = new Int32Array(plait.kinds.length).fill(-1_000)
  for (const i of places) {
    const e = plait.events[i]
    if (!e) continue
    const from = x(e.fromMs)
    if (Math.round(from) === last[e.kind] && e.fromMs === e.toMs) continue
    last[e.kind] = Math.round(from)
    byKind[e.kind]?.push({ from, to: x(e.toMs), isOwn: e.isOwn })
  }
  return byKind
}

/** Where they meet, behind everything. */
function meetings(
  ctx: CanvasRenderingContext2D,
  { plait, lit, stretch, width }: Picture,
  places: number[],
  colours: Palette,
) {
  ctx.fillStyle = colours.live
  ctx.globalAlpha = 0.45
  let litTo = -1_000
  for (const i of places) {
    const e = plait.events[i]
    if (!e || !lit.has(i)) continue
    const from = Math.max(litTo, xOf(e.fromMs, stretch, width) - LIT)
    litTo = Math.max(litTo, xOf(e.toMs, stretch, width) + LIT)
    if (litTo > from) ctx.fillRect(from, 4, litTo - from, LANES.signs + 8)
  }
  ctx.globalAlpha = 1
}

/** From the left: clear of the line that stands where a clip is. */
const NAMES_AT = 6

/** The strands themselves: one line each, on which the events lie. */
function cords(ctx: CanvasRenderingContext2D, { width, strandName }: Picture, colours: Palette) {
  ctx.strokeStyle = colours.line
  ctx.lineWidth = 2
  for (const y of [LANES.riderBase, LANES.contact, LANES.horseFirst - LANES.row / 2 - 3])
    line(ctx, 0, y, width, y)
  ctx.fillStyle = colours.quiet
  ctx.font = `600 11px ${colours.font}`
  ctx.textBaseline = 'alphabetic'
  // beneath its line: above it the strokes stand
  ctx.fillText(strandName('RIDER'), NAMES_AT, LANES.riderBase + 13)
  ctx.fillText(strandName('CONTACT'), NAMES_AT, LANES.contact - 4)
  ctx.fillText(strandName('HORSE'), NAMES_AT, LANES.horseFirst - LANES.row / 2 - 7)
}

function restsAndTurns(
  ctx: CanvasRenderingContext2D,
  { plait, stretch, width, turnName }: Picture,
  colours: Palette,
) {
  const x = (ms: number) => xOf(ms, stretch, width)
  for (const rest of plait.rests) {
    ctx.fillStyle = colours.sunken
    ctx.fillRect(x(rest.fromMs), 0, x(rest.toMs) - x(rest.fromMs), LANES.turns + LANES.turnHeight)
  }
  ctx.font = `600 12px ${colours.font}`
  ctx.textBaseline = 'middle'
  for (const turn of plait.turns) {
    const from = Math.max(0, x(turn.fromMs))
    const to = Math.min(width, x(turn.toMs))
    if (to <= 0 || from >= width || to - from < 1) continue
    const isLeft = turn.rein === 'LEFT'
    const isRight = turn.rein === 'RIGHT'
    ctx.fillStyle = isLeft ? colours.leftSoft : isRight ? colours.rightSoft : colours.sunken
    ctx.fillRect(from + 1, LANES.turns, to - from - 1, LANES.turnHeight)
    ctx.fillStyle = isLeft ? colours.left : isRight ? colours.right : colours.line
    // left striped below, right dotted, so that neither is known by its colour alone
    for (let at = from + 2; at < to - 2; at += isLeft ? 8 : isRight ? 5 : 12) {
      ctx.fillRect(at, LANES.turns + LANES.turnHeight - 3, isLeft ? 5 : 2, 3)
    }
    // from far off only the rein
    const name = to - from < NAMED ? turnName(turn).split(' ')[0] : turnName(turn)
    ctx.fillStyle = colours.ink
    if (to - from > 26) {
      ctx.save()
      ctx.beginPath()
      ctx.rect(from + 4, LANES.turns, to - from - 8, LANES.turnHeight)
      ctx.clip()
      ctx.fillText(name ?? '', from + 6, LANES.turns + 9)
      ctx.restore()
    }
  }
}

function times(ctx: CanvasRenderingContext2D, { stretch, width }: Picture, colours: Palette) {
  ctx.fillStyle = colours.quiet
  ctx.font = `11px ${colours.font}`
  ctx.textBaseline = 'alphabetic'
  for (const ms of ticks(stretch, Math.max(2, Math.floor(width / 90)))) {
    const at = xOf(ms, stretch, width)
    ctx.fillRect(at, LANES.turns - 4, 1, 4)
    if (at < width - 34) ctx.fillText(clock(ms), at + 2, LANES.time)
  }
}

/** Strokes as high as it was strong; what lasts as a bar; all else by its sign. Hollow where it was the coach's own riding. */
function ofKind(
  ctx: CanvasRenderingContext2D,
  kind: PlaitKind,
  events: Spot[],
  wide: number,
  colours: Palette,
) {
  const { y, shape } = placeOf(kind)
  if (shape === 'stroke') {
    const high = LANES.strength * Number(kind.name)
    for (const { from, isOwn } of events) {
      if (isOwn) ctx.fillRect(from - wide / 2, y - high, wide, high)
      else ctx.strokeRect(from - wide / 2, y - high, wide, high)
    }
    return
  }
  const isBar = (e: Spot) => shape === 'bar' && e.to - e.from >= LEAST_BAR
  for (const { from, to } of events.filter(isBar)) {
    if (kind.sort === 'TALLY') hatched(ctx, from, to, y, colours.quiet)
    else ctx.fillRect(from, y - 4, to - from, 8)
  }
  for (const isOwn of [true, false]) {
    const xs = events.filter((e) => e.isOwn === isOwn && !isBar(e)).map((e) => e.from)
    signs(ctx, shape, y, xs, isOwn)
  }
}

function colourOf({ sort, side }: PlaitKind, colours: Palette) {
  if (side === 'LEFT') return colours.left
  if (side === 'RIGHT') return colours.right
  return sort === 'STOP_SIGN' ? colours.warn : colours.ink
}

function ringed(ctx: CanvasRenderingContext2D, { y, shape }: Place, x: number, colours: Palette) {
  ctx.globalAlpha = 1
  ctx.strokeStyle = colours.ink
  ctx.lineWidth = 2.5
  ctx.beginPath()
  ctx.arc(x, shape === 'stroke' ? y - LANES.strength : y, RADIUS + 6, 0, 2 * Math.PI)
  ctx.stroke()
}

const REACH = 22

/** The event that is nearest to a touch, by its place; none where nothing is near. */
export function touched(
  { plait, stretch, width }: Pick<Picture, 'plait' | 'stretch' | 'width'>,
  x: number,
  y: number,
) {
  let best: number | undefined
  let least = REACH
  for (const i of seen(plait.events, stretch)) {
    const e = plait.events[i]
    const kind = e && plait.kinds[e.kind]
    if (!e || !kind) continue
    const place = placeOf(kind)
    const from = xOf(e.fromMs, stretch, width)
    const to = xOf(e.toMs, stretch, width)
    const dx = Math.max(from - x, x - to, 0)
    const high = place.shape === 'stroke' ? LANES.strength * Number(kind.name) : 0
    const dy = Math.max(place.y - high - y, y - place.y, 0)
    const far = Math.hypot(dx, dy)
    if (far < least) {
      best = i
      least = far
    }
  }
  return best
}

import type { GroundArena, GroundRoom, GroundView, WantedThing } from '../api'
import type { Text } from '../text'

export type Kind = 'figure' | 'sideways' | 'quarters' | 'row' | 'fan' | 'fences' | 'course' | 'cone'
/** What is put on the ground by one touch. */
export type Addable = Kind | 'cavaletti'
export type Figure = NonNullable<WantedThing['figure']>

const KINDS: Kind[] = ['figure', 'sideways', 'quarters', 'row', 'fan', 'fences', 'course', 'cone']
export const ADDABLE: Addable[] = [
  'figure',
  'sideways',
  'quarters',
  'row',
  'fan',
  'fences',
  'cavaletti',
  'course',
  'cone',
]

const NOTHING = {
  figure: null,
  sideways: null,
  quarters: null,
  row: null,
  fan: null,
  fences: null,
  course: null,
  cone: null,
  laidS: null,
  awayS: null,
  pace: null,
}

/** A thing that is nothing yet but its name. */
export const blank = (id: string): WantedThing => ({ ...NOTHING, id })

export function kindOf(thing: WantedThing): Kind {
  return KINDS.find((k) => thing[k] !== null) ?? 'cone'
}

/** A figure as it is mostly ridden. */
export function usualFigure(
  form: GroundRoom['forms'][number],
  room: GroundRoom,
  rein: Figure['rein'],
): Figure {
  return {
    form: form.form,
    rein,
    at: form.usualAt,
    sizeM: form.size.usual,
    toM: room.narrowest.usual,
    count: form.count.usual,
    cornerM: room.corner.usual,
  }
}

/** A thing as it is mostly set up, where there is room for it. */
export function newThing(
  kind: Addable,
  id: string,
  room: GroundRoom,
  { widthM: w, lengthM: l, letters }: GroundArena,
  others: WantedThing[] = [],
): WantedThing {
  const up = (x: number, y: number) => ({ at: { x: tidy(x), y: tidy(y) }, headingDeg: 90 })
  if (kind === 'figure') {
    const circle = room.forms.find((f) => f.form === 'CIRCLE')
    return { ...NOTHING, id, figure: circle ? usualFigure(circle, room, 'LEFT') : null }
  }
  if (kind === 'sideways') return { ...NOTHING, id, sideways: offCentreLine(letters) }
  if (kind === 'quarters') return { ...NOTHING, id, quarters: { rein: 'LEFT', at: 'A', foreM: 10, hindM: 9 } }
  if (kind === 'row')
    return {
      ...NOTHING,
      id,
      row: { first: up((w * 3) / 4, l / 3), poles: 4, apartM: null, poleM: 3, isRaised: false },
    }
  if (kind === 'fan')
    return {
      ...NOTHING,
      id,
      fan: { middle: up(w / 2, l / 2 - 4), poles: 4, middleM: 6, poleM: 3, gapDeg: null },
    }
  if (kind === 'fences')
    return {
      ...NOTHING,
      id,
      fences: { first: up(w / 4, l / 4), distancesM: [], fenceM: 0.6, widthM: 3 },
    }
  if (kind === 'cavaletti') {
    const { count, apartM, heightM } = room.cavaletti
    const distancesM = Array.from({ length: count - 1 }, () => tidy(apartM))
    return {
      ...NOTHING,
      id,
      fences: { first: up(w / 4, l / 3), distancesM, fenceM: heightM, widthM: 3 },
    }
  }
  if (kind === 'course') {
    const over = others.filter((o) => o.fences).map((o) => ({ fences: o.id, isReversed: false }))
    return { ...NOTHING, id, course: { over, turnM: 5, speedMMin: 350 } }
  }
  return { ...NOTHING, id, cone: { x: tidy(w / 2), y: tidy(l / 2) } }
}

/** From the centre line to the track, as it is mostly taught; without letters between the middles of two sides. */
function offCentreLine(letters: GroundArena['letters']) {
  if (!('D' in letters)) return { from: 'A', to: 'E' }
  return { from: 'D', to: 'S' in letters ? 'S' : 'H' }
}

/** A course needs two fences that stand, in one line or in two. */
export function canJump(things: WantedThing[]): boolean {
  return things.reduce((sum, t) => sum + (t.fences ? t.fences.distancesM.length + 1 : 0), 0) > 1
}

/**
 * As it was measured for all its horses: what was left to suit them is said in numbers, so that it stays the same for each of
 * them alone.
 */
export function settled(things: WantedThing[], view: GroundView | undefined): WantedThing[] {
  return things.map((thing) => {
    const known = view?.things.find((one) => one.id === thing.id)
    if (thing.row && known?.row)
      return { ...thing, row: { ...thing.row, apartM: thing.row.apartM ?? tidy(known.row.apartM) } }
    if (thing.fan && known?.fan)
      return { ...thing, fan: { ...thing.fan, gapDeg: thing.fan.gapDeg ?? tidy(known.fan.gapDeg) } }
    return thing
  })
}

/** What a thing is called among the others: with a number where there are several of its kind. */
export function nameAmong(t: Text, things: WantedThing[], id: string): string {
  const thing = things.find((one) => one.id === id)
  if (!thing) return ''
  const alike = things.filter((one) => kindText(one) === kindText(thing))
  const name = t(`ground.kind.${kindText(thing)}`)
  return alike.length > 1 ? t('ground.numbered', { name, number: alike.indexOf(thing) + 1 }) : name
}

/** A figure by its own name. */
export const kindText = (thing: WantedThing) => thing.figure?.form ?? kindOf(thing)

/** To a centimetre: what a tape can tell. */
export const tidy = (metres: number) => Math.round(metres * 100) / 100

interface Place {
  x: number
  y: number
}

/** Where a thing stands; a figure has its letter instead. */
export function placeOf(thing: WantedThing): Place | null {
  return thing.cone ?? thing.row?.first.at ?? thing.fan?.middle.at ?? thing.fences?.first.at ?? null
}

/** The same thing at another place, turned as it was. */
export function placed(thing: WantedThing, { x, y }: Place): WantedThing {
  const at = { x: tidy(x), y: tidy(y) }
  if (thing.cone) return { ...thing, cone: at }
  if (thing.row) return { ...thing, row: { ...thing.row, first: { ...thing.row.first, at } } }
  if (thing.fan) return { ...thing, fan: { ...thing.fan, middle: { ...thing.fan.middle, at } } }
  if (thing.fences) return { ...thing, fences: { ...thing.fences, first: { ...thing.fences.first, at } } }
  return thing
}

export function headingOf(thing: WantedThing): number | null {
  return (thing.row?.first ?? thing.fan?.middle ?? thing.fences?.first)?.headingDeg ?? null
}

/** The same thing turned, counter-clockwise. */
export function turned(thing: WantedThing, byDeg: number): WantedThing {
  const heading = headingOf(thing)
  return heading === null ? thing : headed(thing, (((heading + byDeg) % 360) + 360) % 360)
}

export function headed(thing: WantedThing, headingDeg: number): WantedThing {
  if (thing.row) return { ...thing, row: { ...thing.row, first: { ...thing.row.first, headingDeg } } }
  if (thing.fan) return { ...thing, fan: { ...thing.fan, middle: { ...thing.fan.middle, headingDeg } } }
  if (thing.fences)
    return { ...thing, fences: { ...thing.fences, first: { ...thing.fences.first, headingDeg } } }
  return thing
}

/** Half metres, and what one would aim at: letters, the quarter lines and the centre line, if they are near. */
export function snapped({ x, y }: Place, arena: GroundArena): Place {
  const letter = Object.values(arena.letters).find((l) => Math.hypot(l.x - x, l.y - y) < NEAR_M)
  if (letter) return letter
  const line = [0.25, 0.5, 0.75].map((share) => share * arena.widthM).find((at) => Math.abs(at - x) < NEAR_M)
  return { x: line ?? half(x), y: half(y) }
}

const NEAR_M = 0.6
const half = (metres: number) => Math.round(metres * 2) / 2

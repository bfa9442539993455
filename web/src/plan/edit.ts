import type { PlanBlock, WantedBlock } from '../api'

const LEAST_S = 60
const MOST_S = 3600
/** One touch on longer or shorter. */
const STEP_S = 60
/** What a drawn edge moves by. */
const GRAIN_S = 30

/** The blocks as they are kept. */
export function wantedOf(blocks: PlanBlock[]): WantedBlock[] {
  return blocks.map((b) => ({
    rung: b.of.rung,
    role: b.role,
    seconds: b.workS,
    longer: b.longer,
    locked: b.locked || null,
  }))
}

/** One block a minute longer or shorter, within its bounds. */
export function lengthened(blocks: WantedBlock[], at: number, by: 1 | -1): WantedBlock[] {
  return blocks.map((b, i) =>
    i === at
      ? { ...b, seconds: Math.min(MOST_S, Math.max(LEAST_S, roundUp(b.seconds, by) + by * STEP_S)) }
      : b,
  )
}

/** To whole minutes, so that the steps stay whole: down when it gets longer, up when it gets shorter. */
function roundUp(seconds: number, by: 1 | -1): number {
  return (by === 1 ? Math.floor(seconds / STEP_S) : Math.ceil(seconds / STEP_S)) * STEP_S
}

/** Half a minute at a time, within its bounds. */
export function stretchedTo(seconds: number): number {
  return Math.min(MOST_S, Math.max(LEAST_S, Math.round(seconds / GRAIN_S) * GRAIN_S))
}

export function lasting(blocks: WantedBlock[], at: number, seconds: number): WantedBlock[] {
  return blocks.map((b, i) => (i === at ? { ...b, seconds } : b))
}

export function lockedAt(blocks: WantedBlock[], at: number): WantedBlock[] {
  return blocks.map((b, i) => (i === at ? { ...b, locked: b.locked ? null : true } : b))
}

/** All blocks made longer or shorter alike until they fill this much work; a locked one keeps its minutes. */
export function fitted(blocks: WantedBlock[], roomS: number): WantedBlock[] {
  const free = blocks.filter((b) => !b.locked)
  const lockedS = workOf(blocks) - workOf(free)
  const factor = Math.max(0, roomS - lockedS) / Math.max(1, workOf(free))
  return blocks.map((b) =>
    b.locked
      ? b
      : {
          ...b,
          seconds: Math.min(MOST_S, Math.max(LEAST_S, Math.floor((b.seconds * factor) / GRAIN_S) * GRAIN_S)),
        },
  )
}

export function workOf(blocks: WantedBlock[]): number {
  return blocks.reduce((sum, b) => sum + b.seconds, 0)
}

/** One block taken out and put in at this place. */
export function placed(blocks: WantedBlock[], from: number, to: number): WantedBlock[] {
  const one = blocks[from]
  if (!one || from === to || to < 0 || to >= blocks.length) return blocks
  const others = blocks.filter((_, i) => i !== from)
  return [...others.slice(0, to), one, ...others.slice(to)]
}

export function swapped(blocks: WantedBlock[], at: number, rung: string): WantedBlock[] {
  return blocks.map((b, i) => (i === at ? { ...b, rung } : b))
}

export function leaning(blocks: WantedBlock[], at: number, longer: WantedBlock['longer']): WantedBlock[] {
  return blocks.map((b, i) => (i === at ? { ...b, longer } : b))
}

export function without(blocks: WantedBlock[], at: number): WantedBlock[] {
  return blocks.filter((_, i) => i !== at)
}

export function withNew(blocks: WantedBlock[], rung: string): WantedBlock[] {
  return [
    ...blocks,
    { rung, role: blocks.length === 0 ? 'MAIN' : 'LAST', seconds: 240, longer: 'NONE', locked: null },
  ]
}

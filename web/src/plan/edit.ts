import type { PlanBlock, WantedBlock } from '../api'

const LEAST_S = 60
const MOST_S = 3600
/** One touch on longer or shorter. */
const STEP_S = 60

/** The blocks as they are kept. */
export function wantedOf(blocks: PlanBlock[]): WantedBlock[] {
  return blocks.map((b) => ({ rung: b.of.rung, role: b.role, seconds: b.workS, longer: b.longer }))
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

export function moved(blocks: WantedBlock[], at: number, by: 1 | -1): WantedBlock[] {
  const to = at + by
  const one = blocks[at]
  const other = blocks[to]
  if (!one || !other) return blocks
  return blocks.map((b, i) => (i === at ? other : i === to ? one : b))
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
  return [...blocks, { rung, role: blocks.length === 0 ? 'MAIN' : 'LAST', seconds: 240, longer: 'NONE' }]
}

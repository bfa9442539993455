import type { PieceOfFigure } from '../api'

/** Up on the page is up in the arena, so y is turned. */
export type Y = (metres: number) => number

/** Arcs are drawn by quarters: a full circle in one has no direction. */
export function pathOf(pieces: PieceOfFigure[], y: Y): string {
  let path = ''
  let end: { x: number; y: number } | undefined
  for (const p of pieces) {
    // legs of a zigzag meet, all else goes on where it was
    if (!end || Math.hypot(end.x - p.x1, end.y - p.y1) > 0.001) path += `M${p.x1} ${y(p.y1)}`
    path += p.radiusM === 0 ? `L${p.x2} ${y(p.y2)}` : arcOf(p, y)
    end = { x: p.x2, y: p.y2 }
  }
  return path
}

function arcOf(p: PieceOfFigure, y: Y): string {
  const quarters = Math.ceil(Math.abs(p.sweepRad) / (Math.PI / 2) - 1e-9)
  return Array.from({ length: quarters }, (_, i) => {
    const at = p.fromRad + (p.sweepRad * (i + 1)) / quarters
    const x = p.centreX + p.radiusM * Math.cos(at)
    return `A${p.radiusM} ${p.radiusM} 0 0 ${p.sweepRad > 0 ? 0 : 1} ${x} ${y(p.centreY + p.radiusM * Math.sin(at))}`
  }).join('')
}

export interface Pose {
  x: number
  y: number
  headingRad: number
}

export const lengthOf = (p: PieceOfFigure) =>
  p.radiusM === 0 ? Math.hypot(p.x2 - p.x1, p.y2 - p.y1) : p.radiusM * Math.abs(p.sweepRad)

/** Where one is so many metres along, which way one looks, and on which piece. */
export function poseAt(pieces: PieceOfFigure[], alongM: number): (Pose & { piece: number }) | undefined {
  let left = alongM
  for (const [piece, p] of pieces.entries()) {
    const length = lengthOf(p)
    if (left <= length || piece === pieces.length - 1) return { ...poseOn(p, Math.min(left, length)), piece }
    left -= length
  }
  return undefined
}

function poseOn(p: PieceOfFigure, alongM: number): Pose {
  if (p.radiusM === 0) {
    const heading = Math.atan2(p.y2 - p.y1, p.x2 - p.x1)
    return {
      x: p.x1 + alongM * Math.cos(heading),
      y: p.y1 + alongM * Math.sin(heading),
      headingRad: heading,
    }
  }
  const at = p.fromRad + (Math.sign(p.sweepRad) * alongM) / p.radiusM
  return {
    x: p.centreX + p.radiusM * Math.cos(at),
    y: p.centreY + p.radiusM * Math.sin(at),
    headingRad: at + (Math.sign(p.sweepRad) * Math.PI) / 2,
  }
}

import type { FrameShape } from '../record'
import type { Setting } from './useFrameMarks'

/** What each point is set on, in its order, by the name of its words. */
const SHAPES = {
  LINE: ['lineFrom', 'lineTo'],
  ANGLE: ['armFrom', 'corner', 'armTo'],
  EARS: ['withers', 'ears'],
  SEAT: ['shoulder', 'hip', 'heel'],
  HIPS: ['leftHip', 'rightHip'],
} as const

const HELPS = { level: ['levelFrom', 'levelTo'], scale: ['scaleFrom', 'scaleTo'] } as const

/** What the point of this index is set on; undefined beyond the last. */
export function placeOf(setting: Setting, shape: FrameShape, index: number) {
  const places: readonly ((typeof SHAPES)[FrameShape][number] | (typeof HELPS)['level' | 'scale'][number])[] =
    setting === 'points' ? SHAPES[shape] : HELPS[setting]
  const place = places[index]
  return place && (`frame.place.${place}` as const)
}

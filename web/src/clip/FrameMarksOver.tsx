import { chakra } from '@chakra-ui/react'
import { useRef } from 'react'
import type { KeyboardEvent, PointerEvent } from 'react'
import { useText } from '../text'
import type { FrameOnClip } from './clips'
import { FrameOver, onFrame, Stroke } from './FrameOver'
import { placeOf } from './framePlaces'
import type { Player } from './player'
import type { FrameDraft, SetPoint, Setting } from './useFrameMarks'
import { useWhere } from './usePlaying'

/** So many pixels of the screen a point is set beside what was meant: by a mouse or keys, and by a finger (from memory, no source). */
const BESIDE = { mouse: 3, finger: 6 }

interface FrameMarksOverProps {
  draft: FrameDraft
  /** What was measured before is seen on its frame. */
  frames: readonly FrameOnClip[]
  player: Player
  zoom: number
}

/** Points that are set on a frame by touching it, and moved by hand or by the arrow keys. */
export function FrameMarksOver({ draft, frames, player, zoom }: FrameMarksOverProps) {
  const { t } = useText()
  const size = player.frameSize
  const { sets, shape, atMs } = draft
  const isHere = useWhere(player, (now) => isAt(now, atMs))
  const seen = useWhere(player, (now) =>
    frames
      .filter(({ said }) => Math.abs(now - said.at.ms) < player.frameMs / 2 + 1)
      .map(({ id }) => id)
      .join(),
  )
  const kept = atMs === undefined ? frames.filter(({ id }) => seen.split(',').includes(id)) : []
  return (
    <FrameOver size={size} label={t('frame.over')}>
      {kept.map(({ id, said }) => (
        <Stroke key={id} points={said.points} zoom={zoom} />
      ))}
      {isHere && (
        <>
          <Stroke points={sets.level} zoom={zoom} isHelp />
          <Stroke points={sets.scale} zoom={zoom} isHelp />
          <Stroke points={sets.points} zoom={zoom} />
          {(['level', 'scale', 'points'] as const).flatMap((of) =>
            sets[of].map((point, i) => (
              <Handle
                key={`${of}${String(i)}`}
                point={point}
                zoom={zoom}
                label={t('frame.point', { name: t(placeOf(of, shape, i) ?? 'frame.over') })}
                onMove={(e) => {
                  const to = pointAt(e, player)
                  if (to) draft.move(of, i, to)
                }}
                onNudge={(e) => nudge(e, draft, of, i, size)}
              />
            )),
          )}
        </>
      )}
    </FrameOver>
  )
}

/** The points stand on one frame, and are seen there only. */
export const isAt = (nowMs: number, atMs: number | undefined) =>
  atMs === undefined || Math.abs(nowMs - atMs) < 1

/** Where the hand is, as a point that can be set there. */
export function pointAt(e: PointerEvent, player: Player): SetPoint | undefined {
  const at = onFrame(e, player.frameSize)
  if (!at) return undefined
  const { x, y, framePx } = at
  return { x, y, withinPx: beside(e.pointerType === 'touch' ? 'finger' : 'mouse', framePx) }
}

function beside(by: keyof typeof BESIDE, framePx: number): number {
  return Math.min(1000, Math.max(1, Math.ceil(BESIDE[by] * framePx)))
}

const ARROWS: Record<string, [x: number, y: number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}

/** By one pixel of the frame, with Shift by ten: seen as closely as a mouse could have set it. */
function nudge(
  e: KeyboardEvent,
  draft: FrameDraft,
  of: Setting,
  index: number,
  size: Player['frameSize'],
): void {
  const arrow = ARROWS[e.key]
  const point = draft.sets[of][index]
  if (!arrow || !point) return
  e.preventDefault()
  // an arrow does not go on to the next frame from here
  e.stopPropagation()
  const by = e.shiftKey ? 10 : 1
  const { framePx } = onFrame({ clientX: 0, clientY: 0, currentTarget: e.currentTarget }, size) ?? {
    framePx: 1,
  }
  draft.move(of, index, {
    x: Math.max(0, Math.min(size.width, point.x + by * arrow[0])),
    y: Math.max(0, Math.min(size.height, point.y + by * arrow[1])),
    withinPx: beside('mouse', framePx),
  })
}

interface HandleProps {
  point: SetPoint
  zoom: number
  label: string
  onMove: (e: PointerEvent) => void
  onNudge: (e: KeyboardEvent) => void
}

/** A ring, so that what it stands on is seen. */
function Handle({ point: { x, y }, zoom, label, onMove, onNudge }: HandleProps) {
  const isHeld = useRef(false)
  const d = `M${x} ${y}h0`
  const dot = { d, strokeLinecap: 'round', vectorEffect: 'non-scaling-stroke' } as const
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={label}
      style={{ cursor: 'move', pointerEvents: 'auto' }}
      onKeyDown={onNudge}
      onPointerDown={(e) => {
        e.stopPropagation()
        e.currentTarget.setPointerCapture(e.pointerId)
        isHeld.current = true
      }}
      onPointerMove={(e) => {
        if (!isHeld.current) return
        e.stopPropagation()
        onMove(e)
      }}
      onPointerUp={(e) => {
        e.stopPropagation()
        isHeld.current = false
      }}
      onPointerCancel={() => {
        isHeld.current = false
      }}
    >
      <path {...dot} stroke="transparent" strokeWidth={44 / zoom} pointerEvents="stroke" />
      <chakra.path {...dot} stroke="markEdge" strokeWidth={14 / zoom} />
      <chakra.path {...dot} stroke="mark" strokeWidth={9 / zoom} />
      <chakra.path {...dot} stroke="markEdge" strokeWidth={3 / zoom} />
    </g>
  )
}

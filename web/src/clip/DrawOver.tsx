import { useRef, useState } from 'react'
import type { FramePoint } from '../record'
import { useText } from '../text'
import type { CommentOnClip } from './clips'
import { isAt } from './FrameMarksOver'
import { FrameOver, onFrame, Stroke } from './FrameOver'
import type { Player } from './player'
import type { DrawingDraft } from './useDrawing'
import { useWhere } from './usePlaying'

interface DrawOverProps {
  player: Player
  comments: readonly CommentOnClip[]
  zoom: number
  /** Left out for those who only watch. */
  draft?: DrawingDraft
}

/** Closer together on the screen a hand means nothing by it. */
const APART_PX = 4

/** What was drawn on the frame that is seen, and what is being drawn. */
export function DrawOver({ player, comments, zoom, draft }: DrawOverProps) {
  const { t } = useText()
  const size = player.frameSize
  const line = useRef<FramePoint[] | null>(null)
  const [now, setNow] = useState<FramePoint[]>([])
  const shown = useWhere(player, (atMs) =>
    comments
      .filter((c) => c.drawing && isSeen(c, atMs, player.frameMs))
      .map((c) => c.id)
      .join(),
  )
  const isHere = useWhere(player, (atMs) => isAt(atMs, draft?.atMs))
  const kept = comments.filter((c) => shown.split(',').includes(c.id))
  const canDraw = draft?.isOn === true && isHere
  return (
    <FrameOver
      size={size}
      label={t('drawing.over')}
      onDown={
        canDraw
          ? (e) => {
              e.stopPropagation()
              e.currentTarget.setPointerCapture(e.pointerId)
              player.pause()
              const at = onFrame(e, size)
              line.current = at ? [{ x: at.x, y: at.y }] : null
            }
          : undefined
      }
      onMove={(e) => {
        const points = line.current
        const at = points && onFrame(e, size)
        const last = points?.at(-1)
        if (!at || !last || Math.hypot(at.x - last.x, at.y - last.y) < APART_PX * at.framePx) return
        points.push({ x: at.x, y: at.y })
        setNow([...points])
      }}
      onUp={() => {
        if (line.current) draft?.add(line.current)
        line.current = null
        setNow([])
      }}
    >
      {kept.flatMap(({ id, drawing }) =>
        (drawing?.strokes ?? []).map(({ points }, i) => (
          <Stroke key={`${id}${String(i)}`} points={points} zoom={zoom} />
        )),
      )}
      {isHere && draft?.strokes.map((points, i) => <Stroke key={i} points={points} zoom={zoom} />)}
      {now.length > 0 && <Stroke points={now} zoom={zoom} />}
    </FrameOver>
  )
}

/** On its frame, or while its stretch is played. */
function isSeen({ atMs, untilMs }: CommentOnClip, now: number, frameMs: number): boolean {
  return now > atMs - frameMs / 2 - 1 && now < (untilMs ?? atMs) + frameMs / 2 + 1
}

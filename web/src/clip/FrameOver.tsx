import { chakra } from '@chakra-ui/react'
import type { PointerEvent, ReactNode } from 'react'
import type { FramePoint } from '../record'

interface FrameSize {
  width: number
  height: number
}

interface FrameOverProps {
  size: FrameSize
  /** What it shows, in words. */
  label: string
  children: ReactNode
  onDown?: (e: PointerEvent<SVGSVGElement>) => void
  onMove?: (e: PointerEvent<SVGSVGElement>) => void
  onUp?: (e: PointerEvent<SVGSVGElement>) => void
}

/** What lies over a frame, in the frame's own pixels; it lets the hand through to the picture where nothing is done with it. */
export function FrameOver({
  size: { width, height },
  label,
  children,
  onDown,
  onMove,
  onUp,
}: FrameOverProps) {
  if (width === 0 || height === 0) return null
  return (
    <chakra.svg
      position="absolute"
      inset="0"
      width="full"
      height="full"
      viewBox={`0 0 ${width} ${height}`}
      preserveAspectRatio="xMidYMid meet"
      role="group"
      aria-label={label}
      pointerEvents={onDown ? 'auto' : 'none'}
      css={{ touchAction: 'none' }}
      cursor={onDown ? 'crosshair' : undefined}
      onPointerDown={onDown}
      onPointerMove={onMove}
      onPointerUp={onUp}
      onPointerCancel={onUp}
      data-over
    >
      {children}
    </chakra.svg>
  )
}

/** Where on the frame the hand is, and how many pixels of the frame one on the screen covers; undefined where no frame is seen. */
export function onFrame(
  e: { clientX: number; clientY: number; currentTarget: Element },
  { width, height }: FrameSize,
): (FramePoint & { framePx: number }) | undefined {
  const over = e.currentTarget.closest('[data-over]') ?? e.currentTarget.querySelector('[data-over]')
  if (!over || width === 0 || height === 0) return undefined
  const box = over.getBoundingClientRect()
  const scale = Math.min(box.width / width, box.height / height)
  const at = (client: number, from: number, room: number, size: number) =>
    Math.max(0, Math.min(size, Math.round((client - from - (room - scale * size) / 2) / scale)))
  return {
    x: at(e.clientX, box.left, box.width, width),
    y: at(e.clientY, box.top, box.height, height),
    framePx: 1 / scale,
  }
}

interface StrokeProps {
  points: readonly FramePoint[]
  zoom: number
  /** Of another kind than what is measured. */
  isHelp?: boolean
}

/** Points joined by lines: light on dark, so that they are seen on sand and on a dark horse alike. */
export function Stroke({ points, zoom, isHelp = false }: StrokeProps) {
  const d = pathOf(points)
  return (
    <g fill="none" strokeLinecap="round" strokeLinejoin="round">
      <chakra.path d={d} stroke="markEdge" strokeWidth={6 / zoom} vectorEffect="non-scaling-stroke" />
      <chakra.path
        d={d}
        stroke={isHelp ? 'markHelp' : 'mark'}
        strokeWidth={3 / zoom}
        strokeDasharray={isHelp ? `${8 / zoom} ${6 / zoom}` : undefined}
        vectorEffect="non-scaling-stroke"
      />
    </g>
  )
}

/** A point alone is a dot. */
function pathOf(points: readonly FramePoint[]): string {
  const [first, ...others] = points
  if (!first) return ''
  const rest = others.length === 0 ? 'h0' : others.map(({ x, y }) => `L${x} ${y}`).join('')
  return `M${first.x} ${first.y}${rest}`
}

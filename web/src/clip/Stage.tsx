import { chakra } from '@chakra-ui/react'
import { useEffect, useRef, useState } from 'react'
import type { PointerEvent, ReactNode } from 'react'
import { Player } from './player'

interface StageProps {
  url: string
  label: string
  lengthMs: number
  /** How many times closer; 1: all of it. */
  zoom: number
  onPlayer: (player: Player | null) => void
  /** Two fingers spread, or come together. */
  onZoom: (by: 1 | -1) => void
  /** Lies over the picture, and moves with it. */
  over?: ReactNode
  /** The picture was touched by one finger, and not moved. */
  onTouch?: (e: PointerEvent<HTMLElement>) => void
}

/** A touch that moved further than this moved the picture. */
const TOUCH_PX = 8

/** So much further apart, two fingers bring the picture a step closer; nearer together, a step away. */
const PINCH = 1.3

/** The picture. Closer, it is moved by the hand. */
export function Stage({ url, label, lengthMs, zoom, onPlayer, onZoom, over, onTouch }: StageProps) {
  const video = useRef<HTMLVideoElement>(null)
  const hand = useRef<{ x: number; y: number } | null>(null)
  /** Where one finger alone came down; null as soon as it moves. */
  const touch = useRef<{ x: number; y: number } | null>(null)
  const [moved, setMoved] = useState({ x: 0, y: 0 })
  useEffect(() => {
    if (!video.current) return
    const player = new Player(video.current, lengthMs)
    onPlayer(player)
    return () => {
      player.leave()
      onPlayer(null)
    }
  }, [url, lengthMs, onPlayer])
  const fingers = useRef(new Map<number, { x: number; y: number }>())
  const spread = useRef<number | null>(null)
  /** Whether two fingers are on the picture. */
  const pinch = (e: PointerEvent<HTMLElement>): boolean => {
    if (!fingers.current.has(e.pointerId)) return false
    fingers.current.set(e.pointerId, { x: e.clientX, y: e.clientY })
    const [a, b] = [...fingers.current.values()]
    if (!a || !b) return false
    const now = Math.hypot(a.x - b.x, a.y - b.y)
    const before = (spread.current ??= now)
    if (now > before * PINCH || now < before / PINCH) {
      onZoom(now > before ? 1 : -1)
      spread.current = now
    }
    return true
  }
  const lift = (e: PointerEvent<HTMLElement>) => {
    fingers.current.delete(e.pointerId)
    spread.current = null
    hand.current = null
  }
  const drag = (e: PointerEvent<HTMLElement>) => {
    const down = touch.current
    if (down && Math.hypot(e.clientX - down.x, e.clientY - down.y) > TOUCH_PX) touch.current = null
    if (pinch(e)) return
    const from = hand.current
    if (!from || zoom === 1) return
    // no further than its edge
    const [mostX, mostY] = [e.currentTarget.clientWidth, e.currentTarget.clientHeight].map(
      (size) => (size * (zoom - 1)) / 2 / zoom,
    ) as [number, number]
    const within = (at: number, most: number) => Math.max(-most, Math.min(most, at))
    setMoved({
      x: within(moved.x + (e.clientX - from.x) / zoom, mostX),
      y: within(moved.y + (e.clientY - from.y) / zoom, mostY),
    })
    hand.current = { x: e.clientX, y: e.clientY }
  }
  return (
    <chakra.div
      background="rail"
      borderRadius="card"
      overflow="hidden"
      display="grid"
      placeItems="center"
      cursor={zoom > 1 ? 'grab' : 'default'}
      // the page still scrolls under one finger
      css={{ touchAction: zoom > 1 ? 'none' : 'pan-y' }}
      onPointerDown={(e) => {
        fingers.current.set(e.pointerId, { x: e.clientX, y: e.clientY })
        hand.current = { x: e.clientX, y: e.clientY }
        touch.current = fingers.current.size === 1 ? hand.current : null
        e.currentTarget.setPointerCapture(e.pointerId)
      }}
      onPointerMove={drag}
      onPointerUp={(e) => {
        if (touch.current) onTouch?.(e)
        touch.current = null
        lift(e)
      }}
      onPointerCancel={lift}
      data-stage
    >
      <chakra.div
        position="relative"
        width="full"
        style={{
          transform: zoom === 1 ? undefined : `scale(${zoom}) translate(${moved.x}px, ${moved.y}px)`,
        }}
      >
        <chakra.video
          ref={video}
          src={url}
          aria-label={label}
          playsInline
          disablePictureInPicture
          preload="auto"
          display="block"
          width="full"
          css={{ maxHeight: { base: '38vh', lg: '56vh' }, objectFit: 'contain' }}
        />
        {over}
      </chakra.div>
    </chakra.div>
  )
}

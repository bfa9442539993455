import { chakra } from '@chakra-ui/react'
import { memo, useRef } from 'react'
import type { PlaitOfLesson } from '../api'
import { useText } from '../text'
import { moved, whole } from '../timeline'
import type { Stretch } from '../timeline'

interface OverviewProps {
  plait: NonNullable<PlaitOfLesson['plait']>
  stretch: Stretch
  lit: ReadonlySet<number>
  onStretch: (stretch: Stretch) => void
}

const HEIGHT = 34
const STRIP = {
  width: '100%',
  height: HEIGHT,
  display: 'block',
  touchAction: 'none',
  background: 'var(--chakra-colors-sunken)',
  borderRadius: 6,
}
const SHADE = { fill: 'var(--chakra-colors-card)', opacity: 0.72 }

/** The whole lesson small, with the part that is seen: pulled along with a finger. */
export function Overview({ plait, stretch, lit, onStretch }: OverviewProps) {
  const { t } = useText()
  const strip = useRef<SVGSVGElement>(null)
  const all = whole(plait.lengthMs)
  const share = (ms: number) => (1000 * ms) / all.toMs
  const to = (clientX: number) => {
    const box = strip.current?.getBoundingClientRect()
    if (!box || box.width === 0) return
    const atMs = ((clientX - box.left) / box.width) * all.toMs
    onStretch(moved(stretch, all, atMs - (stretch.fromMs + stretch.toMs) / 2))
  }
  const isWhole = stretch.fromMs <= all.fromMs && stretch.toMs >= all.toMs
  return (
    <svg
      ref={strip}
      viewBox={`0 0 1000 ${HEIGHT}`}
      preserveAspectRatio="none"
      style={isWhole ? STRIP : { ...STRIP, cursor: 'grab' }}
      role="img"
      aria-label={t('plait.overview')}
      onPointerDown={(e) => {
        e.currentTarget.setPointerCapture(e.pointerId)
        to(e.clientX)
      }}
      onPointerMove={(e) => {
        if (e.buttons > 0) to(e.clientX)
      }}
    >
      <Small plait={plait} lit={lit} />
      {!isWhole && (
        <>
          <Shade x={0} width={share(stretch.fromMs)} />
          <Shade x={share(stretch.toMs)} width={1000 - share(stretch.toMs)} />
        </>
      )}
    </svg>
  )
}

const Shade = ({ x, width }: { x: number; width: number }) => (
  <rect x={x} y="0" width={Math.max(0, width)} height={HEIGHT} style={SHADE} />
)

/** All of it, once: it does not change while another part is looked at. */
const Small = memo(function Small({ plait, lit }: Pick<OverviewProps, 'plait' | 'lit'>) {
  const all = whole(plait.lengthMs)
  const share = (ms: number) => (1000 * ms) / all.toMs
  const answers = plait.kinds.map((k) => k.strand === 'HORSE')
  // one path for all of them: a lesson may have thousands
  const path = (wanted: (i: number, kind: number) => boolean, y: number, high: number) =>
    plait.events
      .map((e, i) => (wanted(i, e.kind) ? `M${share(e.fromMs).toFixed(1)} ${y}v${high}` : ''))
      .join('')
  return (
    <>
      {plait.turns.map((turn) => (
        <chakra.rect
          key={turn.entry}
          x={share(turn.fromMs)}
          width={Math.max(0, share(turn.toMs) - share(turn.fromMs))}
          y={HEIGHT - 6}
          height="6"
          fill={turn.rein === 'LEFT' ? 'left' : turn.rein === 'RIGHT' ? 'right' : 'quiet'}
        />
      ))}
      <chakra.path d={path((i) => lit.has(i), 0, HEIGHT - 6)} stroke="live" strokeWidth="6" opacity="0.7" />
      <chakra.path d={path((_, kind) => answers[kind] === false, 3, 9)} stroke="ink" strokeWidth="1.5" />
      <chakra.path d={path((_, kind) => answers[kind] === true, 15, 9)} stroke="ink" strokeWidth="1.5" />
    </>
  )
})

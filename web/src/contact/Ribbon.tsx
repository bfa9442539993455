import { Flex } from '@chakra-ui/react'
import { Minus, MoveHorizontal, Plus } from 'lucide-react'
import { useCallback, useId, useMemo, useState } from 'react'
import { useText } from '../text'
import { closer, useTimeline, whole } from '../timeline'
import type { Palette, Stretch } from '../timeline'
import { Button, Quiet } from '../ui'
import { paintRibbon, RIBBON } from './ribbonPaint'
import type { RibbonPicture, SpanShown } from './ribbonPaint'
import type { RibbonSource } from './source'

interface RibbonProps {
  source: RibbonSource
  band: RibbonPicture['band']
  spans: SpanShown[]
  /** Says in a sentence what is drawn. */
  label: string
  /** Where the scale ends, so that two ribbons can be compared. */
  top?: number
  /** What is shown first; else all of it. */
  first?: Stretch
  /** Which part is seen: in full from the minutes on that it needs. */
  onSeen?: (stretch: Stretch) => void
}

/** No closer than a second. */
const LEAST_MS = 1000
const PAPER = { width: '100%', height: RIBBON.height, display: 'block', touchAction: 'pan-y', cursor: 'grab' }

/** Both reins along time: from the whole recording to one second, by wheel, fingers and keys. */
export function Ribbon({ source, band, spans, label, top, first, onSeen }: RibbonProps) {
  const { t } = useText()
  const how = useId()
  const all = useMemo(() => whole(source.seconds * 1000), [source.seconds])
  const [stretch, setStretch] = useState(first ?? all)
  const look = (to: Stretch) => {
    setStretch(to)
    onSeen?.(to)
  }
  const draw = useCallback(
    (ctx: CanvasRenderingContext2D, width: number, palette: Palette) =>
      paintRibbon(ctx, { source, stretch, band, spans, ...(top && { top }) }, width, palette),
    [source, stretch, band, spans, top],
  )
  const canvas = useTimeline({
    stretch,
    all,
    height: RIBBON.height,
    leastMs: LEAST_MS,
    draw,
    onStretch: look,
  })
  const zoom = (factor: number) =>
    look(closer(stretch, all, factor, (stretch.fromMs + stretch.toMs) / 2, LEAST_MS))
  return (
    <div>
      <canvas
        {...canvas}
        tabIndex={0}
        role="img"
        aria-label={label}
        aria-describedby={how}
        data-ribbon
        style={PAPER}
      />
      <Flex gap="2" wrap="wrap" align="center" marginTop="2">
        <Button aria-label={t('measured.closer')} onClick={() => zoom(2)}>
          <Plus size={20} aria-hidden />
        </Button>
        <Button aria-label={t('measured.further')} onClick={() => zoom(0.5)}>
          <Minus size={20} aria-hidden />
        </Button>
        <Button aria-label={t('measured.whole')} onClick={() => look(all)}>
          <MoveHorizontal size={20} aria-hidden />
        </Button>
        <Quiet id={how}>{t('measured.how')}</Quiet>
      </Flex>
    </div>
  )
}

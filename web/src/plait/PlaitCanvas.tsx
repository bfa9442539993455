import { useCallback } from 'react'
import type { PlaitOfLesson, PlaitTurn } from '../api'
import { useTimeline, whole } from '../timeline'
import type { Palette, Stretch } from '../timeline'
import { LANES } from './lanes'
import type { MeasuredReins } from './measured'
import { paint, touched } from './paint'

interface PlaitCanvasProps {
  plait: NonNullable<PlaitOfLesson['plait']>
  /** What can be seen of it; left out for all. */
  all?: Stretch
  stretch: Stretch
  chosen: number[]
  lit: ReadonlySet<number>
  selected: number | undefined
  label: string
  describedBy: string
  turnName: (turn: PlaitTurn) => string
  strandName: (strand: 'RIDER' | 'CONTACT' | 'HORSE') => string
  measured: readonly MeasuredReins[]
  onStretch: (stretch: Stretch) => void
  onSelect: (event: number | undefined) => void
  onNext: (by: 1 | -1) => void
}

const PAPER = { width: '100%', height: LANES.height, display: 'block', touchAction: 'pan-y', cursor: 'grab' }

/** The plait, drawn: from the whole lesson to ten seconds, by wheel, by one finger or two, and by keys. */
export function PlaitCanvas(props: PlaitCanvasProps) {
  const { plait, stretch, chosen, lit, selected, turnName, strandName, measured } = props
  const { onStretch, onSelect } = props
  const draw = useCallback(
    (ctx: CanvasRenderingContext2D, width: number, palette: Palette) => {
      const isChosen = (kind: number) => chosen.includes(kind)
      const hasChosen = chosen.length > 0
      paint(
        ctx,
        { plait, stretch, width, isChosen, hasChosen, lit, selected, turnName, strandName, measured },
        palette,
      )
    },
    [plait, stretch, chosen, lit, selected, turnName, strandName, measured],
  )
  const canvas = useTimeline({
    stretch,
    all: props.all ?? whole(plait.lengthMs),
    height: LANES.height,
    draw,
    onStretch,
    onTap: (x, y, width) => onSelect(touched({ plait, stretch, width }, x, y)),
    keys: { n: () => props.onNext(1), p: () => props.onNext(-1), Escape: () => onSelect(undefined) },
  })
  return (
    <canvas
      {...canvas}
      tabIndex={0}
      role="img"
      aria-label={props.label}
      aria-describedby={props.describedBy}
      data-plait
      // plain styles: a recipe read anew at every step of the wheel would take a third of a frame
      style={PAPER}
    />
  )
}

import {
  closestCenter,
  DndContext,
  MouseSensor,
  TouchSensor,
  useDraggable,
  useSensor,
  useSensors,
} from '@dnd-kit/core'
import type { DragEndEvent, DragMoveEvent, DragStartEvent } from '@dnd-kit/core'
import { horizontalListSortingStrategy, SortableContext, useSortable } from '@dnd-kit/sortable'
import { CSS, getEventCoordinates } from '@dnd-kit/utilities'
import { Box, chakra, Flex } from '@chakra-ui/react'
import { GripVertical, Lock } from 'lucide-react'
import { useCallback, useEffect, useRef, useState } from 'react'
import { useText } from '../text'
import type { Plan, PlanBlock } from '../api'
import { SIDE } from '../ui'
import { stretchedTo } from './edit'
import { minutes } from './minutes'

const HALF_PX = 44
/** Of the line; in less there is no room for a name. */
const NARROW = 0.045
const GAP_PX = 2

/** What a hand does on the line. */
export interface LineHand {
  onSelect: (block: number) => void
  onPlace: (from: number, to: number) => void
  onStretch: (block: number, seconds: number) => void
  onKey: (block: number, e: React.KeyboardEvent) => void
}

/** What the hand holds: an edge drawn to so many seconds, or a block over another place. */
export type InHand =
  { what: 'edge'; at: number; seconds: number } | { what: 'block'; from: number; to: number }

interface TimeLineProps extends LineHand {
  plan: Plan
  /** Whenever what the hand holds changes; undefined when it is let go. */
  onHold: (held: InHand | undefined) => void
  selected: number
  canEdit: boolean
}

/** A block whose edge is being drawn, and to how many seconds of work. */
interface Stretch {
  at: number
  seconds: number
}

/**
 * The lesson along one line, to scale: turns on the left rein above the middle, on the right below, rests between. A block is
 * drawn to another place by its middle, longer or shorter by its right edge.
 */
export function TimeLine(props: TimeLineProps) {
  const { plan, selected, canEdit, onPlace, onStretch, onHold } = props
  const { t } = useText()
  const line = useRef<HTMLDivElement>(null)
  const [stretch, setStretch] = useState<Stretch>()
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 6 } }),
    // a finger that only scrolls lifts nothing
    useSensor(TouchSensor, { activationConstraint: { delay: 180, tolerance: 8 } }),
  )
  const totalS = plan.beforeS + plan.workS + plan.restS + plan.afterS
  const stretchOf = ({ active }: DragMoveEvent | DragEndEvent, byPx: number): Stretch | undefined => {
    const at = edgeOf(active.id)
    const block = at === null ? undefined : plan.blocks[at]
    if (at === null || !block || !line.current) return undefined
    const seconds = (byPx / line.current.clientWidth) * totalS * (block.workS / (block.workS + block.restS))
    return { at, seconds: stretchedTo(block.workS + seconds) }
  }
  const pointer = usePointer()
  // the last move may be told after the hand let go: it holds nothing any more
  const isHeld = useRef(false)
  const move = (e: DragMoveEvent) => {
    if (!isHeld.current) return
    const edge = stretchOf(e, e.delta.x)
    setStretch(edge)
    if (edge) onHold({ what: 'edge', ...edge })
    else if (e.over) onHold({ what: 'block', from: placeOf(e.active.id), to: placeOf(e.over.id) })
  }
  const letGo = () => {
    isHeld.current = false
    pointer.leave()
    setStretch(undefined)
    onHold(undefined)
  }
  const drop = (e: DragEndEvent) => {
    const edge = stretchOf(e, pointer.movedPx() ?? e.delta.x)
    letGo()
    if (edge) {
      if (edge.seconds !== plan.blocks[edge.at]?.workS) onStretch(edge.at, edge.seconds)
      return
    }
    if (e.over && e.over.id !== e.active.id) onPlace(placeOf(e.active.id), placeOf(e.over.id))
  }
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragStart={(e) => {
        isHeld.current = true
        pointer.follow(e)
      }}
      onDragMove={move}
      onDragCancel={letGo}
      onDragEnd={drop}
      // what is drawn can be done by keys, and is said there
      accessibility={{ screenReaderInstructions: { draggable: t('plan.keysHelp') } }}
    >
      <SortableContext items={plan.blocks.map((_, i) => blockId(i))} strategy={horizontalListSortingStrategy}>
        <Flex ref={line} role="group" aria-label={t('plan.timeline')} width="100%">
          <Ends seconds={plan.beforeS} totalS={totalS} label={t('plan.walkIn')} />
          {plan.blocks.map((block, i) => (
            <LineBlock
              key={i}
              {...props}
              at={i}
              block={block}
              workS={stretch?.at === i ? stretch.seconds : block.workS}
              totalS={totalS}
              isSelected={i === selected}
              canEdit={canEdit}
            />
          ))}
          <Ends seconds={plan.afterS} totalS={totalS} label={t('plan.longRein')} />
        </Flex>
      </SortableContext>
    </DndContext>
  )
}

/** Where the pointer really is: on a slow device what is drawn, and so what a drop is told, lags behind the hand. */
function usePointer() {
  const from = useRef<number>(undefined)
  const now = useRef<number>(undefined)
  const [listener] = useState(() => (e: PointerEvent) => {
    now.current = e.clientX
  })
  const leave = useCallback(() => {
    window.removeEventListener('pointermove', listener)
    window.removeEventListener('pointerup', listener)
  }, [listener])
  useEffect(() => leave, [leave])
  return {
    leave,
    follow: ({ activatorEvent }: DragStartEvent) => {
      from.current = getEventCoordinates(activatorEvent)?.x
      now.current = undefined
      window.addEventListener('pointermove', listener)
      window.addEventListener('pointerup', listener)
    },
    movedPx: () =>
      from.current === undefined || now.current === undefined ? undefined : now.current - from.current,
  }
}

const EDGE = 'edge.'
const BLOCK = 'block.'

function blockId(at: number): string {
  return `${BLOCK}${at}`
}

function placeOf(id: string | number): number {
  return Number(String(id).slice(BLOCK.length))
}

/** Which block's edge this is; null for a block itself. */
function edgeOf(id: string | number): number | null {
  return String(id).startsWith(EDGE) ? Number(String(id).slice(EDGE.length)) : null
}

function share(seconds: number, totalS: number): string {
  return `${(100 * seconds) / totalS}%`
}

/** Walking in, or the long rein at the end. */
function Ends({ seconds, totalS, label }: { seconds: number; totalS: number; label: string }) {
  return (
    <Box flex={`1 1 ${share(seconds, totalS)}`} minWidth="0" paddingRight="1">
      <Box height={`${2 * HALF_PX}px`} display="grid" alignItems="center">
        <Box height="6px" borderRadius="3px" background="line" />
      </Box>
      <Label>
        {label} {minutes(seconds)}
      </Label>
    </Box>
  )
}

const Label = chakra('span', {
  base: {
    display: 'block',
    fontSize: 'sm',
    lineHeight: '1.25',
    maxHeight: '2.5em',
    overflow: 'hidden',
    textAlign: 'left',
  },
})

interface LineBlockProps extends LineHand {
  at: number
  block: PlanBlock
  /** Of work, as it is drawn now. */
  workS: number
  totalS: number
  isSelected: boolean
  canEdit: boolean
}

function LineBlock({ at, block, workS, totalS, isSelected, canEdit, onSelect, onKey }: LineBlockProps) {
  const { t } = useText()
  const { setNodeRef, listeners, transform, transition, isDragging } = useSortable({
    id: blockId(at),
    disabled: !canEdit,
  })
  const lengthS = workS * (1 + block.restS / block.workS)
  return (
    <Box
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition: transition ?? undefined }}
      // what is drawn longer pushes the others on
      flex={`${workS === block.workS ? 1 : 0} 0 ${share(lengthS, totalS)}`}
      minWidth="0"
      position="relative"
      zIndex={isDragging ? 1 : 'auto'}
      paddingRight="2px"
    >
      <chakra.button
        type="button"
        aria-pressed={isSelected}
        aria-label={t('plan.blockName', {
          short: block.of.shortName,
          name: block.of.name,
          minutes: minutes(workS),
          role: t(`plan.role.${block.role}`),
        })}
        data-line-block={at}
        display="block"
        width="100%"
        textAlign="left"
        cursor={canEdit ? 'grab' : 'pointer'}
        touchAction="manipulation"
        onClick={() => onSelect(at)}
        onKeyDown={(e) => onKey(at, e)}
        {...listeners}
      >
        <Box
          height={`${2 * HALF_PX}px`}
          borderRadius="key"
          overflow="hidden"
          background={isSelected ? 'live' : 'sunken'}
          opacity={isDragging ? 0.7 : 1}
        >
          <Turns block={block} />
        </Box>
        <Label fontWeight={isSelected ? '800' : '500'}>
          {block.locked && <Lock size={13} aria-hidden style={{ display: 'inline', marginRight: 3 }} />}
          {lengthS / totalS < NARROW ? minutes(workS) : `${block.of.shortName} ${minutes(workS)}`}
        </Label>
      </chakra.button>
      {canEdit && isSelected && <Edge at={at} />}
    </Box>
  )
}

/** The right edge of the chosen block: drawn, it makes the block longer or shorter. The keys and the buttons do the same. */
function Edge({ at }: { at: number }) {
  const { setNodeRef, listeners } = useDraggable({ id: `${EDGE}${at}` })
  return (
    <Flex
      ref={setNodeRef}
      data-line-edge={at}
      aria-hidden
      position="absolute"
      top="0"
      right="-15px"
      width="24px"
      height={`${2 * HALF_PX}px`}
      align="center"
      justify="center"
      zIndex="2"
      cursor="ew-resize"
      touchAction="none"
      color="ink"
      background="card"
      borderWidth="2px"
      borderColor="ink"
      borderRadius="key"
      {...listeners}
    >
      <GripVertical size={16} />
    </Flex>
  )
}

/** The turns of a block, a rest behind each. */
function Turns({ block }: { block: PlanBlock }) {
  const lengthS = block.workS + block.restS
  const restS = block.restS / block.turns.length
  return (
    <svg width="100%" height={2 * HALF_PX} aria-hidden>
      {block.turns.map((turn, k) => {
        const side = turn.rein === 'RIGHT' ? 'RIGHT' : 'LEFT'
        const startS = block.turns.slice(0, k).reduce((sum, b) => sum + b.seconds + restS, 0)
        return (
          <rect
            key={k}
            x={share(startS, lengthS)}
            y={side === 'LEFT' ? 6 : HALF_PX + GAP_PX}
            width={share(turn.seconds, lengthS)}
            height={HALF_PX - 6 - GAP_PX}
            rx={side === 'LEFT' ? 2 : 8}
            fill={`url(#${SIDE[side].pattern})`}
          />
        )
      })}
    </svg>
  )
}

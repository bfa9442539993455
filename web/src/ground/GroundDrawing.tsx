import { chakra } from '@chakra-ui/react'
import { memo, useCallback, useEffect, useRef } from 'react'
import type { GroundArena, GroundView, ThingOnGround, WantedThing } from '../api'
import { useText } from '../text'
import { useLength } from '../ui'
import { Halo } from './Halo'
import { pathOf, poseAt } from './lines'
import { Sand } from './Sand'
import { heldAt, pulledSpot } from './tapesOf'
import { kindText, placeOf } from './things'
import { HorseAt, QuartersIn, Sideways } from './TwoTracks'
import { useDrag } from './useDrag'
import type { Drag } from './useDrag'

const MARGIN = 4.2

interface GroundDrawingProps {
  arena: GroundArena
  things: WantedThing[]
  measured: GroundView | undefined
  selected: string | undefined
  /** How far along the selected figure the horse is, and which of them goes it. */
  rider: { alongM: number; heightM: number; bendDeg: number } | undefined
  onSelect: (id: string) => void
  onChange: (thing: WantedThing) => void
  onRemove: (id: string) => void
  onDrag: (isDragging: boolean) => void
}

/** The arena to scale, C at the top; everything on it can be taken hold of, by hand and by keys. */
export function GroundDrawing(props: GroundDrawingProps) {
  const { arena, things, measured, selected, rider } = props
  const { t } = useText()
  const paper = useRef<SVGSVGElement>(null)
  const { widthM: w, lengthM: l } = arena
  const y = useCallback((metres: number) => l - metres, [l])
  const heightM = heightOf(measured)
  const drag = useDrag(props, paper)
  // what does not move is not drawn again: the newest way to take hold of a thing is asked for when it is taken
  const newest = useRef(drag)
  useEffect(() => {
    newest.current = drag
  })
  const begin = useCallback((t: WantedThing, e: React.PointerEvent) => newest.current.begin(t, e), [])
  const press = useCallback((t: WantedThing, e: React.KeyboardEvent) => newest.current.press(t, e), [])
  return (
    <chakra.svg
      ref={paper}
      viewBox={`${-MARGIN} ${-MARGIN} ${w + 2 * MARGIN} ${l + 2 * MARGIN}`}
      width="100%"
      height={{ base: '46vh', md: 'min(72vh, 640px)' }}
      role="group"
      aria-label={t('ground.drawing', { width: w, length: l })}
    >
      <Still arena={arena} />
      {things.map((thing) => (
        <Taken
          key={thing.id}
          thing={thing}
          known={measured?.things.find((m) => m.id === thing.id)}
          heightM={heightM}
          y={y}
          isSelected={selected === thing.id}
          isFaint={selected !== undefined && selected !== thing.id}
          dragged={drag.now?.id === thing.id ? drag.now : undefined}
          onBegin={begin}
          onPress={press}
        />
      ))}
      {drag.now && <PulledTapes drag={drag.now} measured={measured} arena={arena} y={y} />}
      {rider && <Rider rider={rider} measured={measured} selected={selected} y={y} />}
    </chakra.svg>
  )
}

const USUAL_CM = 160

const Still = memo(Sand)

interface TakenProps {
  thing: WantedThing
  known: ThingOnGround | undefined
  heightM: number
  y: (metres: number) => number
  isSelected: boolean
  isFaint: boolean
  dragged: Drag | undefined
  onBegin: (thing: WantedThing, e: React.PointerEvent) => void
  onPress: (thing: WantedThing, e: React.KeyboardEvent) => void
}

/** A thing that can be taken hold of. */
const Taken = memo(function Taken({
  thing,
  known,
  heightM,
  y,
  isSelected,
  isFaint,
  dragged,
  ...on
}: TakenProps) {
  const { t } = useText()
  return (
    // moved by an attribute: a style would be written anew for every step
    <g transform={dragged && `translate(${dragged.dx} ${-dragged.dy})`}>
      <Grip
        role="button"
        tabIndex={0}
        aria-pressed={isSelected}
        data-thing={thing.id}
        cursor={placeOf(thing) ? 'grab' : 'pointer'}
        opacity={isFaint ? 0.55 : 1}
        onPointerDown={(e) => on.onBegin(thing, e)}
        onKeyDown={(e) => on.onPress(thing, e)}
      >
        <title>{t('ground.take', { thing: t(`ground.kind.${kindText(thing)}`) })}</title>
        {known && <Lying thing={thing} known={known} heightM={heightM} y={y} isSelected={isSelected} />}
      </Grip>
    </g>
  )
})

const Grip = chakra('g', {
  base: {
    touchAction: 'none',
    '&:focus-visible': { outline: 'none', '& [data-halo]': { opacity: 1 } },
  },
})

interface PulledTapesProps {
  drag: Drag
  measured: GroundView | undefined
  arena: GroundArena
  y: (metres: number) => number
}

/** While it hangs on the hand: the two tapes to its first spot, and how long they are now. */
function PulledTapes({ drag, measured, arena, y }: PulledTapesProps) {
  const len = useLength()
  const spot = measured?.things.find((m) => m.id === drag.id)?.spots[0]
  if (!spot) return null
  const now = pulledSpot(spot, drag, arena, 1)
  return now.tapes.map((tape) => {
    const held = heldAt(arena, tape.from)
    if (!held) return null
    return (
      <g key={tape.from} data-tape={tape.from}>
        <chakra.line x1={held.x} y1={y(held.y)} x2={now.x} y2={y(now.y)} stroke="live" strokeWidth="0.25" />
        <chakra.text
          x={(held.x + now.x) / 2}
          y={y((held.y + now.y) / 2)}
          fontSize="1.5px"
          fontWeight="700"
          textAnchor="middle"
          fill="ink"
          stroke="sunken"
          strokeWidth="0.5"
          paintOrder="stroke"
        >
          {len(tape.metres)}
        </chakra.text>
      </g>
    )
  })
}

/** Of the first horse it is for. */
export const heightOf = (view: GroundView | undefined) => (view?.horses[0]?.heightCm ?? USUAL_CM) / 100

interface DrawnProps {
  thing: WantedThing
  known: ThingOnGround
  heightM: number
  y: (metres: number) => number
  isSelected: boolean
  /** With the numbers of its poles or fences. */
  isNumbered?: boolean
}

/** One thing as it stands on the arena. */
export function Drawn({ thing, known, heightM, y, isSelected, isNumbered = isSelected }: DrawnProps) {
  const { fan, bars, spots, refusal } = known
  const figure = known.figure ?? known.course
  const d = figure ? pathOf(figure.pieces, y) : ''
  return (
    <>
      {figure && (
        <>
          <chakra.path d={d} fill="none" stroke="transparent" strokeWidth="2.4" />
          <Halo isSelected={isSelected}>
            <chakra.path
              d={d}
              fill="none"
              stroke="live"
              strokeWidth="1.6"
              strokeLinejoin="round"
              opacity="0.55"
            />
          </Halo>
          <chakra.path d={d} fill="none" stroke="ink" strokeWidth="0.5" strokeLinejoin="round" />
          <Arrow known={known} y={y} />
        </>
      )}
      {known.course && <Jumps course={known.course} y={y} />}
      {known.sideways && <Sideways line={known.sideways} heightM={heightM} y={y} isSelected={isSelected} />}
      {known.quarters && (
        <QuartersIn quarters={known.quarters} heightM={heightM} y={y} isSelected={isSelected} />
      )}
      {bars.map((bar, i) => (
        <g key={i}>
          <chakra.line
            x1={bar.x1}
            y1={y(bar.y1)}
            x2={bar.x2}
            y2={y(bar.y2)}
            stroke="transparent"
            strokeWidth="1.6"
          />
          <Halo isSelected={isSelected}>
            <Bar bar={bar} y={y} color="live" width={1.1} />
          </Halo>
          <Bar bar={bar} y={y} color="ink" width={thing.fences ? 0.55 : 0.3} />
          {thing.fences && (
            <>
              <chakra.circle cx={bar.x1} cy={y(bar.y1)} r="0.42" fill="ink" />
              <chakra.circle cx={bar.x2} cy={y(bar.y2)} r="0.42" fill="ink" />
            </>
          )}
        </g>
      ))}
      {fan && thing.fan && <FanLines known={known} at={thing.fan.middle} y={y} />}
      {isNumbered && bars.length > 1 && <Numbers bars={bars} isOuter={!!thing.fan} y={y} />}
      {thing.cone && (
        <>
          <chakra.circle cx={thing.cone.x} cy={y(thing.cone.y)} r="1.1" fill="transparent" />
          <Halo isSelected={isSelected}>
            <chakra.circle cx={thing.cone.x} cy={y(thing.cone.y)} r="0.95" fill="live" opacity="0.6" />
          </Halo>
          <chakra.path
            d={`M${thing.cone.x} ${y(thing.cone.y) - 0.8}l0.62 1.25h-1.24z`}
            fill="ink"
            stroke="card"
            strokeWidth="0.12"
          />
        </>
      )}
      {spots
        .filter((s) => s.kind === 'MIDDLE' || s.kind === 'CHANGE')
        .map((s) => (
          <chakra.path
            key={`${s.kind}${s.number}`}
            d={`M${s.x - 0.4} ${y(s.y)}h0.8M${s.x} ${y(s.y) - 0.4}v0.8`}
            stroke="ink"
            strokeWidth="0.18"
          />
        ))}
      {[...(refusal?.where ? [refusal.where] : []), ...tooTightAt(known)].map((where, i) => (
        <chakra.path
          key={i}
          d={`M${where.x - 1} ${y(where.y) - 1}l2 2m0 -2l-2 2`}
          stroke="warn"
          strokeWidth="0.5"
          strokeLinecap="round"
        />
      ))}
    </>
  )
}

/** Where its line is tighter than one of its horses may go. */
function tooTightAt({ figure, course }: ThingOnGround) {
  return [...(figure?.horses ?? []), ...(course?.horses ?? [])].flatMap((h) =>
    h.tooTight ? [h.tooTight.where] : [],
  )
}

interface JumpsProps {
  course: NonNullable<ThingOnGround['course']>
  y: (metres: number) => number
}

/** The fences by their numbers, in the order in which they are jumped, to the right of the way ridden. */
function Jumps({ course, y }: JumpsProps) {
  const along = course.legs.reduce<number[]>((sums, leg) => [...sums, (sums.at(-1) ?? 0) + leg.lengthM], [0])
  return along.map((metres, i) => {
    const pose = poseAt(course.pieces, Math.min(metres, course.lengthM))
    if (!pose) return null
    const right = pose.headingRad - Math.PI / 2
    const [x, up] = [pose.x + 2.4 * Math.cos(right), pose.y + 2.4 * Math.sin(right)]
    return (
      <g key={i} aria-hidden>
        <chakra.circle cx={x} cy={y(up)} r="1.05" fill="ink" />
        <chakra.text x={x} y={y(up) + 0.45} fontSize="1.3px" fontWeight="800" textAnchor="middle" fill="card">
          {i + 1}
        </chakra.text>
      </g>
    )
  })
}

interface NumbersProps {
  bars: ThingOnGround['bars']
  /** At the outer ends, where a fan has room. */
  isOuter: boolean
  y: (metres: number) => number
}

/** Which pole or fence is which: before its left end, or its outer one. */
function Numbers({ bars, isOuter, y }: NumbersProps) {
  return bars.map((bar, i) => {
    const [from, to] = isOuter
      ? [
          { x: bar.x1, y: bar.y1 },
          { x: bar.x2, y: bar.y2 },
        ]
      : [
          { x: bar.x2, y: bar.y2 },
          { x: bar.x1, y: bar.y1 },
        ]
    const length = Math.hypot(to.x - from.x, to.y - from.y)
    return (
      <chakra.text
        key={i}
        x={to.x + ((to.x - from.x) / length) * 0.95}
        y={y(to.y + ((to.y - from.y) / length) * 0.95) + 0.4}
        fontSize="1.1px"
        fontWeight="800"
        textAnchor="middle"
        fill="ink"
        aria-hidden
      >
        {i + 1}
      </chakra.text>
    )
  })
}

/** While it is dragged it moves as it is. */
const Lying = memo(Drawn)

interface BarProps {
  bar: ThingOnGround['bars'][number]
  y: (metres: number) => number
  color: string
  width: number
}

function Bar({ bar, y, color, width }: BarProps) {
  return (
    <chakra.line
      x1={bar.x1}
      y1={y(bar.y1)}
      x2={bar.x2}
      y2={y(bar.y2)}
      stroke={color}
      strokeWidth={width}
      strokeLinecap="round"
    />
  )
}

interface FanLinesProps {
  known: ThingOnGround
  at: { at: { x: number; y: number }; headingDeg: number }
  y: (metres: number) => number
}

/** Where each horse goes: an arc about the middle of the fan, from before the first pole to behind the last. */
function FanLines({ known, at, y }: FanLinesProps) {
  const { fan, bars } = known
  if (!fan) return null
  const half = ((fan.gapDeg * bars.length) / 2 / 180) * Math.PI
  const way = (at.headingDeg / 180) * Math.PI
  const point = (r: number, angle: number) => ({
    x: at.at.x + r * Math.cos(angle),
    y: y(at.at.y + r * Math.sin(angle)),
  })
  const arc = (r: number) => {
    const from = point(r, way - half)
    const to = point(r, way + half)
    return `M${from.x} ${from.y}A${r} ${r} 0 ${half > Math.PI / 2 ? 1 : 0} 0 ${to.x} ${to.y}`
  }
  return (
    <>
      {/* the shortest ride and the longest */}
      {[fan.leastLineM, fan.mostLineM].map((r) => (
        <chakra.path
          key={r}
          d={arc(r)}
          fill="none"
          stroke="quiet"
          strokeWidth="0.12"
          strokeDasharray="0.15 0.35"
        />
      ))}
      {fan.horses
        .filter((h) => h.fits)
        .map((h) => (
          <chakra.path
            key={h.pair}
            d={arc(h.lineM)}
            fill="none"
            stroke="ink"
            strokeWidth="0.2"
            strokeDasharray="0.5 0.3"
          />
        ))}
    </>
  )
}

/** A small arrow where the line has begun, pointing along it. */
function Arrow({ known, y }: { known: ThingOnGround; y: (metres: number) => number }) {
  const figure = known.figure ?? known.course
  const pose = figure && poseAt(figure.pieces, Math.min(2.5, figure.lengthM / 4))
  if (!pose) return null
  return (
    <g transform={`translate(${pose.x} ${y(pose.y)}) rotate(${(-pose.headingRad * 180) / Math.PI})`}>
      <chakra.path d="M-0.9 -1L1.2 0L-0.9 1z" fill="ink" />
    </g>
  )
}

interface RiderProps {
  rider: { alongM: number; heightM: number; bendDeg: number }
  measured: GroundView | undefined
  selected: string | undefined
  y: (metres: number) => number
}

/** The horse on its line, to scale, bent as the line is. */
function Rider({ rider, measured, selected, y }: RiderProps) {
  const known = measured?.things.find((m) => m.id === selected)
  const figure = known?.figure ?? known?.course
  const pose = figure && poseAt(figure.pieces, rider.alongM)
  if (!pose) return null
  return <HorseAt pose={pose} heightM={rider.heightM} bendDeg={rider.bendDeg} y={y} />
}

import { chakra, Flex, Grid } from '@chakra-ui/react'
import { Circle, MoveUpRight, RectangleHorizontal } from 'lucide-react'
import { memo, useEffect, useRef } from 'react'
import type { Plan, RungForRide } from '../api'
import { MOUNTED } from '../record'
import type { Gait, Place, Ride, Segment } from '../record'
import { ACROSS } from '../theme'
import { Button, isOneSide, SIDE, SideLetter } from '../ui'
import { wordIn, useText } from '../text'
import type { Text } from '../text'
import { choicesOf, isSame, worksOf } from './choose'
import { OneReinTime } from './clocks'
import type { Choosable, RiddenSegment } from './choose'
import { ExerciseSelect } from './ExerciseSelect'
import { figureInWords } from './FigureDrawer'

const RIDDEN_GAITS: Gait[] = ['HALT', 'WALK', 'TROT', 'CANTER']

/** Those that can be ridden: a gaited horse has one of its own. */
export function gaitsOf(rungs: RungForRide[], ownGait: string | null): Gait[] {
  const hasOwn = ownGait !== null || rungs.some((r) => r.gait === 'OWN_GAIT')
  return hasOwn ? [...RIDDEN_GAITS, 'OWN_GAIT'] : RIDDEN_GAITS
}

/** A gait, the horse's own by the name its coach gave it. */
export function gaitInWords(t: Text, gait: Gait, ownGait: string | null): string {
  return gait === 'OWN_GAIT' && ownGait !== null ? ownGait : wordIn(t, 'gait', gait)
}

function FigureIcon({ place }: { place: Place }) {
  if (place === 'CIRCLE') return <Circle size={18} aria-hidden />
  if (place === 'ACROSS') return <MoveUpRight size={18} aria-hidden />
  return <RectangleHorizontal size={18} aria-hidden />
}

interface SegmentBarProps {
  rungs: RungForRide[]
  /** Of the yard's own strands, by their ids. */
  names: Record<string, string> | undefined
  now: Segment
  plan: Plan
  ridden: Ride['reinMs']
  offsetMs: number
  onChange: (change: Partial<RiddenSegment>) => void
  onFigure: () => void
  /** What a gaited horse's own gait is called. */
  ownGait: string | null
}

/** In reach of the thumb: who rides, gait, exercise, and the rein biggest of all. Each is one touch. */
export const SegmentBar = memo(function SegmentBar({
  rungs,
  names,
  now,
  plan,
  ridden,
  offsetMs,
  onChange,
  onFigure,
  ownGait,
}: SegmentBarProps) {
  const { t } = useText()
  const all = plannedFirst(choicesOf(rungs), plan)
  const shown = all.filter(
    (c) => isPlanned(plan, c.exercise) || c.state === 'IN_WORK' || c.exercise === now.exercise,
  )
  // what is ridden stays in sight, wherever it stands in the row
  const strip = useRef<HTMLDivElement>(null)
  useEffect(() => {
    const show = () =>
      strip.current
        ?.querySelector('[aria-pressed=true]')
        ?.scrollIntoView({ inline: 'nearest', block: 'nearest' })
    show()
    // a phone that is turned is narrower than before
    window.addEventListener('resize', show)
    return () => window.removeEventListener('resize', show)
  }, [now.exercise])
  const others = all.filter((c) => !shown.includes(c))
  const works = worksOf(rungs, now.exercise)
  const gaits = gaitsOf(rungs, ownGait)
  return (
    <Flex direction="column" gap={{ base: '1.5', lg: '2' }} css={{ [ACROSS]: { gap: '1' } }}>
      {/* on a wide screen the exercises have a line of their own: beside the keys of the sides they would stand in a column */}
      <Flex gap="1.5" align="start" wrap={{ lg: 'wrap' }} css={{ [ACROSS]: { flexWrap: 'nowrap' } }}>
        <Button
          flexShrink={0}
          paddingX="3"
          aria-label={`${t('figure.open')}: ${figureInWords(t, now)}`}
          onClick={onFigure}
        >
          <FigureIcon place={now.place} />
          {figureInWords(t, now)}
        </Button>
        {works === 'CHOSEN' && <WhichSide now={now} onChange={onChange} />}
        <Strip
          ref={strip}
          role="group"
          aria-label={t('ride.exercise')}
          flex={{ lg: works === 'CHOSEN' ? '1 0 100%' : '1 1 0' }}
        >
          {shown.map((c) => (
            <Button
              key={c.exercise}
              look="key"
              flexShrink={0}
              paddingX="3"
              aria-pressed={c.exercise === now.exercise}
              data-planned={isPlanned(plan, c.exercise) || undefined}
              onClick={() => onChange(ofPlan(plan, c.exercise) ?? { exercise: c.exercise })}
            >
              {c.shortName}
            </Button>
          ))}
          {others.length > 0 && (
            <ExerciseSelect
              label={t('ride.others')}
              width="auto"
              minWidth="5.5rem"
              flexShrink={0}
              fontWeight="650"
              value=""
              among={others}
              names={names}
              onChoose={(exercise) => onChange({ exercise })}
            />
          )}
        </Strip>
      </Flex>
      <Grid templateColumns={`repeat(${String(gaits.length)}, minmax(0, 1fr)) 1.35fr`} gap="1.5">
        {gaits.map((gait) => (
          <Button
            key={gait}
            look="key"
            paddingX="1"
            fontSize={gaits.length > RIDDEN_GAITS.length ? { base: 'sm', lg: 'md' } : undefined}
            textTransform="capitalize"
            aria-pressed={gait === now.gait}
            onClick={() => onChange({ gait })}
          >
            {gaitInWords(t, gait, ownGait)}
          </Button>
        ))}
        <WhoRides now={now} onChange={onChange} />
      </Grid>
      <Grid templateColumns="1fr 1fr" gap="1.5" css={{ [ACROSS]: { order: -1 } }}>
        {(['LEFT', 'RIGHT'] as const).map((side) => (
          <ReinKey
            key={side}
            aria-pressed={now.rein === side}
            onClick={() => onChange({ rein: side })}
            borderColor={SIDE[side].color}
            background={now.rein === side ? SIDE[side].color : 'card'}
            color={now.rein === side ? SIDE[side].on : SIDE[side].color}
          >
            <chakra.span fontSize="3xl" fontWeight="800" aria-hidden>
              {SIDE[side].letter}
            </chakra.span>
            <chakra.span lineHeight="1.1">
              {t(`Rein.${side}`)}
              <chakra.span
                display={{ base: 'block', lg: 'none' }}
                fontSize="md"
                fontWeight="500"
                fontVariantNumeric="tabular-nums"
                aria-hidden
              >
                <OneReinTime rein={side} ridden={ridden} now={now} offsetMs={offsetMs} />
              </chakra.span>
            </chakra.span>
          </ReinKey>
        ))}
      </Grid>
    </Flex>
  )
}, isDrawnAlike)

/** To which side, where the exercise leaves it open; touched again it is not known. It takes room from the row beside it alone. */
function WhichSide({ now, onChange }: Pick<SegmentBarProps, 'now' | 'onChange'>) {
  const { t } = useText()
  return (
    <Flex role="group" aria-label={t('ride.whichSide')} gap="1.5" flexShrink={0}>
      {(['LEFT', 'RIGHT'] as const).map((side) => (
        <Button
          key={side}
          look="key"
          paddingX="2.5"
          aria-pressed={now.side === side}
          onClick={() => onChange({ side: now.side === side ? undefined : side })}
        >
          <SideLetter side={side} />
        </Button>
      ))}
    </Flex>
  )
}

/** A touch makes the segment anew, mostly with the same in it. */
function isDrawnAlike(a: SegmentBarProps, b: SegmentBarProps): boolean {
  return (
    isSame(a.now, b.now) &&
    a.now.id === b.now.id &&
    a.now.endMs === b.now.endMs &&
    a.ridden.LEFT === b.ridden.LEFT &&
    a.ridden.RIGHT === b.ridden.RIGHT &&
    a.offsetMs === b.offsetMs &&
    a.rungs === b.rungs &&
    a.plan === b.plan &&
    a.onChange === b.onChange &&
    a.onFigure === b.onFigure
  )
}

const Strip = chakra('div', {
  base: {
    display: 'flex',
    gap: '1.5',
    minWidth: '0',
    overflowX: 'auto',
    paddingBottom: { base: '0', lg: '1' },
    scrollbarWidth: 'none',
    flexWrap: { lg: 'wrap' },
  },
})

const ReinKey = chakra('button', {
  base: {
    display: 'flex',
    alignItems: 'center',
    justifyContent: 'center',
    gap: '3',
    minHeight: '68px',
    [ACROSS]: { minHeight: '60px' },
    borderRadius: 'key',
    borderWidth: '3px',
    fontFamily: 'heading',
    fontSize: 'xl',
    fontWeight: '720',
    cursor: 'pointer',
    touchAction: 'manipulation',
    userSelect: 'none',
  },
})

function isPlanned(plan: Plan, exercise: string): boolean {
  return plan.blocks.some((b) => b.of.exercise === exercise)
}

/** The plan's exercises stand first, in its order. */
function plannedFirst(choices: Choosable[], plan: Plan): Choosable[] {
  const order = (c: Choosable) => {
    const at = plan.blocks.findIndex((b) => b.of.exercise === c.exercise)
    return at < 0 ? plan.blocks.length : at
  }
  return [...choices].sort((a, b) => order(a) - order(b))
}

/** A planned exercise comes with the plan's gait and place. */
function ofPlan(plan: Plan, exercise: string): Partial<RiddenSegment> | undefined {
  const block = plan.blocks.find((b) => b.of.exercise === exercise)
  const of = block?.of
  return (
    of && {
      exercise,
      gait: of.gait,
      place: of.place,
      ...(block.circleM !== null && { circleM: block.circleM }),
      ...(isOneSide(block.side) && { side: block.side }),
    }
  )
}

/** One touch hands the horse over: rider, coach, somebody else. */
function WhoRides({ now, onChange }: Pick<SegmentBarProps, 'now' | 'onChange'>) {
  const { t } = useText()
  const next = MOUNTED[(MOUNTED.indexOf(now.mounted) + 1) % MOUNTED.length] ?? 'RIDER'
  return (
    <Button
      look={now.mounted === 'RIDER' ? 'plain' : 'live'}
      paddingX="1"
      aria-label={`${t('mounted.label')}: ${t(`mounted.${now.mounted}`)}`}
      onClick={() => onChange({ mounted: next })}
    >
      ⇅ {t(`mounted.${now.mounted}`)}
    </Button>
  )
}

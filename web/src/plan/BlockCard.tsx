import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { ArrowDown, ArrowUp, Lock, LockOpen, Minus, Plus, Trash2 } from 'lucide-react'
import type { Text } from '../text'
import type { PlanBlock, PlannedLesson, Reason } from '../api'
import { AsideView } from '../library'
import { percent, strandIn, wordIn, useText } from '../text'
import { Button, Select, Card, Quiet, SIDE, SideLetter } from '../ui'
import { minutes } from './minutes'

interface BlockCardProps {
  block: PlanBlock
  /** The horse's name. */
  horse: string
  choices: PlannedLesson['choices']
  names: PlannedLesson['strandNames']
  isFirst: boolean
  isLast: boolean
  canEdit: boolean
  onLength: (by: 1 | -1) => void
  onLock: () => void
  onMove: (by: 1 | -1) => void
  onSwap: (rung: string) => void
  onLean: (longer: PlanBlock['longer']) => void
  onRemove: () => void
}

const LEANS: PlanBlock['longer'][] = ['LEFT', 'NONE', 'RIGHT']

/** One exercise of the plan: why it is there, why so long, how to go back, and the coach's hand on all of it. */
export function BlockCard(props: BlockCardProps) {
  const { t } = useText()
  const { block, canEdit } = props
  return (
    <Card>
      <Quiet>{t(`plan.role.${block.role}`)}</Quiet>
      <chakra.h2 fontSize="2xl" fontWeight="740">
        {block.of.name}
        <chakra.span fontFamily="body" fontSize="md" fontWeight="400" color="quiet">
          {' '}
          {wordIn(t, 'gait', block.of.gait)}, {wordIn(t, 'place', block.of.place)}
        </chakra.span>
      </chakra.h2>
      <Turns block={block} />
      <chakra.ul paddingLeft="5" marginTop="2" listStyleType="disc">
        {block.reasons.map((r) => (
          <li key={r.code + (r.values.rein ?? '')}>{reasonSentence(t, r, props.horse)}</li>
        ))}
      </chakra.ul>
      <Facts block={block} />
      {block.aside && (
        <Box marginTop="3">
          <AsideView aside={block.aside} />
        </Box>
      )}
      {canEdit && <Hand {...props} />}
    </Card>
  )
}

function Turns({ block }: { block: PlanBlock }) {
  return (
    <Flex gap="1.5" wrap="wrap" marginTop="2" align="center">
      {block.turns.map((turn, i) => {
        const side = turn.rein === 'RIGHT' ? 'RIGHT' : 'LEFT'
        return (
          <Flex
            key={i}
            align="center"
            gap="1"
            color={SIDE[side].color}
            fontWeight="720"
            fontVariantNumeric="tabular-nums"
          >
            <SideLetter side={side} size="1.4em" />
            {minutes(turn.seconds)}
          </Flex>
        )
      })}
    </Flex>
  )
}

function Facts({ block }: { block: PlanBlock }) {
  const { t } = useText()
  return (
    <Grid as="dl" templateColumns="8rem 1fr" gap="1" columnGap="3" marginTop="3" fontSize="sm">
      {block.circleM !== null && (
        <Fact name={t('plan.circle')}>
          {t('look.metres', { metres: block.circleM })}
          {block.bendDegrees !== null && `, ${t('plan.bend', { degrees: block.bendDegrees.toFixed(0) })}`}
        </Fact>
      )}
      {FACTS.map((fact) => {
        const said = factOf(block, fact)
        return (
          said && (
            <Fact key={fact} name={t(`plan.${fact}`)}>
              {said}
            </Fact>
          )
        )
      })}
    </Grid>
  )
}

const FACTS = ['wayBack', 'position', 'good', 'cautions'] as const

/** An exercise of one's own may leave any of them unsaid. */
function factOf(block: PlanBlock, fact: (typeof FACTS)[number]): string {
  return {
    wayBack: block.wayBackSaid || (block.wayBack?.name ?? ''),
    position: block.position,
    good: block.goodSigns.join(', '),
    cautions: block.cautions.join(' '),
  }[fact]
}

function Fact({ name, children }: { name: string; children: React.ReactNode }) {
  return (
    <>
      <chakra.dt color="quiet">{name}</chakra.dt>
      <dd>{children}</dd>
    </>
  )
}

function Hand({
  block,
  choices,
  names,
  isFirst,
  isLast,
  onLength,
  onLock,
  onMove,
  onSwap,
  onLean,
  onRemove,
}: BlockCardProps) {
  const { t } = useText()
  return (
    <Box marginTop="4" paddingTop="3" borderTopWidth="1px" borderColor="line">
      <Flex gap="1.5" wrap="wrap" align="center">
        <Button aria-label={t('plan.shorter')} paddingX="2" onClick={() => onLength(-1)}>
          <Minus size={20} aria-hidden />
        </Button>
        <chakra.b minWidth="4.2rem" textAlign="center" fontVariantNumeric="tabular-nums">
          {t('debrief.min', { minutes: minutes(block.workS) })}
        </chakra.b>
        <Button aria-label={t('plan.longer')} paddingX="2" onClick={() => onLength(1)}>
          <Plus size={20} aria-hidden />
        </Button>
        <Button aria-pressed={block.locked} aria-label={t('plan.lock')} paddingX="2" onClick={onLock}>
          {block.locked ? <Lock size={20} aria-hidden /> : <LockOpen size={20} aria-hidden />}
        </Button>
        <Flex role="group" aria-label={t('plan.lean')} gap="1" marginLeft="2">
          {LEANS.map((lean) => (
            <Button key={lean} look="key" aria-pressed={block.longer === lean} onClick={() => onLean(lean)}>
              {t(`plan.leanTo.${lean}`)}
            </Button>
          ))}
        </Flex>
        <Flex gap="1" marginLeft={{ md: 'auto' }}>
          <Button aria-label={t('plan.earlier')} paddingX="2" disabled={isFirst} onClick={() => onMove(-1)}>
            <ArrowUp size={20} aria-hidden />
          </Button>
          <Button aria-label={t('plan.later')} paddingX="2" disabled={isLast} onClick={() => onMove(1)}>
            <ArrowDown size={20} aria-hidden />
          </Button>
          <Button aria-label={t('plan.remove')} paddingX="2" onClick={onRemove}>
            <Trash2 size={20} aria-hidden />
          </Button>
        </Flex>
      </Flex>
      <RungSelect
        label={t('plan.swap')}
        value={block.of.rung}
        choices={choices}
        names={names}
        onChoose={onSwap}
      />
    </Box>
  )
}

interface RungSelectProps {
  label: string
  value: string
  choices: PlannedLesson['choices']
  /** Of the yard's own strands. */
  names: PlannedLesson['strandNames']
  onChoose: (rung: string) => void
}

/** All rungs by strand; what is not open yet says so. */
export function RungSelect({ label, value, choices, names, onChoose }: RungSelectProps) {
  const { t } = useText()
  const strands = [...new Set(choices.map((c) => c.strand))]
  return (
    <Select
      aria-label={label}
      marginTop="2"
      value={value}
      onChange={(e) => {
        if (e.target.value) onChoose(e.target.value)
      }}
    >
      {value === '' && <option value="">{label}</option>}
      {strands.map((strand) => (
        <optgroup key={strand} label={strandIn(t, strand, names)}>
          {choices
            .filter((c) => c.strand === strand)
            .map((c) => (
              <option key={c.rung.rung} value={c.rung.rung}>
                {c.rung.name}, {wordIn(t, 'gait', c.rung.gait)}, {wordIn(t, 'place', c.rung.place)} (
                {t(`state.${c.state}`)})
              </option>
            ))}
        </optgroup>
      ))}
    </Select>
  )
}

function reasonSentence(t: Text, { code, values }: Reason, horse: string): string {
  const what = code === 'CHOSEN' && values.rein ? 'CHOSEN_REINS' : code
  return t(`reason.${what}`, {
    ...values,
    horse,
    minutes: values.minutes
      ?.replace(/^0\.5$/, '½')
      .replace('.5', '½')
      .replace('.0', ''),
    focus: values.focus && wordIn(t, 'focus', values.focus),
    rein: values.rein && wordIn(t, 'rein', values.rein),
    side: values.side && wordIn(t, 'worked', values.side),
    shoulder: values.shoulder && wordIn(t, 'worked', values.shoulder),
    feel: values.feel && wordIn(t, 'feelSaid', values.feel),
    p: values.p && percent(Number(values.p)),
  })
}

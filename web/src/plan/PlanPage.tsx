import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { Redo2, ShieldAlert, Undo2 } from 'lucide-react'
import { useEffect, useState } from 'react'
import { useParams } from 'react-router'
import { noteIn, useText } from '../text'
import { queries } from '../api'
import type { Packet, PlannedLesson, WantedBlock } from '../api'
import { LastNote } from '../look'
import { usePacket } from '../recorder'
import { HorseLine, SAID_BY_LINE } from '../safety'
import { useMe } from '../session'
import { fetchAhead, shelfOf } from '../store'
import { Beads, Button, LinkButton, Card, Quiet, Trouble, Wait } from '../ui'
import { Alternatives, Beside, FitKey } from './Alternatives'
import { ExerciseOnGround } from '../ground'
import { GroundOfLesson } from './GroundOfLesson'
import { ArenaDrawing } from './ArenaDrawing'
import { BlockCard, RungSelect } from './BlockCard'
import { BorrowSelect } from './BorrowSelect'
import { Changes } from './Changes'
import { LatchSelect } from './LatchSelect'
import { HandOn, PlanSheet } from './PlanSheet'
import {
  fitted,
  lasting,
  lengthened,
  leaning,
  lockedAt,
  placed,
  swapped,
  wantedOf,
  without,
  withNew,
} from './edit'
import { OnTrial } from './OnTrial'
import { PlanTotals } from './PlanTotals'
import { Starts } from './Starts'
import { TimeLine } from './TimeLine'
import type { InHand } from './TimeLine'
import { useKeepPlan } from './useKeepPlan'
import { usePlanKeys } from './usePlanKeys'

/** The moment: between the look and the first stride. One or two things, both reins, and why; changed by one touch. */
export default function PlanPage() {
  const { id = '' } = useParams()
  const plan = useQuery({ ...queries.plan(id), refetchOnMount: 'always' })
  const { actions, person } = useMe()
  const version = plan.data?.version
  const borrowed = plan.data?.lesson.borrowed
  const records = actions.includes('RECORD')
  useEffect(() => {
    // Ride must have this very plan where there is no network
    if (records && version !== undefined) void fetchAhead(shelfOf(person), [id])
  }, [records, version, borrowed, person, id])
  const packet = usePacket(id)
  // all at once: what comes later would push away what is being touched
  if (plan.isPending || packet.isPending) return <Wait />
  if (plan.isError) return <Trouble cause={plan.error} onAgain={() => void plan.refetch()} />
  return <Planned planned={plan.data} packet={packet.data?.packet} />
}

interface PlannedProps {
  planned: PlannedLesson
  /** Undefined where it could not be had. */
  packet: Packet | undefined
}

function Planned({ planned, packet }: PlannedProps) {
  const { t } = useText()
  const { actions } = useMe()
  const { lesson, plan, version } = planned
  const [chosen, setSelected] = useState(0)
  const selected = Math.min(chosen, plan.blocks.length - 1)
  const { keep, undo, redo, canUndo, canRedo, trouble } = useKeepPlan(planned)
  const canEdit = actions.includes('PLAN') && lesson.startedAt === null
  const blocks = wantedOf(plan.blocks)
  const block = plan.blocks[selected]
  const isStopped = plan.focus.includes('HELP_FIRST')
  const place = (from: number, to: number) => {
    if (to < 0 || to >= blocks.length) return
    keep({ blocks: placed(blocks, from, to) })
    setSelected(to)
  }
  const hand = {
    onSelect: setSelected,
    onPlace: place,
    onLength: (at: number, by: 1 | -1) => keep({ blocks: lengthened(blocks, at, by) }),
    onLock: (at: number) => keep({ blocks: lockedAt(blocks, at) }),
    onRemove: (at: number) => keep({ blocks: without(blocks, at) }),
  }
  // an edge or a block that is drawn and not let go yet
  const [held, setHeld] = useState<WantedBlock[]>()
  const hold = (what: InHand | undefined) => {
    if (!what) setHeld(undefined)
    else if (what.what === 'edge') setHeld(lasting(blocks, what.at, what.seconds))
    else setHeld(placed(blocks, what.from, what.to))
  }
  const onKey = usePlanKeys({ ...hand, onUndo: undo, onRedo: redo, count: blocks.length, canEdit })
  return (
    <>
      <PlanSheet planned={planned} />
      <Box _print={{ display: 'none' }}>
        <Beads
          lesson={lesson.id}
          group={lesson.group}
          now="plan"
          done={{ look: planned.focus !== null, plan: version > 0 }}
        />
        <HorseLine horse={{ horse: lesson.horseId, pair: lesson.pair }} />
        <Flex align="end" justify="space-between" wrap="wrap" gap="3" marginBottom="4">
          <Box>
            <Quiet>
              {lesson.horse} {t('pair.and')} {lesson.rider} ·{' '}
              {t('today.minutes', { minutes: lesson.minutes })}
            </Quiet>
            <chakra.h1 fontSize={{ base: '3xl', md: '4xl' }} fontWeight="770">
              {plan.focus.map((k) => t(`focus.${k}`)).join(` ${t('look.then')} `)}
            </chakra.h1>
          </Box>
          <Flex gap="2" wrap="wrap">
            {canUndo && (
              <Button onClick={undo}>
                <Undo2 size={20} aria-hidden />
                {t('ride.undo')}
              </Button>
            )}
            {canRedo && (
              <Button onClick={redo}>
                <Redo2 size={20} aria-hidden />
                {t('plan.redo')}
              </Button>
            )}
            {canEdit && version === 0 && !isStopped && (
              <Button onClick={() => keep({ blocks })}>{t('plan.keep')}</Button>
            )}
            {!isStopped && (
              <LinkButton to={`/lessons/${lesson.id}/ride`} look="live" minWidth="8rem">
                {t('plan.ride')}
              </LinkButton>
            )}
          </Flex>
        </Flex>
        {packet && <LastNote packet={packet} />}
        <Notes planned={planned} />
        {trouble !== null && <Trouble cause={trouble} />}
        {plan.blocks.length > 0 && (
          <Card marginBottom="5">
            <Box overflowX="auto" tabIndex={0} role="group" aria-label={t('plan.timeline')}>
              <Box minWidth="620px">
                <TimeLine
                  plan={plan}
                  selected={selected}
                  canEdit={canEdit}
                  {...hand}
                  onStretch={(at, seconds) => keep({ blocks: lasting(blocks, at, seconds) })}
                  onKey={onKey}
                  onHold={hold}
                />
              </Box>
            </Box>
            {held ? <OnTrial planned={planned} blocks={held} /> : <Totals planned={planned} />}
            {canEdit && (
              <Flex marginTop="2" gap="3" align="center" wrap="wrap">
                <FitKey planned={planned} onFit={() => keep({ blocks: fitted(blocks, planned.roomS) })} />
                <Quiet display={{ base: 'none', md: 'block' }}>{t('plan.keysHelp')}</Quiet>
              </Flex>
            )}
            <Beside plan={plan} />
            <HandOn planned={planned} />
          </Card>
        )}
        <Grid
          templateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 7fr) minmax(0, 4fr)' }}
          gap="5"
          alignItems="start"
        >
          <Flex direction="column" gap="5">
            {block && (
              <BlockCard
                block={block}
                horse={lesson.horse}
                choices={planned.choices}
                names={planned.strandNames}
                isFirst={selected === 0}
                isLast={selected === plan.blocks.length - 1}
                canEdit={canEdit}
                onLength={(by) => hand.onLength(selected, by)}
                onLock={() => hand.onLock(selected)}
                onMove={(by) => place(selected, selected + by)}
                onSwap={(rung) => keep({ blocks: swapped(blocks, selected, rung) })}
                onLean={(longer) => keep({ blocks: leaning(blocks, selected, longer) })}
                onRemove={() => hand.onRemove(selected)}
              />
            )}
            {canEdit && !isStopped && (
              <RungSelect
                label={t('plan.add')}
                value=""
                choices={planned.choices}
                names={planned.strandNames}
                onChoose={(rung) => {
                  keep({ blocks: withNew(blocks, rung) })
                  setSelected(blocks.length)
                }}
              />
            )}
            {canEdit && !isStopped && (
              <LatchSelect latch={planned.latch} onChoose={(latch) => keep({ latch })} />
            )}
            {canEdit && <BorrowSelect lesson={lesson} />}
            <Alternatives
              alternatives={planned.alternatives}
              horse={lesson.horse}
              canEdit={canEdit}
              onChoose={(chosenBlocks) => {
                keep({ blocks: chosenBlocks })
                setSelected(0)
              }}
            />
            {canEdit && !isStopped && (
              <Starts
                lesson={lesson.id}
                blocks={blocks}
                onChoose={(begun) => {
                  keep({ blocks: begun })
                  setSelected(0)
                }}
              />
            )}
            <Changes changes={planned.changes} />
          </Flex>
          <Flex direction="column" gap="5" minWidth="0">
            {block && (block.ground.pieces.length > 0 || block.ground.kind === 'COURSE') && (
              <Card>
                <ArenaDrawing arena={planned.arena} ground={block.ground} name={block.of.name} />
                <Quiet marginTop="2">
                  {t('plan.line', { metres: block.ground.lengthM.toFixed(0) })}
                  {block.circleM !== null && ` · ${t('look.metres', { metres: block.circleM })}`}
                </Quiet>
                <ExerciseOnGround
                  key={block.of.rung}
                  lesson={lesson}
                  gait={block.of.gait}
                  ground={block.ground}
                />
              </Card>
            )}
            <GroundOfLesson planned={planned} canEdit={canEdit} />
          </Flex>
        </Grid>
      </Box>
    </>
  )
}

/** Cautions first, then what the day limits, then what the coach's own plan goes beyond. */
function Notes({
  planned: {
    plan,
    breaches,
    strandNames,
    lesson: { horse },
  },
}: {
  planned: PlannedLesson
}) {
  const { t } = useText()
  const notes = plan.notes.filter((n) => !SAID_BY_LINE.has(n.code))
  if (notes.length + breaches.length === 0) return null
  return (
    <chakra.ul listStyleType="none" marginBottom="4" display="grid" gap="2">
      {notes.map((n) => (
        <Flex
          as="li"
          key={n.code + (n.values.rung ?? '')}
          gap="2.5"
          align="center"
          color={n.grave ? 'ink' : 'quiet'}
          {...(n.grave && {
            borderWidth: '2px',
            borderColor: 'warn',
            background: 'warnSoft',
            borderRadius: 'key',
            padding: '3',
            fontWeight: '650',
          })}
        >
          {n.grave && (
            <chakra.span color="warn" flexShrink={0}>
              <ShieldAlert size={22} aria-hidden />
            </chakra.span>
          )}
          {noteIn(t, n, { horse, names: strandNames })}
        </Flex>
      ))}
      {breaches.map((b) => (
        <li key={`${b.limit}.${b.block ?? ''}`}>{t(`planLimit.${b.limit}`, { horse })}</li>
      ))}
    </chakra.ul>
  )
}

function Totals({ planned: { plan, isAsProposed, keptBy } }: { planned: PlannedLesson }) {
  const { t } = useText()
  return (
    <PlanTotals plan={plan}>
      {keptBy
        ? t(isAsProposed ? 'plan.keptAsProposed' : 'plan.keptChanged', { by: keptBy })
        : t('plan.proposed')}
    </PlanTotals>
  )
}

import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { useSearchParams } from 'react-router'
import { v7 } from 'uuid'
import { queries } from '../api'
import type { GroundArena, GroundRoom, WantedGround } from '../api'
import { useMe } from '../session'
import { useText } from '../text'
import { Button, Card, Quiet, Steps, Trouble, usePastKeys, Wait } from '../ui'
import { ArenaCard } from './ArenaCard'
import { keepDraft, readDraft } from './draft'
import type { Draft } from './draft'
import { GroundDrawing } from './GroundDrawing'
import { GroundSheet, SheetKeys } from './GroundSheet'
import { HorsesPick } from './HorsesPick'
import { LayoutsCard } from './LayoutsCard'
import { PaceCard } from './PaceCard'
import { RideLine } from './RideLine'
import { SetOut } from './SetOut'
import { ThingEditor } from './ThingEditor'
import { Cautions, ThingSays } from './ThingSays'
import { isExerciseGround, thingOf } from './ofExercise'
import { LessonsCard } from './LessonsCard'
import { Moves } from './StandsHere'
import { ADDABLE, canJump, nameAmong, newThing } from './things'
import type { Addable } from './things'
import { Strides, Where } from './Where'
import { UndoRedo } from './UndoRedo'
import { useThings } from './useThings'

/** The moment: before the lesson, or in the sand with a tape. What stands where today, and whom does it suit? */
export default function GroundPage() {
  const room = useQuery(queries.ground())
  const me = useMe()
  const kept = readDraft(me.person)
  if (room.isPending) return <Wait />
  if (!room.data) {
    return (
      <Flex direction="column" gap="5">
        <Trouble cause={room.error} onAgain={() => void room.refetch()} />
        <OfflineSheet person={me.person} draft={kept} />
      </Flex>
    )
  }
  return <Ground room={room.data} kept={kept} person={me.person} />
}

/** With no network the tapes of what was last set up can still be read, and ticked. */
function OfflineSheet({ person, draft }: { person: string; draft: Draft }) {
  const { t } = useText()
  const [ticks, setTicks] = useState(draft.ticks)
  const nameOf = (id: string) => nameAmong(t, draft.things, id)
  return (
    <SetOut
      sheet={draft.sheet}
      ticks={ticks}
      nameOf={nameOf}
      isUnchecked={false}
      onTick={(next) => {
        setTicks(next)
        keepDraft(person, { ...draft, ticks: next })
      }}
    />
  )
}

function arenaOf(room: GroundRoom, id: string): GroundArena {
  // a set-up may stand on an arena that was put away since
  const found = room.arenas.find((a) => a.drawn.id === id) ?? room.arenas.find((a) => !a.isPutAway)
  if (!found) throw new Error('There is always a standard arena.')
  return found.drawn
}

const MOMENTS = ['UP', 'OUT'] as const

interface GroundProps {
  room: GroundRoom
  kept: Draft
  person: string
}

function Ground({ room, kept, person }: GroundProps) {
  const { t } = useText()
  const { actions } = useMe()
  const [asked, setAsked] = useSearchParams()
  const askedPairs = asked.getAll('pair').slice(0, room.mostPairs)
  const askedLessons = asked.getAll('lesson').slice(0, room.mostPairs)
  const [draft, setDraft] = useState<Draft>(() =>
    askedPairs.length > 0 ? { ...kept, pairs: askedPairs, lessons: askedLessons } : kept,
  )
  const change = (part: Partial<Draft>) => setDraft((d) => ({ ...d, ...part }))
  const arena = arenaOf(room, draft.arena)
  // what somebody comes with is set up beside what stands there, once
  const [first] = useState(() => {
    const kind = asked.get('add')
    const made = isExerciseGround(kind) ? thingOf(kind, null, v7(), room, arena) : undefined
    return made ? [...kept.things, made] : kept.things
  })
  useEffect(() => {
    if (asked.has('add') || asked.has('pair') || asked.has('lesson')) setAsked({}, { replace: true })
  }, [asked, setAsked])
  const work = useThings(first)
  const { things } = work
  const [selected, setSelected] = useState<string | undefined>(first.at(-1)?.id)
  const [isDragging, setDragging] = useState(false)
  const drawing = useRef<SVGSVGElement>(null)
  const [moment, setMoment] = useState<'UP' | 'OUT'>('UP')
  const [rider, setRider] = useState<{ alongM: number; heightM: number; bendDeg: number }>()
  const gait = room.gaits.find((g) => g.pace === draft.pace)
  const variant = gait?.variants.includes(draft.variant) ? draft.variant : (gait?.usual ?? draft.variant)
  const wanted: WantedGround = { arena: arena.id, pairs: draft.pairs, pace: draft.pace, variant, things }
  const measures = useQuery({ ...queries.measures(wanted), placeholderData: keepPreviousData })
  const view = measures.data
  const isUnchecked = measures.isPlaceholderData || measures.isError || isDragging
  const sheet =
    view && !measures.isPlaceholderData
      ? view.things.map(({ id, spots }) => ({ thing: id, spots }))
      : draft.sheet
  useEffect(() => keepDraft(person, { ...draft, things, sheet }))
  usePastKeys(work)
  const thing = things.find((one) => one.id === selected)
  const known = view?.things.find((one) => one.id === selected)
  const line = known?.figure ?? known?.course
  const nameOf = (id: string) => nameAmong(t, things, id)
  const add = (kind: Addable) => {
    const made = newThing(kind, v7(), room, arena, things)
    work.add(made)
    setSelected(made.id)
  }
  return (
    <>
      <Flex direction="column" gap="5" _print={{ display: 'none' }}>
        <Box>
          <chakra.h1 fontSize={{ base: '3xl', md: '5xl' }} fontWeight="770">
            {t('ground.title')}
          </chakra.h1>
          <Quiet display={{ base: 'none', md: 'block' }}>{t('ground.lead')}</Quiet>
        </Box>
        <Box display={{ lg: 'none' }}>
          <Steps
            label={t('ground.moment')}
            values={MOMENTS}
            chosen={moment}
            nameOf={(m) => t(`ground.moments.${m}`)}
            onChoose={(m) => m && setMoment(m)}
          />
        </Box>
        <Grid templateColumns={{ base: '1fr', lg: '3fr 4fr' }} gap="6" alignItems="start">
          <Box position={{ lg: 'sticky' }} top={{ lg: '4' }}>
            <Card padding={{ base: '2', md: '4' }}>
              <GroundDrawing
                arena={arena}
                things={things}
                measured={view}
                selected={thing?.id}
                rider={rider}
                onSelect={setSelected}
                onChange={work.change}
                onRemove={work.remove}
                onDrag={setDragging}
              />
              <Flex justify="space-between" align="center" gap="2">
                <Flex gap="1">
                  <UndoRedo past={work} />
                </Flex>
                <chakra.span fontSize="sm" color="quiet" role="status">
                  {isUnchecked && things.length > 0 ? t('ground.unchecked') : ''}
                </chakra.span>
              </Flex>
              {things.length > 0 && (
                <Quiet marginTop="1" display={{ base: 'none', lg: 'block' }}>
                  {t('ground.keys')}
                </Quiet>
              )}
              {view && known && line && (
                <RideLine
                  key={known.id}
                  line={line}
                  isCourse={known.course !== null}
                  view={view}
                  pace={thing?.pace ?? draft.pace}
                  onRide={setRider}
                />
              )}
            </Card>
          </Box>
          <Flex direction="column" gap="5" minWidth="0">
            {draft.lessons.length > 0 && (
              <Box hideBelow={moment === 'OUT' ? 'lg' : undefined}>
                <LessonsCard
                  lessons={draft.lessons}
                  room={room}
                  arena={arena}
                  wanted={wanted}
                  view={measures.isPlaceholderData ? undefined : view}
                  canKeep={actions.includes('PLAN')}
                  onLeave={() => change({ lessons: [] })}
                  onOpen={(ground) => {
                    work.set(ground.things)
                    setSelected(undefined)
                    change({
                      ticks: {},
                      ...(ground.measured && { arena: ground.measured.arena.id }),
                      ...(ground.pace && { pace: ground.pace }),
                      ...(ground.variant && { variant: ground.variant }),
                    })
                  }}
                />
              </Box>
            )}
            <Card hideBelow={moment === 'OUT' ? 'lg' : undefined}>
              <Flex direction="column" gap="3">
                <Where room={room} arena={arena} onChoose={(id) => change({ arena: id })} />
                <HorsesPick
                  chosen={draft.pairs}
                  most={room.mostPairs}
                  view={view}
                  onChoose={(pairs) => change({ pairs })}
                />
                <Steps
                  label={t('ground.gait')}
                  values={room.gaits.map((g) => g.pace)}
                  chosen={draft.pace}
                  nameOf={(p) => t(`gait.${p}`)}
                  onChoose={(pace) => pace && change({ pace })}
                />
                {gait && gait.variants.length > 1 && (
                  <Steps
                    label={t('ground.variant')}
                    values={gait.variants}
                    columns={gait.variants.length === 4 ? 2 : gait.variants.length}
                    chosen={variant}
                    nameOf={(v) => t(`ground.variants.${v}`)}
                    onChoose={(v) => v && change({ variant: v })}
                  />
                )}
                {view && <Strides view={view} />}
              </Flex>
            </Card>
            {measures.isError && <Trouble cause={measures.error} onAgain={() => void measures.refetch()} />}
            <Card hideBelow={moment === 'OUT' ? 'lg' : undefined}>
              <Flex gap="2" wrap="wrap" role="group" aria-label={t('ground.add')}>
                {ADDABLE.filter((kind) => kind !== 'course' || canJump(things)).map((kind) => (
                  <Button key={kind} disabled={things.length >= room.mostThings} onClick={() => add(kind)}>
                    + {t(`ground.kind.${kind}`)}
                  </Button>
                ))}
              </Flex>
              {things.length === 0 && <Quiet marginTop="3">{t('ground.empty')}</Quiet>}
              <chakra.ul listStyleType="none" display="grid" gap="2" marginTop="3">
                {things.map((one) => (
                  <li key={one.id}>
                    <Flex gap="2">
                      <chakra.span flex="1">
                        <Button
                          look="key"
                          width="full"
                          justifyContent="flex-start"
                          aria-pressed={one.id === thing?.id}
                          onClick={() => setSelected(one.id === thing?.id ? undefined : one.id)}
                        >
                          {nameOf(one.id)}
                          {one.figure?.at ? ` · ${one.figure.at}` : ''}
                        </Button>
                      </chakra.span>
                      <Button
                        look="bare"
                        aria-label={t('ground.remove', { thing: nameOf(one.id) })}
                        onClick={() => work.remove(one.id)}
                      >
                        ×
                      </Button>
                    </Flex>
                    {one.id === thing?.id && !known && !measures.isError && <Wait />}
                    {one.id === thing?.id && (known ?? measures.isError) && (
                      // all at once, when it is known: nothing moves under the thumb
                      <Flex direction="column" gap="4" paddingY="3">
                        {known && <Cautions cautions={known.cautions} />}
                        <Moves thing={one} />
                        <ThingEditor
                          key={one.id}
                          thing={one}
                          things={things}
                          room={room}
                          arena={arena}
                          onChange={work.change}
                        />
                        {view && known && (
                          <ThingSays
                            thing={one}
                            things={things}
                            known={known}
                            view={view}
                            pace={one.pace ?? draft.pace}
                            onChange={work.change}
                            onAdd={(made) => {
                              work.add(made)
                              setSelected(made.id)
                            }}
                          />
                        )}
                      </Flex>
                    )}
                  </li>
                ))}
              </chakra.ul>
            </Card>
            <Box hideBelow={moment === 'UP' ? 'lg' : undefined}>
              <SetOut
                sheet={sheet}
                ticks={draft.ticks}
                nameOf={nameOf}
                isUnchecked={isUnchecked}
                onTick={(ticks) => change({ ticks })}
              />
            </Box>
            {view && things.length > 0 && <SheetKeys drawing={drawing} />}
            <Box hideBelow={moment === 'UP' ? 'lg' : undefined}>
              <PaceCard room={room} canWalk={actions.includes('RECORD')} />
            </Box>
            <Flex direction="column" gap="5" hideBelow={moment === 'OUT' ? 'lg' : undefined}>
              <LayoutsCard
                room={room}
                arena={arena.id}
                things={things}
                layout={draft.layout}
                canKeep={actions.includes('PLAN')}
                onOpen={(l) => {
                  work.set(l.things)
                  setSelected(undefined)
                  change({
                    arena: l.arena,
                    layout: { id: l.id, version: l.version },
                    ticks: {},
                  })
                }}
                onKept={(layout) => change({ layout })}
              />
              {actions.includes('PLAN') && <ArenaCard room={room} onKept={(id) => change({ arena: id })} />}
            </Flex>
          </Flex>
        </Grid>
      </Flex>
      {view && things.length > 0 && (
        <GroundSheet
          drawing={drawing}
          arena={arena}
          things={things}
          view={view}
          room={room}
          nameOf={nameOf}
        />
      )}
    </>
  )
}

import { Box, chakra, Grid } from '@chakra-ui/react'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useParams } from 'react-router'
import { dayShort, useText } from '../text'
import { Unreachable, queries } from '../api'
import type { StoredLook } from '../api'
import type { FirstLook } from '../record'
import { Conditions, DayLines } from '../capture'
import { OutboxLine, useSignsHere, usePacket, useRecorder, useSending, useTogether } from '../recorder'
import type { Recorder } from '../recorder'
import { HorseLine } from '../safety'
import { WatchList } from '../see'
import type { StoredPacket } from '../store'
import { useMe } from '../session'
import { Beads, Button, Quiet, Trouble, Wait } from '../ui'
import { FocusCard } from './FocusCard'
import { lookOf } from './lookOf'
import { LookPhotos } from './LookPhotos'
import { Pass, PassFold } from './PassFold'
import { AnswerScores, InHandScores, MountedScores, Soundness } from './Scores'
import { Sides } from './Sides'
import { HereKeys } from './StationKeys'
import { asLastTime, changed } from './stations'
import type { Stand } from './stations'
import { FromLastTime, LastNote } from './FromLastTime'
import { WorkLine } from './WorkLine'

/** What is looked at on the ground, and what from the saddle; the answers to leg and hand belong to both. */
const GROUND = [
  'bendLeft',
  'bendRight',
  'shoulder',
  'calm',
  'attention',
  'jawLeft',
  'jawRight',
  'hindLeft',
  'hindRight',
] as const
const SADDLE = [
  'rider',
  'tempo',
  'haltFaster',
  'hand',
  'complaint',
  'riddenToday',
  'riddenYesterday',
] as const

/** The moment: the first minutes, horse in hand or just mounted. What is found decides the day. Works with no network. */
export default function LookPage() {
  const { id = '' } = useParams()
  const { t } = useText()
  const recorder = useRecorder(id)
  const packet = usePacket(id)
  useSignsHere(recorder, packet.data)
  if (packet.isError) {
    return packet.error instanceof Unreachable ? (
      <chakra.p role="alert">{t('ride.notHere')}</chakra.p>
    ) : (
      <Trouble cause={packet.error} onAgain={() => void packet.refetch()} />
    )
  }
  if (!recorder || packet.isPending) return <Wait />
  return <Look key={recorder.ride.looks.at(-1)?.id ?? 'none'} kept={packet.data} recorder={recorder} />
}

function Look({ kept, recorder }: { kept: StoredPacket; recorder: Recorder }) {
  const { t } = useText()
  const client = useQueryClient()
  const { actions, timeZone } = useMe()
  const { lesson, looksBefore } = kept.packet
  const { sayInAll } = useTogether(kept, recorder.outbox)
  const made = recorder.ride.looks.at(-1)
  const [look, setLook] = useState<FirstLook>(made?.seen ?? {})
  const before = looksBefore.map((l: StoredLook) => lookOf(l.checks))
  const isAllSent = useSending(recorder.outbox, lesson.id).waiting === 0
  const view = useQuery({ ...queries.look(lesson.id), enabled: made !== undefined && isAllSent })
  const isChanged = JSON.stringify(look) !== JSON.stringify(made?.seen ?? {})
  const [here, setHere] = useState<Stand>('inHand')
  const change = (what: Partial<FirstLook>) => setLook(changed(look, what, here))
  const [last] = looksBefore
  const keep = async () => {
    await recorder.say({ kind: 'first_look', payload: { ...look } })
    await client.invalidateQueries(queries.look(lesson.id))
    await client.invalidateQueries(queries.plan(lesson.id))
    window.scrollTo({ top: 0 })
  }
  return (
    <Box paddingBottom="28">
      <Beads lesson={lesson.id} group={lesson.group} now="look" done={{ look: !!made }} />
      <HorseLine horse={{ horse: lesson.horseId, pair: lesson.pair }} />
      <chakra.h1 fontSize={{ base: '3xl', md: '4xl' }} fontWeight="770" marginBottom="1">
        {lesson.horse}{' '}
        <chakra.span fontWeight="400">
          {t('pair.and')} {lesson.rider}
        </chakra.span>
      </chakra.h1>
      <Quiet>{t(before.length > 0 ? 'look.lead' : 'look.leadFirst')}</Quiet>
      <WorkLine packet={kept.packet} />
      <LastNote packet={kept.packet} />
      <FromLastTime packet={kept.packet} />
      <Grid
        templateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) minmax(0, 1fr)' }}
        templateAreas={{
          base: '"focus" "sound" "sides" "scores"',
          lg: '"sides focus" "sides sound" "sides scores" "sides ."',
        }}
        gridTemplateRows={{ lg: 'auto auto auto 1fr' }}
        columnGap={{ lg: '12' }}
        rowGap="4"
      >
        <Box gridArea="focus">
          {made && !isChanged && !isAllSent && <Quiet role="status">{t('look.later')}</Quiet>}
          {made && !isChanged && isAllSent && view.data && <FocusCard view={view.data} />}
        </Box>
        <Box gridArea="sound">
          {last && Object.keys(look).length === 0 && (
            <Box marginBottom="4">
              <Button look="act" onClick={() => setLook(asLastTime(lookOf(last.checks), here))}>
                {t('look.asLast', { date: dayShort(last.at, timeZone) })}
              </Button>
              <Quiet marginTop="1">{t('look.asLastLead')}</Quiet>
            </Box>
          )}
          <Soundness look={look} onChange={change} />
          <Box marginTop="3" display="grid" gap="2">
            <Conditions
              marks={recorder.ride.marks}
              onSay={(payload) => {
                void recorder.say({ kind: 'conditions', payload })
                sayInAll({ kind: 'conditions', payload })
              }}
            />
            <DayLines marks={recorder.ride.marks} rules={kept.packet.plan.heat} />
          </Box>
        </Box>
        <Box gridArea="sides">
          <PassFold title={t('look.groundTitle')} look={look} checks={GROUND} isNow={here !== 'mounted'}>
            <Sides look={look} before={before} onChange={change} />
            <InHandScores look={look} before={before} onChange={change} />
          </PassFold>
        </Box>
        <Box gridArea="scores">
          {kept.packet.watch.length > 0 && (
            <Box marginBottom="4">
              <chakra.h2 fontSize="xl" fontWeight="720" marginBottom="2">
                {t('watch.title')}
              </chakra.h2>
              <WatchList
                watch={kept.packet.watch}
                marks={recorder.ride.marks}
                onTick={(watch, seen) => void recorder.say({ kind: 'watched', payload: { watch, seen } })}
              />
            </Box>
          )}
          <Pass>{t('look.answersTitle')}</Pass>
          <AnswerScores look={look} before={before} onChange={change} />
          <PassFold
            title={t('look.mountedTitle')}
            look={look}
            checks={SADDLE}
            isNow={here === 'mounted'}
            isTitled
          >
            <MountedScores look={look} before={before} onChange={change} />
          </PassFold>
          {actions.includes('EDIT_PAIR') && <LookPhotos kept={kept} outbox={recorder.outbox} />}
        </Box>
      </Grid>
      <KeepBar>
        <HereKeys here={here} onGo={setHere} />
        <OutboxLine outbox={recorder.outbox} lesson={lesson.id} isLost={recorder.lost !== undefined} />
        <Button look="live" minWidth="9rem" disabled={!isChanged} onClick={() => void keep()}>
          {t(made ? 'look.keepAgain' : 'look.keep')}
        </Button>
      </KeepBar>
    </Box>
  )
}

const KeepBar = chakra('div', {
  base: {
    position: 'fixed',
    left: { base: '0', lg: 'auto' },
    right: '0',
    bottom: { base: '64px', lg: '0' },
    display: 'flex',
    flexWrap: { base: 'wrap', md: 'nowrap' },
    alignItems: 'center',
    justifyContent: 'space-between',
    columnGap: '4',
    rowGap: '1',
    paddingX: '4',
    paddingY: '2',
    background: 'card',
    borderTopWidth: '2px',
    borderColor: 'line',
    zIndex: '4',
    borderTopLeftRadius: { lg: 'card' },
    borderLeftWidth: { lg: '2px' },
  },
})

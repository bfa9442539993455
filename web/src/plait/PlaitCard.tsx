import { chakra, Flex } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { Minus, MoveHorizontal, Plus, StepBack, StepForward } from 'lucide-react'
import { useCallback, useId, useMemo, useState } from 'react'
import { queries } from '../api'
import type { PlaitOfLesson, PlaitTurn } from '../api'
import { useMe } from '../session'
import { useText, wordIn } from '../text'
import { Button, FoldCard, Quiet, SIDE, Trouble, Wait } from '../ui'
import { EntryPanel } from './EntryPanel'
import type { Told } from './EntryPanel'
import { keyOf } from './inWords'
import { KindsPick, meetingOf } from './KindsPick'
import { Overview } from './Overview'
import { PlaitCanvas } from './PlaitCanvas'
import { PlaitList } from './PlaitList'
import { closer, nextOf, showing, whole } from './stretch'

type Plait = NonNullable<PlaitOfLesson['plait']>

/** What was touched last: the entry, and which of its events. */
type Touched = Told & { kind: string }

/** Where an event lies now; one whose answer was changed is still the same entry. */
function placeOf({ events, said, kinds }: Plait, { said: { id }, kind }: Touched) {
  const places = events.flatMap((e, i) => (said[e.entry]?.id === id ? [{ i, of: kinds[e.kind] }] : []))
  return (places.find(({ of }) => of && keyOf(of) === kind) ?? places.at(-1))?.i
}

/** What happened together: the lesson on one time line, in strands that lie under each other. */
export function PlaitCard({ lesson }: { lesson: string }) {
  const { t } = useText()
  const plait = useQuery(queries.plait(lesson))
  if (plait.isPending) return <Wait />
  if (plait.isError) return <Trouble cause={plait.error} onAgain={() => void plait.refetch()} />
  if (plait.data.plait === null) return null
  return (
    <FoldCard title={t('plait.title')}>
      <Strands lesson={lesson} plait={plait.data.plait} />
    </FoldCard>
  )
}

const NOTHING: ReadonlySet<number> = new Set()

function Strands({ lesson, plait }: { lesson: string; plait: Plait }) {
  const { t } = useText()
  const { actions } = useMe()
  const how = useId()
  const all = whole(plait.lengthMs)
  const [stretch, setStretch] = useState(all)
  const [keys, setKeys] = useState<string[]>([])
  const chosen = useMemo(
    () => keys.map((key) => plait.kinds.findIndex((k) => keyOf(k) === key)).filter((k) => k >= 0),
    [plait, keys],
  )
  const [touched, setTouched] = useState<Touched>()
  const [isListed, setListed] = useState(false)
  const lit = useMemo(() => {
    const met = chosen.length === 2 ? meetingOf(plait, chosen) : undefined
    return met ? new Set(met.events) : NOTHING
  }, [plait, chosen])
  const names = useMemo(() => new Map(plait.turns.map((turn) => [turn.exercise, turn.name])), [plait])
  const exerciseName = (exercise: string) => names.get(exercise) ?? exercise.replaceAll('-', ' ')
  const turnName = useCallback(
    (turn: PlaitTurn) =>
      [
        turn.rein === 'NONE' ? '' : SIDE[turn.rein].letter,
        turn.name,
        wordIn(t, 'gait', turn.gait),
        ...(turn.mounted === 'RIDER' ? [] : [t(`mounted.${turn.mounted}`)]),
      ]
        .filter(Boolean)
        .join(' · '),
    [t],
  )
  const strandName = useCallback((strand: 'RIDER' | 'CONTACT' | 'HORSE') => t(`plait.strand.${strand}`), [t])
  const selected = useMemo(() => (touched ? placeOf(plait, touched) : undefined), [plait, touched])
  const select = (event: number | undefined) => {
    const at = event === undefined ? undefined : plait.events[event]
    const said = at && plait.said[at.entry]
    const kind = at && plait.kinds[at.kind]
    if (at && said && kind) {
      setTouched({ said, atMs: at.fromMs, kind: keyOf(kind) })
      setStretch((now) => showing(now, all, at.fromMs))
    } else {
      setTouched(undefined)
    }
  }
  const go = (by: 1 | -1) => {
    const next = nextOf(plait.events.length, lit, selected, by)
    if (next !== undefined) select(next)
  }
  const middle = (stretch.fromMs + stretch.toMs) / 2
  return (
    <Flex direction="column" gap="3">
      <div>
        <PlaitCanvas
          plait={plait}
          stretch={stretch}
          chosen={chosen}
          lit={lit}
          selected={selected}
          label={t('plait.drawing', { count: plait.events.length })}
          describedBy={how}
          turnName={turnName}
          strandName={strandName}
          onStretch={setStretch}
          onSelect={select}
          onNext={go}
        />
        <Overview plait={plait} stretch={stretch} lit={lit} onStretch={setStretch} />
      </div>
      <Flex gap="2" wrap="wrap" align="center">
        <Button aria-label={t('plait.closer')} onClick={() => setStretch(closer(stretch, all, 2, middle))}>
          <Plus size={20} aria-hidden />
        </Button>
        <Button aria-label={t('plait.further')} onClick={() => setStretch(closer(stretch, all, 0.5, middle))}>
          <Minus size={20} aria-hidden />
        </Button>
        <Button aria-label={t('plait.whole')} onClick={() => setStretch(all)}>
          <MoveHorizontal size={20} aria-hidden />
        </Button>
        <Button aria-label={t(lit.size > 0 ? 'plait.meetingBefore' : 'plait.before')} onClick={() => go(-1)}>
          <StepBack size={20} aria-hidden />
        </Button>
        <Button aria-label={t(lit.size > 0 ? 'plait.nextMeeting' : 'plait.next')} onClick={() => go(1)}>
          <StepForward size={20} aria-hidden />
        </Button>
        <Button aria-pressed={isListed} look="key" onClick={() => setListed(!isListed)}>
          {t('plait.asList')}
        </Button>
        <Quiet id={how} display={{ base: 'none', lg: 'block' }}>
          {t('plait.keys')}
        </Quiet>
      </Flex>
      <chakra.div role="status">
        {touched && (
          <EntryPanel
            lesson={lesson}
            told={touched}
            mayAmend={actions.includes('RECORD')}
            exerciseName={exerciseName}
            onTold={(told) => setTouched({ ...touched, ...told })}
          />
        )}
      </chakra.div>
      <KindsPick plait={plait} chosen={chosen} onChoose={setKeys} />
      {isListed && (
        <PlaitList
          plait={plait}
          stretch={stretch}
          chosen={chosen}
          lit={lit}
          selected={selected}
          exerciseName={exerciseName}
          onSelect={select}
        />
      )}
    </Flex>
  )
}

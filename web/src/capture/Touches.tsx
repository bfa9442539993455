import { chakra, Flex } from '@chakra-ui/react'
import { Eye, Pencil, Redo2, Undo2 } from 'lucide-react'
import { useState } from 'react'
import { STATIONS, Times } from '../record'
import type { WatchItem } from '../api'
import type { Mark, Ride, Payloads, Segment, Side } from '../record'
import type { StoredEntry } from '../store'
import { clock, useText } from '../text'
import { Button } from '../ui'
import { UNDOABLE_KINDS } from '../recorder'
import { Drawer } from './Drawer'
import { Spoken } from './Spoken'
import { saidNow, takenBackBy } from './standing'
import type { Recorder } from '../recorder'

interface TouchesProps {
  recorder: Recorder
  exerciseName: (exercise: string) => string
  watch: WatchItem[]
  /** For so many weeks what was seen is asked again; 0 in a packet that does not say. */
  watchWeeks: number
  onTakeBack: (id: string) => void
  onWatch: (said: Payloads['watch']) => void
  onChange: (entry: StoredEntry) => void
  onClose: () => void
}

/** All that was touched in, the newest first: taken back, put back, changed. Nothing is lost by any of it. */
export function Touches({
  recorder,
  exerciseName,
  watch,
  watchWeeks,
  onTakeBack,
  onWatch,
  onChange,
  onClose,
}: TouchesProps) {
  const { t } = useText()
  const { entries, ride } = recorder
  const gone = new Set(ride.voided)
  const times = new Times(entries)
  const first: Segment | undefined = ride.segments[0]
  const touched = entries
    .filter((e) => UNDOABLE_KINDS.has(e.kind))
    .sort((a, b) => b.atMs - a.atMs || b.seq - a.seq)
  return (
    <Drawer title={t('touches.title')} name={t('touches.title')} onClose={onClose}>
      <chakra.ol listStyleType="none">
        {touched.map((e) => {
          const by = gone.has(e.id) ? takenBackBy(entries, ride.voided, e.id) : undefined
          const isGone = gone.has(e.id)
          return (
            <Line key={e.id} data-kind={e.kind}>
              <chakra.span color="quiet" fontSize="sm" fontVariantNumeric="tabular-nums">
                {clock(times.of(e) - (ride.startedAtMs ?? 0))}
              </chakra.span>
              <chakra.span
                flex="1"
                minWidth="0"
                fontWeight={e.kind === 'segment' ? '500' : '650'}
                textDecoration={isGone ? 'line-through' : 'none'}
                color={isGone ? 'quiet' : 'ink'}
              >
                <Spoken said={saidNow(ride, entries, e)} exerciseName={exerciseName} />
              </chakra.span>
              <Flex gap="1.5">
                {!isGone && (
                  <ToWatch
                    mark={markOf(ride, e.id)}
                    ride={ride}
                    watch={watch}
                    watchWeeks={watchWeeks}
                    onWatch={onWatch}
                  />
                )}
                {!isGone && (e.kind === 'exchange' || e.kind === 'segment') && (
                  <Button paddingX="3" aria-label={t('touches.change')} onClick={() => onChange(e)}>
                    <Pencil size={18} aria-hidden />
                  </Button>
                )}
                {isGone
                  ? by && (
                      <Button paddingX="3" aria-label={t('ride.putBack')} onClick={() => onTakeBack(by)}>
                        <Redo2 size={18} aria-hidden />
                      </Button>
                    )
                  : e.id !== first?.id && (
                      <Button
                        paddingX="3"
                        aria-label={t('touches.takeBack')}
                        onClick={() => onTakeBack(e.id)}
                      >
                        <Undo2 size={18} aria-hidden />
                      </Button>
                    )}
              </Flex>
            </Line>
          )
        })}
      </chakra.ol>
    </Drawer>
  )
}

function markOf(ride: Ride, id: string): Mark | undefined {
  return ride.marks.find((m) => m.id === id)?.said
}

interface ToWatchProps extends Pick<TouchesProps, 'watch' | 'watchWeeks' | 'onWatch'> {
  mark: Mark | undefined
  ride: Ride
}

/** What was seen can be looked for again, where it was seen, if it is not already. */
function ToWatch({ mark, ride, watch, watchWeeks, onWatch }: ToWatchProps) {
  const { t } = useText()
  const [isAsked, setAsked] = useState(false)
  if (watchWeeks === 0 || (mark?.kind !== 'fault' && mark?.kind !== 'sign')) return null
  const { kind: of, name, side } = mark
  const isSame = (w: { name: string; side: Side }) => w.name === name && w.side === side
  if (watch.some(isSame) || ride.marks.some((m) => m.said.kind === 'watch' && isSame(m.said))) return null
  const weeks = t('watch.weeks', { count: watchWeeks })
  return isAsked ? (
    <Flex role="group" aria-label={t('watch.do', { weeks })} gap="1" wrap="wrap">
      {STATIONS.map((station) => (
        <Button
          key={station}
          look="key"
          paddingX="2"
          fontSize="sm"
          aria-label={t('watch.where', { station: t(`station.${station}`), weeks })}
          onClick={() => onWatch({ of, name, side, weeks: watchWeeks, station })}
        >
          {t(`station.${station}`)}
        </Button>
      ))}
    </Flex>
  ) : (
    <Button
      paddingX="3"
      aria-label={t('watch.do', { weeks })}
      title={t('watch.do', { weeks })}
      onClick={() => setAsked(true)}
    >
      <Eye size={18} aria-hidden />
    </Button>
  )
}

const Line = chakra('li', {
  base: {
    display: 'flex',
    alignItems: 'center',
    gap: '3',
    paddingY: '1.5',
    borderBottomWidth: '1px',
    borderColor: 'line',
  },
})

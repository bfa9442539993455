import { chakra, Flex } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useCallback, useId, useMemo, useState } from 'react'
import { queries } from '../api'
import type { PlaitOfLesson } from '../api'
import { useMe } from '../session'
import { useText } from '../text'
import { FoldCard, Trouble, Wait } from '../ui'
import { EntryPanel } from './EntryPanel'
import { KindsPick } from './KindsPick'
import type { MeasuredReins } from './measured'
import { Overview } from './Overview'
import { PlaitCanvas } from './PlaitCanvas'
import { PlaitList } from './PlaitList'
import { PlaitTools } from './PlaitTools'
import { usePlait } from './usePlait'
import { usePlaitNames } from './usePlaitNames'

type Plait = NonNullable<PlaitOfLesson['plait']>

interface PlaitCardProps {
  lesson: string
  /** What rein sensors say, where there were any. */
  measured?: readonly MeasuredReins[]
}

const NOTHING_MEASURED: readonly MeasuredReins[] = []

/** What happened together: the lesson on one time line, in strands that lie under each other. */
export function PlaitCard({ lesson, measured = NOTHING_MEASURED }: PlaitCardProps) {
  const { t } = useText()
  const plait = useQuery(queries.plait(lesson))
  if (plait.isPending) return <Wait />
  if (plait.isError) return <Trouble cause={plait.error} onAgain={() => void plait.refetch()} />
  if (plait.data.plait === null) return null
  return (
    <FoldCard title={t('plait.title')}>
      <Strands lesson={lesson} plait={plait.data.plait} measured={measured} />
    </FoldCard>
  )
}

function Strands({ lesson, plait, measured }: Required<PlaitCardProps> & { plait: Plait }) {
  const { t } = useText()
  const { actions } = useMe()
  const how = useId()
  const look = usePlait(plait)
  const { stretch, chosen, lit, selected } = look
  const [isListed, setListed] = useState(false)
  const names = useMemo(() => new Map(plait.turns.map((turn) => [turn.exercise, turn.name])), [plait])
  const exerciseName = useCallback(
    (exercise: string) => names.get(exercise) ?? exercise.replaceAll('-', ' '),
    [names],
  )
  const list = useCallback(() => setListed((is) => !is), [])
  const { turnName, strandName } = usePlaitNames()
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
          measured={measured}
          onStretch={look.setStretch}
          onSelect={look.select}
          onNext={look.next}
        />
        <Overview plait={plait} stretch={stretch} lit={lit} onStretch={look.setStretch} />
      </div>
      <PlaitTools
        hasLit={lit.size > 0}
        isListed={isListed}
        how={how}
        onZoom={look.zoom}
        onWhole={look.seeAll}
        onNext={look.next}
        onList={list}
      />
      <chakra.div role="status">
        {look.touched && (
          <EntryPanel
            lesson={lesson}
            told={look.touched}
            mayAmend={actions.includes('RECORD')}
            exerciseName={exerciseName}
            onTold={look.tell}
          />
        )}
      </chakra.div>
      <KindsPick plait={plait} chosen={chosen} onChoose={look.choose} />
      {isListed && (
        <PlaitList
          plait={plait}
          stretch={stretch}
          chosen={chosen}
          lit={lit}
          selected={selected}
          exerciseName={exerciseName}
          onSelect={look.select}
        />
      )}
    </Flex>
  )
}

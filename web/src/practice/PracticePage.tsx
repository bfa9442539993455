import { Box, chakra, Flex } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useLiveQuery } from 'dexie-react-hooks'
import { useState, useSyncExternalStore } from 'react'
import { useText } from '../text'
import { Unreachable } from '../api'
import type { Assignment } from '../api'
import { useMe } from '../session'
import { HorseLine, WrongDrawer } from '../safety'
import { cardsOf, shelfOf, useOutbox, waitingPractices } from '../store'
import type { Shelf } from '../store'
import { Quiet, Trouble, Wait } from '../ui'
import { FromLessons } from './FromLessons'
import { OwnStair } from './OwnStair'
import { Report } from './Report'
import { TaskCard } from './TaskCard'
import { StoppedPractice } from './StoppedPractice'
import { TimerView } from './TimerView'
import { useWrong } from './useWrong'
import { WrongKey } from './WrongKey'

/** The moment: at the rider's own yard, on the phone, often without a network. What to do today, and how it went. */
export default function PracticePage() {
  const { t } = useText()
  const { person } = useMe()
  const shelf = shelfOf(person)
  const outbox = useOutbox(() => waitingPractices(shelf))
  const state = useSyncExternalStore(outbox.subscribe, outbox.current)
  const waiting = useLiveQuery(() => shelf.practices.where({ passage: 'waiting' }).toArray(), [shelf]) ?? []
  const refused = useLiveQuery(() => shelf.practices.where({ passage: 'refused' }).count(), [shelf]) ?? 0
  const timer = useLiveQuery(() => shelf.timers.toCollection().first(), [shelf])
  const [reporting, setReporting] = useState<ReportDraft>()
  const wrong = useWrong(shelf)
  const cards = useQuery({
    queryKey: ['cards', person, waiting.length],
    queryFn: () => cardsOf(shelf),
    networkMode: 'always',
    retry: false,
    refetchOnMount: 'always',
    placeholderData: (before) => before,
  })
  if (cards.isError) {
    return cards.error instanceof Unreachable ? (
      <chakra.p role="alert">{t('practice.notHere')}</chakra.p>
    ) : (
      <Trouble cause={cards.error} onAgain={() => void cards.refetch()} />
    )
  }
  if (!cards.data) return <Wait />
  const { pairs } = cards.data.cards
  const { offsetMs } = cards.data
  const all = pairs.flatMap((p) => p.cards)
  const running = timer && all.find((c) => c.id === timer.assignment)
  const ofRunning = timer && pairs.find((p) => p.cards.some((c) => c.id === timer.assignment))
  if (wrong.stopped) {
    return <StoppedPractice wrong={wrong} stopped={wrong.stopped} />
  }
  if (wrong.asked) {
    const { asked } = wrong
    return <WrongDrawer onClose={wrong.close} onChoose={(sign) => void wrong.say(asked, sign, offsetMs)} />
  }
  if (reporting) {
    return (
      <Report
        {...reporting}
        offsetMs={offsetMs}
        onDone={(isKept) => {
          setReporting(undefined)
          if (isKept) void outbox.send()
        }}
      />
    )
  }
  if (timer && running) {
    return (
      <TimerView
        card={running}
        timer={timer}
        shelf={shelf}
        works={ofRunning?.stair.find((s) => s.rung === running.steps[running.step]?.rung)?.works}
        onWrong={() => ofRunning && wrong.ask(ofRunning)}
        onOver={(leftS, rightS, startedMs) => setReporting({ card: running, leftS, rightS, startedMs })}
      />
    )
  }
  return (
    <Box maxWidth="36rem" marginX="auto">
      {pairs.map((p) => (
        <HorseLine key={p.pair} horse={{ horse: p.horseId, pair: p.pair }} />
      ))}
      <Sending state={state} waiting={waiting.length} refused={refused} />
      {all.length === 0 && (
        <Box marginBottom="6">
          <chakra.h1 fontSize="3xl" fontWeight="770">
            {t('practice.empty')}
          </chakra.h1>
          <Quiet>{t('practice.emptyLead')}</Quiet>
        </Box>
      )}
      {all.map((card) => (
        <TaskCard
          key={card.id}
          card={card}
          isNamed={pairs.length > 1}
          kept={waiting.filter((w) => w.assignment === card.id)}
          onStart={() => start(shelf, card)}
          onReport={() => setReporting({ card, leftS: 0, rightS: 0, startedMs: Date.now() })}
        />
      ))}
      {pairs.map((p) => (
        <OwnStair key={p.pair} pair={p} isNamed={pairs.length > 1} />
      ))}
      <FromLessons />
      {/* in reach of the thumb, however far the cards are rolled */}
      <Box position="sticky" bottom={{ base: '76px', lg: '4' }} zIndex="4" display="grid" gap="2">
        {pairs.map((p) => (
          <WrongKey
            key={p.pair}
            isWide
            onPress={() => wrong.ask(p)}
            horse={pairs.length > 1 ? p.horse : undefined}
          />
        ))}
      </Box>
    </Box>
  )
}

interface ReportDraft {
  card: Assignment
  leftS: number
  rightS: number
  startedMs: number
}

async function start(shelf: Shelf, card: Assignment) {
  await shelf.timers.put({ assignment: card.id, startedMs: Date.now(), pausedMs: null, restedMs: 0 })
}

function Sending({ state, waiting, refused }: { state: string; waiting: number; refused: number }) {
  const { t } = useText()
  if (waiting === 0 && refused === 0) return null
  return (
    <Flex gap="3" role="status" data-practices={waiting} marginBottom="3">
      {waiting > 0 && (
        <Quiet>{t(state === 'offline' ? 'practice.offline' : 'practice.sending', { count: waiting })}</Quiet>
      )}
      {refused > 0 && <Quiet color="warn">{t('practice.refused', { count: refused })}</Quiet>}
    </Flex>
  )
}

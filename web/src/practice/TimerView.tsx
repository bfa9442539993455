import { chakra, Flex } from '@chakra-ui/react'
import { useEffect, useRef, useState } from 'react'
import type { Assignment } from '../api'
import { BentHorse } from '../look'
import { workedSide } from '../record'
import type { WorkedSide } from '../record'
import type { RunningTimer, Shelf } from '../store'
import { clock, useText } from '../text'
import { Button, SIDE, useAwake } from '../ui'
import { readySound, signal } from './sound'
import { momentAt, ranMs } from './timer'
import { WrongKey } from './WrongKey'

interface TimerViewProps {
  card: Assignment
  timer: RunningTimer
  shelf: Shelf
  /** The side of the horse the exercise works; undefined where the rung is not known here. */
  works: WorkedSide | undefined
  onOver: (leftS: number, rightS: number, startedMs: number) => void
  onWrong: () => void
}

/** Started on the ground, then in the pocket: one rein after the other by sound. Seen from the saddle it is one letter. */
export function TimerView({ card, timer, shelf, works, onOver, onWrong }: TimerViewProps) {
  const { t } = useText()
  const [nowMs, setNowMs] = useState(() => Date.now())
  useEffect(() => {
    const tick = setInterval(() => setNowMs(Date.now()), 500)
    return () => clearInterval(tick)
  }, [])
  useAwake()
  const moment = momentAt(card.turns, ranMs(timer, nowMs))
  const said = useRef(moment.index)
  const what = moment.isOver ? 'OVER' : moment.turn?.rein === 'RIGHT' ? 'RIGHT' : 'LEFT'
  useEffect(() => {
    if (said.current === moment.index) return
    said.current = moment.index
    signal(what)
  }, [moment.index, what])
  const isPaused = timer.pausedMs !== null
  const pause = () => {
    readySound()
    const at = Date.now()
    void shelf.timers.put(
      timer.pausedMs === null
        ? { ...timer, pausedMs: at }
        : { ...timer, pausedMs: null, restedMs: timer.restedMs + at - timer.pausedMs },
    )
  }
  const end = async () => {
    await shelf.timers.delete(timer.assignment)
    onOver(moment.doneS.LEFT, moment.doneS.RIGHT, timer.startedMs)
  }
  const side = moment.turn?.rein === 'RIGHT' ? 'RIGHT' : 'LEFT'
  const hasRein = moment.turn !== undefined && moment.turn.rein !== 'NONE'
  const next = card.turns[moment.index + 1]
  return (
    <Flex
      direction="column"
      position="fixed"
      inset="0"
      zIndex="20"
      padding="5"
      gap="4"
      background={hasRein ? SIDE[side].color : 'ground'}
      color={hasRein ? SIDE[side].on : 'ink'}
      data-turn={moment.index}
    >
      <Flex align="center" gap="3">
        <chakra.p flex="1" fontWeight="650">
          {card.steps[card.step]?.name}
        </chakra.p>
        <WrongKey onPress={onWrong} />
      </Flex>
      <Flex direction="column" flex="1" align="center" justify="center" role="timer" aria-live="off">
        {hasRein && (
          <Flex align="center" gap="6" height="13rem" aria-hidden>
            <chakra.span fontFamily="heading" fontWeight="800" fontSize="9rem" lineHeight="1">
              {SIDE[side].letter}
            </chakra.span>
            {works !== undefined && works !== 'CHOSEN' && (
              <BentHorse side={workedSide(works, side)} ground={SIDE[side].color} />
            )}
          </Flex>
        )}
        <chakra.h1 fontSize="4xl" fontWeight="760">
          {t(
            moment.isOver
              ? 'practice.over'
              : !moment.turn
                ? 'practice.away'
                : hasRein
                  ? `Rein.${side}`
                  : 'practice.noRein',
          )}
        </chakra.h1>
        {!moment.isOver && (
          <chakra.span fontFamily="heading" fontSize="6xl" fontWeight="720" fontVariantNumeric="tabular-nums">
            {clock(moment.turn ? moment.leftMs : moment.awayMs)}
          </chakra.span>
        )}
        {isPaused && <chakra.p fontSize="xl">{t('practice.pausedNow')}</chakra.p>}
        {next && !moment.isOver && (
          <chakra.p>
            {t('practice.next', { rein: t(`rein.${next.rein}`), time: clock(next.seconds * 1000) })}
          </chakra.p>
        )}
      </Flex>
      {!moment.isOver && (
        <Button minHeight="64px" fontSize="xl" color="inherit" borderColor="currentColor" onClick={pause}>
          {t(isPaused ? 'practice.goOn' : 'practice.pause')}
        </Button>
      )}
      <Button look="live" minHeight="72px" fontSize="xl" onClick={() => void end()}>
        {t('practice.toReport')}
      </Button>
    </Flex>
  )
}

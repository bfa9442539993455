import { chakra, Flex } from '@chakra-ui/react'
import type { Assignment } from '../api'
import { ForHorse } from '../ground'
import { useMe } from '../session'
import { dayShort, nameIn, wordIn, useText } from '../text'
import type { Text } from '../text'
import { Button, Card, Quiet, SideLetter } from '../ui'
import { doseSentence } from './dose'

/** Homework under way: which step, what opens the next, and what was really done. */
export function Running({ assignment, onEnd }: { assignment: Assignment; onEnd?: () => void }) {
  const { t } = useText()
  const { timeZone } = useMe()
  const step = assignment.steps[assignment.step]
  if (!step) return null
  return (
    <Card>
      <chakra.h3 fontSize="xl" fontWeight="720">
        {nameIn(t, step)}, {wordIn(t, 'gait', step.gait)}
      </chakra.h3>
      <Quiet>
        {stepOf(t, assignment)} · {doseSentence(t, step)} ·{' '}
        {t('homework.since', { date: dayShort(assignment.setAt, timeZone) })}
      </Quiet>
      <ForHorse ground={step.ground} horse={assignment.horse} gait={step.gait} />
      <chakra.p marginTop="2" fontWeight="650">
        {t(
          assignment.stop !== null ? (`homeworkStop.coach.${assignment.stop}` as const) : gateKey(assignment),
          {
            horse: assignment.horse,
            rider: assignment.rider,
            easy: assignment.easyRunning,
            needed: assignment.easyNeeded,
            days: assignment.daysToGo,
          },
        )}
      </chakra.p>
      <Flex gap="4" wrap="wrap" marginTop="2" fontVariantNumeric="tabular-nums" align="center">
        <span>{t('homework.done', { done: assignment.days.done, set: assignment.days.set })}</span>
        <Flex align="center" gap="1.5">
          <SideLetter side="LEFT" size="1.3em" /> {minutesOf(assignment.leftSeconds)}
          <SideLetter side="RIGHT" size="1.3em" /> {minutesOf(assignment.rightSeconds)}{' '}
          {t('homework.minutes')}
        </Flex>
      </Flex>
      {assignment.overDays.length > 0 && (
        <Quiet>{t('homework.over', { count: assignment.overDays.length })}</Quiet>
      )}
      {onEnd && (
        <Button marginTop="3" onClick={onEnd}>
          {t('homework.end')}
        </Button>
      )}
    </Card>
  )
}

/** Of a programme the stage, by its name. */
export function stepOf(t: Text, { step, steps, programme }: Assignment): string {
  const at = { step: step + 1, of: steps.length }
  return programme ? t('programme.stage', { ...at, name: programme }) : t('homework.step', at)
}

function gateKey(assignment: Assignment) {
  if (assignment.isReady) return 'homework.ready'
  return assignment.daysToGo > 0 ? 'homework.gateDays' : 'homework.gateOpen'
}

function minutesOf({ done, set }: { done: number; set: number }): string {
  return `${Math.round(done / 60)}/${Math.round(set / 60)}`
}

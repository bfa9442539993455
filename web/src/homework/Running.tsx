import { chakra, Flex } from '@chakra-ui/react'
import { useTranslation } from 'react-i18next'
import type { Assignment } from '../api'
import { useMe } from '../session'
import { dayShort, nameIn, wordIn } from '../text'
import { Button, Card, Quiet, SideLetter } from '../ui'
import { doseSentence } from './dose'

/** Homework under way: which step, what opens the next, and what was really done. */
export function Running({ of, onEnd }: { of: Assignment; onEnd?: () => void }) {
  const { t } = useTranslation()
  const { timeZone } = useMe()
  const step = of.steps[of.step]
  if (!step) return null
  return (
    <Card>
      <chakra.h3 fontSize="xl" fontWeight="720">
        {nameIn(t, step)}, {wordIn(t, 'gait', step.gait)}
      </chakra.h3>
      <Quiet>
        {t('homework.step', { step: of.step + 1, of: of.steps.length })} · {doseSentence(t, step)} ·{' '}
        {t('homework.since', { date: dayShort(of.setAt, timeZone) })}
      </Quiet>
      <chakra.p marginTop="2" fontWeight="650">
        {t(of.stop !== null ? `homeworkStop.coach.${of.stop}` : gateKey(of), {
          horse: of.horse,
          rider: of.rider,
          easy: of.easyRunning,
          needed: of.easyNeeded,
          days: of.daysToGo,
        })}
      </chakra.p>
      <Flex gap="4" wrap="wrap" marginTop="2" fontVariantNumeric="tabular-nums" align="center">
        <span>{t('homework.done', { done: of.days.done, set: of.days.set })}</span>
        <Flex align="center" gap="1.5">
          <SideLetter side="LEFT" size="1.3em" /> {minutesOf(of.leftSeconds)}
          <SideLetter side="RIGHT" size="1.3em" /> {minutesOf(of.rightSeconds)} {t('homework.minutes')}
        </Flex>
      </Flex>
      {of.overDays.length > 0 && <Quiet>{t('homework.over', { count: of.overDays.length })}</Quiet>}
      {onEnd && (
        <Button marginTop="3" onClick={onEnd}>
          {t('homework.end')}
        </Button>
      )}
    </Card>
  )
}

function gateKey(of: Assignment): string {
  if (of.isReady) return 'homework.ready'
  return of.daysToGo > 0 ? 'homework.gateDays' : 'homework.gateOpen'
}

function minutesOf({ done, set }: { done: number; set: number }): string {
  return `${Math.round(done / 60)}/${Math.round(set / 60)}`
}

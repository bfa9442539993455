import { Box, chakra, Flex } from '@chakra-ui/react'
import { OctagonAlert } from 'lucide-react'
import type { Assignment } from '../api'
import { ForHorse } from '../ground'
import { doseSentence, LookInLine, stepOf } from '../homework'
import { AsideView } from '../library'
import { useSafety } from '../safety'
import { useMe } from '../session'
import type { StoredPractice } from '../store'
import { dayShort, nameIn, wordIn, useText } from '../text'
import { Button, Card, Quiet, WarnBox, WhyBox } from '../ui'
import { readySound } from './sound'

interface TaskCardProps {
  card: Assignment
  isNamed: boolean
  /** Reports kept here that the server does not know yet. */
  kept: StoredPractice[]
  onStart: () => Promise<void>
  onReport: () => void
}

/** Today's card: what, how much, in five sentences; the coach's last word; and the timer. */
export function TaskCard({ card, isNamed, kept, onStart, onReport }: TaskCardProps) {
  const { t } = useText()
  const { timeZone } = useMe()
  const step = card.steps[card.step]
  const safety = useSafety()
  const horse = safety.horseNow({ pair: card.pair })
  if (!step) return null
  // what this device saw is not told by the server yet
  const isStopped = kept.some((k) => k.stopSigns.length > 0) || safety.isHomeworkStopped(card.pair)
  const here = isStopped ? 'SIGN_OPEN' : null
  const stop = horse?.isPaused ? 'HORSE_PAUSED' : horse?.isDayOver ? 'DAY_OVER' : (card.stop ?? here)
  return (
    <Card marginBottom="5">
      {isNamed && <Quiet>{card.horse}</Quiet>}
      <chakra.h1 fontSize="3xl" fontWeight="770">
        {nameIn(t, step)}
      </chakra.h1>
      <chakra.p fontSize="lg" fontWeight="650">
        {wordIn(t, 'gait', step.gait)} · {doseSentence(t, step)}
      </chakra.p>
      {card.programme && <Quiet>{stepOf(t, card)}</Quiet>}
      <LookInLine lookIns={card.lookIns} />
      {stop !== null ? (
        <WarnBox marginTop="4" icon={<OctagonAlert size={24} aria-hidden />}>
          <chakra.p fontWeight="650">{t(`homeworkStop.rider.${stop}`, { horse: card.horse })}</chakra.p>
        </WarnBox>
      ) : (
        <>
          <Quiet marginTop="3">{t('practice.before')}</Quiet>
          {card.turns.length === 0 ? (
            <chakra.p marginTop="3" fontWeight="720">
              {t('practice.doneToday')}
            </chakra.p>
          ) : (
            <Button
              look="live"
              width="full"
              minHeight="72px"
              fontSize="xl"
              marginTop="3"
              onClick={() => {
                readySound()
                void onStart()
              }}
            >
              {t('practice.start')}
            </Button>
          )}
          {step.instruction !== step.name && (
            <chakra.p marginTop="3" fontSize="lg">
              {step.instruction}
            </chakra.p>
          )}
          <ForHorse ground={step.ground} horse={card.horse} gait={step.gait} />
          {/* a card kept since before exercises had anything beside them has none */}
          {step.aside && (
            <Box marginTop="3">
              <AsideView aside={step.aside} />
            </Box>
          )}
          <Pair name={t('homework.feel')}>{step.feel}</Pair>
          {step.goesWrong && <Pair name={t('homework.goesWrong')}>{step.goesWrong}</Pair>}
          <Pair name={t('homework.stopIf')}>{step.stopIf.join('; ')}</Pair>
          {step.film.length > 0 && (
            <Pair name={t('film.title')}>{step.film.map((shot) => t(`shot.${shot}`)).join('; ')}</Pair>
          )}
        </>
      )}
      <Button width="full" marginTop="2" onClick={onReport}>
        {t('practice.reportOnly')}
      </Button>
      <Progress card={card} />
      <WhyBox marginTop="3">
        <summary>{t('practice.more')}</summary>
        {step.secondBest && <Pair name={t('homework.secondBest')}>{step.secondBest}</Pair>}
        {step.cautions.length > 0 && <Pair name={t('plan.cautions')}>{step.cautions.join(' ')}</Pair>}
        <History card={card} timeZone={timeZone} />
      </WhyBox>
    </Card>
  )
}

function Pair({ name, children }: { name: string; children: React.ReactNode }) {
  return (
    <chakra.p marginTop="2">
      <chakra.span color="quiet">{name}: </chakra.span>
      {children}
    </chakra.p>
  )
}

/** What opens the next step, as dots: filled for every easy one running. */
function Progress({ card }: { card: Assignment }) {
  const { t } = useText()
  return (
    <Flex align="center" gap="3" marginTop="4" wrap="wrap">
      <Flex gap="1.5" aria-hidden>
        {Array.from({ length: card.easyNeeded }, (_, i) => (
          <chakra.span
            key={i}
            width="18px"
            height="18px"
            borderRadius="999px"
            borderWidth="3px"
            borderColor="good"
            background={i < card.easyRunning ? 'good' : 'transparent'}
          />
        ))}
      </Flex>
      <chakra.span fontSize="sm">
        {t(card.isReady ? 'practice.ready' : card.daysToGo > 0 ? 'practice.gateDays' : 'practice.gate', {
          easy: Math.min(card.easyRunning, card.easyNeeded),
          needed: card.easyNeeded,
          count: card.daysToGo,
        })}
      </chakra.span>
    </Flex>
  )
}

function History({ card, timeZone }: { card: Assignment; timeZone: string }) {
  const { t } = useText()
  if (card.practices.length === 0) return <Quiet marginY="2">{t('practice.noHistory')}</Quiet>
  return (
    <chakra.ul listStyleType="none" marginY="2" fontVariantNumeric="tabular-nums">
      {card.practices.slice(0, 10).map((p) => (
        <Flex as="li" key={p.id} justify="space-between" paddingY="1">
          <span>{dayShort(p.startedAt, timeZone)}</span>
          <span>{t(`feel.${p.feel}`)}</span>
          <chakra.span color="quiet">
            {t('practice.minutes', { left: Math.round(p.leftS / 60), right: Math.round(p.rightS / 60) })}
          </chakra.span>
        </Flex>
      ))}
    </chakra.ul>
  )
}

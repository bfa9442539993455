import { Box, chakra, Flex } from '@chakra-ui/react'
import { OctagonAlert } from 'lucide-react'
import { useState } from 'react'
import { useMe } from '../session'
import { timeAndDay, useText } from '../text'
import { Button, LaterKey, useHeld } from '../ui'
import { AnswerForm } from './AnswerForm'
import { Call } from './Call'
import { HorseStands } from './HorseLine'
import type { HorseNow } from './now'
import { kindOf } from './signs'
import { useSafety } from './useSafety'
import { signsInWords, statusKey } from './words'

/** First on Today: the horses that are not ridden, what was seen of each, whom to call, and the answer. */
export function Paused() {
  const { t } = useText()
  const { horses } = useSafety()
  const { shown, later, show } = useHeld(horses, (now) => now.horse || now.name)
  return (
    <>
      {shown.length > 0 && (
        <Box as="section" aria-label={t('safety.title')} marginBottom="6">
          {shown.map((now) => (
            <PausedHorse key={now.horse || now.name} now={now} />
          ))}
        </Box>
      )}
      {later.length > 0 && (
        <LaterKey isUpper isWarning onPress={show}>
          <OctagonAlert size={22} aria-hidden />
          {later
            .map((now) => [t(`safety.status.${statusKey(now)}`, { horse: now.name }), signsInWords(t, now)])
            .map((words) => words.filter(Boolean).join(': '))
            .join('. ')}
        </LaterKey>
      )}
    </>
  )
}

/** One horse, with the answer to be given. */
export function PausedHorse({ now }: { now: HorseNow }) {
  const { t } = useText()
  const { timeZone, actions } = useMe()
  const { contacts } = useSafety()
  const [isOpen, setOpen] = useState(false)
  const isKnown = now.view !== undefined
  const isStopped = now.isPaused || now.isDayOver
  const signs = now.view?.signs ?? []
  const kind = signs[0] ? kindOf(signs[0].sign) : 'PAIN'
  return (
    <Box as="article" aria-label={now.name}>
      <HorseStands now={now} />
      <Flex gap="2" wrap="wrap" marginTop="-2" marginBottom={isOpen ? '2' : '5'} align="center">
        {isKnown && actions.includes('ANSWER_PAUSE') && (
          <Button look={isStopped ? 'act' : 'plain'} aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
            {t(now.view?.limits && !isStopped ? 'pauseAnswer.change' : 'pauseAnswer.open')}
          </Button>
        )}
        {signs.map((s) => (
          <chakra.span key={s.id + s.sign} color="quiet" fontSize="sm">
            {t(`safety.seen.${s.source}`, {
              sign: t(`stopSign.${s.sign}`),
              by: s.by,
              at: timeAndDay(s.at, timeZone),
            })}
          </chakra.span>
        ))}
      </Flex>
      {isOpen && (
        <Box marginBottom="6" display="grid" gap="3">
          {isStopped && <Call contacts={contacts} kind={kind} horse={now.horse} />}
          <AnswerForm now={now} onDone={() => setOpen(false)} />
        </Box>
      )}
    </Box>
  )
}

import { chakra, Flex } from '@chakra-ui/react'
import { ShieldAlert } from 'lucide-react'
import { useTranslation } from 'react-i18next'
import type { KeptPacket } from '../store'
import { Button, LinkButton } from '../ui/Button'
import { firstRidden } from './choose'
import { OutboxLine } from './OutboxLine'
import type { Recorder } from './useRide'

/** Before the first stride and after the last: cautions first, then one big button. */
export function StartOrEnd({ kept, recorder }: { kept: KeptPacket; recorder: Recorder }) {
  const { t } = useTranslation()
  const { lesson, rungs } = kept.packet
  const { ride, say, outbox } = recorder
  const isEnded = ride.endedAtMs !== null
  const begin = async () => {
    const hasClock = recorder.entries.some((e) => e.kind === 'clock' && e.device === recorder.device)
    if (!hasClock) await say({ kind: 'clock', payload: { offsetMs: kept.offsetMs } })
    await say({ kind: 'lesson_started', payload: {} })
    const last = ride.segments.at(-1)
    const { exercise, gait, place, rein, mounted } = last ?? firstRidden(rungs)
    await say({ kind: 'segment', payload: { exercise, gait, place, rein, mounted } })
  }
  return (
    <Flex
      as="main"
      direction="column"
      minHeight="100dvh"
      padding={{ base: '5', md: '10' }}
      gap="5"
      maxWidth="44rem"
      marginX="auto"
    >
      <chakra.h1 fontSize="5xl" fontWeight="780">
        {lesson.horse}
        <chakra.span display="block" fontFamily="body" fontSize="xl" fontWeight="400">
          {t('pair.and')} {lesson.rider}
        </chakra.span>
      </chakra.h1>
      {isEnded ? <chakra.p fontSize="xl">{t('ride.ended')}</chakra.p> : <Cautions />}
      <Flex direction="column" gap="3" marginTop={{ base: 'auto', md: '0' }}>
        {isEnded && (
          <LinkButton to={`/lessons/${lesson.id}/debrief`} look="act" minHeight="72px" fontSize="xl">
            {t('ride.toDebrief')}
          </LinkButton>
        )}
        <Button
          look={isEnded ? 'plain' : 'live'}
          minHeight={isEnded ? 'touch' : '96px'}
          fontSize="xl"
          onClick={() => void begin()}
        >
          {t(isEnded ? 'ride.beginAgain' : 'ride.begin')}
        </Button>
        <LinkButton to="/">{t('ride.back')}</LinkButton>
        <OutboxLine outbox={outbox} lesson={lesson.id} />
      </Flex>
    </Flex>
  )
}

function Cautions() {
  const { t } = useTranslation()
  return (
    <Flex gap="4" padding="4" borderWidth="2px" borderColor="ink" borderRadius="card" background="card">
      <chakra.span color="warn" flexShrink={0}>
        <ShieldAlert size={30} aria-hidden />
      </chakra.span>
      <chakra.div>
        <chakra.h2 fontSize="lg" fontWeight="720">
          {t('ride.before')}
        </chakra.h2>
        <p>{t('ride.caution')}</p>
        <chakra.p marginTop="2">{t('ride.cautionCoach')}</chakra.p>
      </chakra.div>
    </Flex>
  )
}

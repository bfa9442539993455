import { Box, chakra, Flex } from '@chakra-ui/react'
import { useText } from '../text'
import type { StopSignSeen } from '../record'
import { HorseLine, useSafety, WhatNow } from '../safety'
import { useMe } from '../session'
import type { StoredPacket } from '../store'
import { Button, LinkButton, SideLetter } from '../ui'
import { OutboxLine, detach, useAgainWhenSent } from '../recorder'
import type { Recorder } from '../recorder'

interface StopScreenProps {
  kept: StoredPacket
  recorder: Recorder
  /** The sign of this lesson; undefined where the horse was paused elsewhere. */
  sign: StopSignSeen | undefined
}

/** A lesson that was stopped: no exercise is offered any more. It is ended, or the sign taken back by whoever saw it. */
export function StopScreen({ kept, recorder, sign }: StopScreenProps) {
  const { t } = useText()
  const { person } = useMe()
  const { contacts } = useSafety()
  const { lesson } = kept.packet
  const { entries, say } = recorder
  useAgainWhenSent(recorder, lesson.id)
  const horse = { horse: lesson.horseId, pair: lesson.pair }
  const kind = sign && entries.find((e) => e.id === sign.id)?.kind
  const amend = (side: 'LEFT' | 'RIGHT') =>
    sign &&
    detach(
      say({
        kind: 'amend',
        payload: { target: sign.id, payload: { sign: sign.sign, side: side === sign.side ? 'NONE' : side } },
      }),
    )
  return (
    <Flex
      as="main"
      direction="column"
      minHeight="100dvh"
      maxWidth="44rem"
      marginX="auto"
      padding={{ base: '4', md: '8' }}
      gap="4"
    >
      <chakra.h1 fontSize="2xl" fontWeight="760">
        {lesson.horse}{' '}
        <chakra.span fontWeight="400">
          {t('pair.and')} {lesson.rider}
        </chakra.span>
      </chakra.h1>
      {sign ? (
        <WhatNow sign={sign.sign} horseName={lesson.horse} horse={lesson.horseId} contacts={contacts}>
          {kind === 'stop_sign' && (
            <Flex role="group" aria-label={t('wrong.side')} gap="2" align="center">
              <chakra.span fontWeight="650">{t('wrong.side')}</chakra.span>
              {(['LEFT', 'RIGHT'] as const).map((side) => (
                <Button
                  key={side}
                  look="key"
                  aria-pressed={sign.side === side}
                  aria-label={t(`side.${side}`)}
                  onClick={() => amend(side)}
                >
                  <SideLetter side={side} />
                </Button>
              ))}
            </Flex>
          )}
        </WhatNow>
      ) : (
        <HorseLine horse={horse} />
      )}
      <Box marginTop="auto" display="grid" gap="2">
        <Button
          look="act"
          minHeight="64px"
          fontSize="xl"
          onClick={() => detach(say({ kind: 'lesson_ended', payload: {} }))}
        >
          {t('wrong.end')}
        </Button>
        {sign && sign.author === person && kind !== 'first_look' && (
          <Button onClick={() => detach(say({ kind: 'void', payload: { target: sign.id } }))}>
            {t('wrong.takeBack')}
          </Button>
        )}
        {kind === 'first_look' && (
          <LinkButton to={`/lessons/${lesson.id}/look`}>{t('ride.toLook')}</LinkButton>
        )}
        <OutboxLine outbox={recorder.outbox} lesson={lesson.id} isLost={recorder.lost !== undefined} />
      </Box>
    </Flex>
  )
}

import { Box, chakra, Flex } from '@chakra-ui/react'
import { OctagonAlert } from 'lucide-react'
import { memo } from 'react'
import { useText } from '../text'
import type { StoredPacket, Outbox } from '../store'
import { Button, useHand } from '../ui'
import { LessonTime } from '../capture'
import { OutboxLine } from '../recorder'
import { NudgeOrRest } from './NudgeOrRest'
import type { NudgeOrRestProps } from './NudgeOrRest'

interface RidingHeadProps extends NudgeOrRestProps {
  lesson: StoredPacket['packet']['lesson']
  outbox: Outbox
  isLost: boolean
  startedAtMs: number | null
  hereFromMs: number | null
  onEnd: () => void
  onWrong: () => void
}

/** Who rides, how sending stands, how long it has been. On a phone what is to be said stands where the names are. */
export const RidingHead = memo(function RidingHead(props: RidingHeadProps) {
  const { lesson, outbox, isLost, startedAtMs, hereFromMs, onEnd, onWrong, ...says } = props
  const { t } = useText()
  const isLeftHand = useHand()[0] === 'left'
  // a touch that was not kept is worth more than a nudge
  const isSaid = (says.nudge !== null || says.restFromMs !== null) && !isLost
  return (
    <Flex align="center" gap="3" flexDirection={{ base: isLeftHand ? 'row-reverse' : 'row', lg: 'row' }}>
      <Box flex="1" minWidth="0" display={{ base: isSaid ? 'none' : 'block', lg: 'block' }}>
        <chakra.h1
          fontSize={{ base: 'lg', lg: '3xl' }}
          fontWeight="760"
          truncate
          // in a group it stands among the others' names
          srOnly={lesson.group ? { base: true, lg: false } : undefined}
        >
          {lesson.horse}{' '}
          <chakra.span fontWeight="400">
            {t('pair.and')} {lesson.rider}
          </chakra.span>
        </chakra.h1>
        <OutboxLine outbox={outbox} lesson={lesson.id} isLost={isLost} />
      </Box>
      {isSaid && (
        <Box flex="1" minWidth="0" display={{ lg: 'none' }}>
          <chakra.h1 srOnly>{lesson.horse}</chakra.h1>
          <NudgeOrRest {...says} />
          <OutboxLine outbox={outbox} lesson={lesson.id} isLost={isLost} isShort />
        </Box>
      )}
      <LessonTime fromMs={startedAtMs} hereFromMs={hereFromMs} offsetMs={says.offsetMs} />
      <Button
        aria-label={t('wrong.title')}
        title={t('wrong.title')}
        paddingX={{ base: '1.5', lg: '3' }}
        gap={{ base: '0', lg: '2' }}
        flexDirection={{ base: 'column', lg: 'row' }}
        background="warn"
        borderColor="warn"
        color="card"
        onClick={onWrong}
      >
        <OctagonAlert size={22} aria-hidden />
        <chakra.span display={{ base: 'none', lg: 'inline' }}>{t('wrong.title')}</chakra.span>
        <chakra.span display={{ lg: 'none' }} fontSize="sm" lineHeight="1">
          {t('wrong.short')}
        </chakra.span>
      </Button>
      <Button onClick={onEnd}>{t('ride.end')}</Button>
    </Flex>
  )
})

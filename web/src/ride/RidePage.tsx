import { Box, chakra, Flex } from '@chakra-ui/react'
import { useParams } from 'react-router'
import { useText } from '../text'
import { Unreachable } from '../api'
import { endsWork, useSafety } from '../safety'
import { LinkButton, Trouble, Wait } from '../ui'
import { Riding } from './Riding'
import { StartOrEnd } from './StartOrEnd'
import { usePacket, useSignsHere, useRecorder } from '../recorder'
import { StopScreen } from './StopScreen'
import { useSensorEnds } from './useSensorEnds'

/** The moment: in the sand, gloves, one hand, eyes on the horse. Works with no network from start to end. */
export default function RidePage() {
  const { id = '' } = useParams()
  const { t } = useText()
  const recorder = useRecorder(id)
  const packet = usePacket(id)
  const safety = useSafety()
  useSignsHere(recorder, packet.data)
  useSensorEnds(recorder, id)
  if (packet.isError) {
    return (
      <Flex direction="column" gap="4" padding="6" maxWidth="40rem" marginX="auto">
        {packet.error instanceof Unreachable ? (
          <chakra.p role="alert">{t('ride.notHere')}</chakra.p>
        ) : (
          <Trouble cause={packet.error} onAgain={() => void packet.refetch()} />
        )}
        <Box>
          <LinkButton to="/">{t('ride.back')}</LinkButton>
        </Box>
      </Flex>
    )
  }
  if (!recorder || packet.isPending) return <Wait />
  const { lesson } = packet.data.packet
  const sign = recorder.ride.stopSigns.filter((s) => endsWork(s.sign)).at(-1)
  const now = safety.horseNow({ horse: lesson.horseId, pair: lesson.pair })
  const isStopped = sign !== undefined || now?.isPaused === true || now?.isDayOver === true
  const segment = recorder.ride.segments.at(-1)
  const isRiding = recorder.ride.startedAtMs !== null && recorder.ride.endedAtMs === null && segment
  if (isRiding && isStopped) return <StopScreen kept={packet.data} recorder={recorder} sign={sign} />
  return isRiding ? (
    <Riding kept={packet.data} recorder={recorder} segment={segment} />
  ) : (
    <StartOrEnd kept={packet.data} recorder={recorder} isStopped={isStopped} />
  )
}

import { chakra, Flex } from '@chakra-ui/react'
import { X } from 'lucide-react'
import { Times } from '../record'
import type { Recorder } from '../recorder'
import { SensorPanel, useLive } from '../sensor'
import type { StoredPacket } from '../store'
import { useText } from '../text'
import { Button } from '../ui'

interface SensorHereProps {
  kept: StoredPacket
  recorder: Recorder
}

/** The sensor of this lesson's two reins. */
function SensorHere({ kept, recorder }: SensorHereProps) {
  const { lesson, band } = kept.packet
  return (
    <SensorPanel
      lesson={lesson.id}
      // as the log has it, so that what is measured lies beside what is touched
      offsetMs={new Times(recorder.entries).offsetMs(recorder) ?? kept.offsetMs}
      band={band}
      onEnded={() => void recorder.outbox.send()}
    />
  )
}

/** Before the first stride, while the horse stands; folded, since most lessons have no sensor. */
export function SensorBefore(of: SensorHereProps) {
  const { t } = useText()
  const { step } = useLive()
  return (
    <chakra.details open={step !== 'OFF' || undefined}>
      <chakra.summary cursor="pointer" fontWeight="700" minHeight="48px" alignContent="center">
        {t('sensor.title')}
      </chakra.summary>
      <SensorHere {...of} />
    </chakra.details>
  )
}

/** The same while it is ridden. */
export function SensorDrawer({ onClose, ...of }: SensorHereProps & { onClose: () => void }) {
  const { t } = useText()
  return (
    <Flex
      as="section"
      direction="column"
      gap="3"
      height="100%"
      overflowY="auto"
      padding="3"
      background="card"
      borderRadius="card"
      borderWidth="1px"
      borderColor="line"
      aria-label={t('sensor.title')}
      onKeyDown={(e) => e.key === 'Escape' && onClose()}
    >
      <Flex align="center" justify="space-between">
        <chakra.h2 fontSize="lg" fontWeight="720">
          {t('sensor.title')}
        </chakra.h2>
        <Button paddingX="3" autoFocus aria-label={t('sensor.close')} onClick={onClose}>
          <X size={22} aria-hidden />
        </Button>
      </Flex>
      <SensorHere {...of} />
    </Flex>
  )
}

import { chakra, Flex } from '@chakra-ui/react'
import type { StoredPacket } from '../store'
import { useText, wordIn } from '../text'
import { Quiet, StepCounts } from '../ui'

type DevicePacket = StoredPacket['packet']

/** What the last debrief left for this lesson; a packet of an earlier version does not say it. */
export function LastNote({ packet }: { packet: DevicePacket }) {
  const { t } = useText()
  const note = (packet.lastTime as Partial<DevicePacket['lastTime']> | undefined)?.note
  return note ? (
    <chakra.p borderLeftWidth="4px" borderColor="live" paddingLeft="3" data-last-note>
      <b>{t('nextTime.from')}:</b> {note}
    </chakra.p>
  ) : null
}

/** What was left open last time, and what helped before: read before the horse is touched. */
export function FromLastTime({ packet }: { packet: DevicePacket }) {
  const { t } = useText()
  // a packet of an earlier version does not say it
  const last = packet.lastTime as typeof packet.lastTime | undefined
  const open = packet.rungs.filter((r) => last?.open.includes(r.rung))
  if (!last || open.length + last.helps.length === 0) return null
  return (
    <Flex direction="column" gap="1">
      {open.length > 0 && <Quiet>{t('look.open')}</Quiet>}
      {open.map((step) => (
        <Flex key={step.rung} align="center" gap="2" wrap="wrap">
          <span>
            {step.name}, {wordIn(t, 'gait', step.gait)}
          </span>
          <StepCounts step={step} />
        </Flex>
      ))}
      {last.helps.map((h) => (
        <Quiet key={h.rung + h.exercise}>{wordIn(t, 'look.helped', h.basis, { ...h })}</Quiet>
      ))}
    </Flex>
  )
}

import { chakra, Flex } from '@chakra-ui/react'
import { CloudCheck, CloudOff, CloudUpload, TriangleAlert } from 'lucide-react'
import { useText } from '../text'
import { useAskAgain } from '../session'
import type { StoredEntry, Outbox } from '../store'
import { useSending } from './useSending'

interface OutboxLineProps {
  outbox: Outbox
  lesson: string
  /** The last touch could not be kept on this device. */
  isLost: boolean
  /** Said only where something is not sent. */
  isShort?: boolean
}

/** Whether all is sent, in one quiet line. Never a window over the pad. */
export function OutboxLine({ outbox, lesson, isLost, isShort = false }: OutboxLineProps) {
  const { t } = useText()
  const askAgain = useAskAgain()
  const { state, waiting, refused } = useSending(outbox, lesson)
  if (isLost) {
    return (
      <chakra.p role="alert" fontSize="sm" fontWeight="720" color="warn">
        {t('ride.outbox.lost')}
      </chakra.p>
    )
  }
  // never said to be sent before it is known
  if (waiting === undefined) return isShort ? null : <chakra.p fontSize="sm">&nbsp;</chakra.p>
  const isAllSent = waiting === 0 && state !== 'offline'
  if (isShort && isAllSent && refused.length === 0) return null
  const key = isAllSent ? 'resting' : state === 'resting' || state === 'sending' ? 'waiting' : state
  const Icon = isAllSent
    ? CloudCheck
    : key === 'waiting'
      ? CloudUpload
      : key === 'offline'
        ? CloudOff
        : TriangleAlert
  return (
    <Flex
      align="center"
      gap="2"
      fontSize="sm"
      color="quiet"
      role="status"
      data-waiting={waiting}
      data-outbox={key}
    >
      <Icon size={18} aria-hidden />
      {key === 'signed_out' ? (
        <chakra.button
          type="button"
          minHeight="touch"
          fontWeight="720"
          textDecoration="underline"
          cursor="pointer"
          onClick={askAgain}
        >
          {t('ride.outbox.signed_out', { count: waiting })}
        </chakra.button>
      ) : (
        <span>{t(`ride.outbox.${key}`, { count: waiting })}</span>
      )}
      {refused.length > 0 && (
        <>
          <chakra.b color="warn">{t('ride.outbox.refused', { count: refused.length })}</chakra.b>
          <chakra.a textDecoration="underline" href={fileOf(refused)} download={`refused-${lesson}.json`}>
            {t('ride.outbox.save')}
          </chakra.a>
        </>
      )}
    </Flex>
  )
}

function fileOf(entries: StoredEntry[]): string {
  return `data:application/json,${encodeURIComponent(JSON.stringify({ entries }))}`
}

import type { StoredPacket } from '../store'
import { useText } from '../text'
import { Quiet } from '../ui'

/** What the horse did before, from the record: it is asked for only where the record cannot know. */
export function WorkLine({ packet }: { packet: StoredPacket['packet'] }) {
  const { t } = useText()
  // a packet of an earlier version does not say it
  const work = packet.plan.work as typeof packet.plan.work | undefined
  if (!work) return null
  const said = [
    work.daysSince === null
      ? t('look.work.sinceNone')
      : t('look.work.since', { count: work.daysSince, minutes: work.minutesYesterday }),
    work.minutesToday > 0 && t('look.work.today', { minutes: work.minutesToday }),
    (work.weekLoad > 0 || work.weekLoadBefore > 0) &&
      t('look.work.week', { now: work.weekLoad, before: work.weekLoadBefore }),
  ]
  return <Quiet marginBottom="4">{said.filter(Boolean).join(' ')}</Quiet>
}

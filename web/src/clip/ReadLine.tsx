import type { SaidBack } from '../api'
import { useMe } from '../session'
import { dayShort, timeOfDay, useText } from '../text'
import { Quiet } from '../ui'

/** Who of the rider's side has read the page, and when last. */
export function ReadLine({ readings }: Pick<SaidBack, 'readings'>) {
  const { t } = useText()
  const { timeZone } = useMe()
  return (
    <Quiet data-readings>
      {readings.length === 0
        ? t('words.unread')
        : readings
            .map(({ name, at }) =>
              t('words.readBy', { name, day: dayShort(at, timeZone), time: timeOfDay(at, timeZone) }),
            )
            .join(' ')}
    </Quiet>
  )
}

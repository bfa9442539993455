import { useMe } from '../session'
import { dayShort, timeOfDay, useText } from '../text'
import { Quiet } from '../ui'
import type { Words } from './useWords'

/** Who of the rider's side has read the page, and when last. */
export function ReadLine({ words }: { words: Words | undefined }) {
  const { t } = useText()
  const { timeZone } = useMe()
  if (!words) return null
  const { readings } = words.said
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
